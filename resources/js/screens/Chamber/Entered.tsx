import type { Job } from '../../app/api'
import { withUnit } from '../../app/format'
import { useKept } from '../../app/kept'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { HowTaken } from '../../drawings/HowTaken'

/** The fields of a reading that is typed here, by the form its place is read in. */
const FIELDS: Record<string, [string, string, string][]> = {
    direct: [['', 'reading', 'mm']],
    burette: [
        ['first', 'first try', 'cc'],
        ['second', 'second try', 'cc'],
    ],
    'dome in bore': [
        ['filled', 'filled', 'cc'],
        ['down', 'edge down', 'mm'],
    ],
}

/** One place that is read beside the drawing it changes: typed and entered here, with the tool it is usually read with. */
export function Entered({ job, spot: id }: { job: Job; spot: string }) {
    const spot = job.measuring.spots.find((each) => each.id === id)
    const [typed, setTyped] = useKept<Record<string, string>>(`entered:${job.number}:${id}`, {})
    const waiting = useWaiting(job.number)
    const fields = spot && FIELDS[spot.form]
    if (!spot || !fields) {
        return null
    }
    const [first] = fields
    const mine = waiting.filter((entry) => (entry.payload as { spot?: string }).spot === id)
    const refused = mine.find((entry) => entry.refusal !== null)?.refusal
    const tool = job.measuring.tools.find((each) => each.kind === spot.instrument)?.id
    const enter = () => {
        const whole = Object.fromEntries(
            fields
                .filter(([key]) => (typed[key] ?? '').trim() !== '')
                .map(([key, , unit]) => [key, withUnit(typed[key] ?? '', unit)]),
        )
        const reading = first?.[0] === '' ? (whole[''] ?? '') : whole
        const payload = { spot: id, reading, ...(tool ? { tool } : {}) }
        void outbox.add(job.number, 'reading_taken', payload, `${spot.name}: ${Object.values(whole).join(', ')}`)
        setTyped({})
    }
    return (
        <form
            className="border-t border-line py-1.5"
            onSubmit={(event) => {
                event.preventDefault()
                if ((typed[first?.[0] ?? ''] ?? '').trim() !== '') {
                    enter()
                }
            }}
        >
            <div className="grid items-center gap-x-3 gap-y-1 sm:grid-cols-[minmax(0,1fr)_auto]">
                <div className="flex min-w-0 items-center gap-3">
                    <HowTaken sketch={spot.sketch} width={56} />
                    <div className="min-w-0">
                        <p className="leading-tight font-bold">{spot.label}</p>
                        <p className="text-sm leading-tight text-quiet">{spot.hint}</p>
                    </div>
                </div>
                <div className="flex items-end justify-end gap-2">
                    <p className="min-w-16 text-right leading-tight">
                        <b className="text-xl">{spot.reading?.shown ?? '–'}</b>
                        <span className="block text-sm text-quiet">
                            {mine.length > 0
                                ? 'sending'
                                : spot.reading
                                  ? fields.length > 1
                                      ? spot.reading.text
                                      : ''
                                  : spot.stale
                                    ? `read again, ${spot.stale}`
                                    : 'not measured'}
                        </span>
                    </p>
                    {fields.map(([key, name, unit]) => (
                        <label key={key} className="block">
                            <span className="block text-xs whitespace-nowrap text-quiet">
                                {name}, {unit}
                            </span>
                            <input
                                className="input h-12 w-20 px-2 text-lg font-bold"
                                inputMode="decimal"
                                autoComplete="off"
                                aria-label={`${spot.name}, ${name}`}
                                value={typed[key] ?? ''}
                                onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
                            />
                        </label>
                    ))}
                    <button type="submit" className="btn h-12 px-4">
                        Enter
                    </button>
                </div>
            </div>
            {refused && (
                <p role="alert" className="mt-1 font-bold">
                    {refused.message} Accepted: {refused.allowed}.
                </p>
            )}
        </form>
    )
}
