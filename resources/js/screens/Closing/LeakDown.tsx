import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useTypedUnit } from '../../app/units'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { SUPPLY } from '../../app/words'
import { LossBar } from '../../drawings/LossBar'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { StrikeOut } from '../../parts/StrikeOut'

/** Every cylinder under air at its top: what it holds, and where the rest is heard. */
export function LeakDown({ job, closing }: { job: Job; closing: Closing }) {
    return (
        <section aria-label="Leak-down">
            <h2 className="text-lg font-bold">Leak-down</h2>
            <p className="max-w-[52rem] leading-snug text-quiet">
                Each piston at its top on compression and the crank held there: air turns it otherwise. Supply by a
                regulator. {closing.leakDownLimit ? `Lost ${closing.leakDownLimit}.` : 'The sheet states no limit.'}
            </p>
            {closing.leakDownStep?.held && <p className="text-sm text-quiet">{closing.leakDownStep.held}</p>}
            <ol className="mt-2 border-t-2 border-base-content">
                {closing.leakDown.map((read) => (
                    <OfCylinder key={read.cylinder} job={job} read={read} closing={closing} />
                ))}
            </ol>
        </section>
    )
}

/** Of the supply nothing is typed until somebody changes what is usual. */
const BLANK = { supply: null as string | null, held: '', hisses: [] as Schemas['Hiss']['where'][] }

function OfCylinder({ job, read, closing }: { job: Job; read: Schemas['LeakDown']; closing: Closing }) {
    const unit = useTypedUnit('pressure')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `leak-down:${read.cylinder}`,
        BLANK,
        'closing',
    )
    const supply = typed.supply ?? SUPPLY.find(([of]) => of === unit)?.[1] ?? ''
    const toggle = (where: Schemas['Hiss']['where']) =>
        setTyped({
            ...typed,
            hisses: typed.hisses.includes(where)
                ? typed.hisses.filter((each) => each !== where)
                : [...typed.hisses, where],
        })
    return (
        <li className="border-b border-line py-2">
            <form
                aria-label={`Leak-down, ${read.name}`}
                onSubmit={(event) => {
                    event.preventDefault()
                    if (typed.held.trim() !== '' && !isSending) {
                        void enter(
                            'leak_down_read',
                            {
                                cylinder: read.cylinder,
                                supply: withUnit(supply, unit),
                                held: withUnit(typed.held, unit),
                                hisses: typed.hisses,
                            },
                            `Leak-down ${read.name}: ${withUnit(typed.held, unit)} of ${withUnit(supply, unit)}`,
                        )
                    }
                }}
            >
                <div className="flex flex-wrap items-end gap-3">
                    <h3 className="min-w-36 flex-1 text-lg font-bold first-letter:uppercase">{read.name}</h3>
                    <Field
                        label={`supplied, ${unit}`}
                        className="w-28"
                        value={supply}
                        onChange={(typedSupply) => setTyped({ ...typed, supply: typedSupply })}
                    />
                    <Field
                        label={`held, ${unit}`}
                        className="w-28"
                        value={typed.held}
                        onChange={(held) => setTyped({ ...typed, held })}
                    />
                    <button type="submit" className="btn h-12 px-4" disabled={isSending}>
                        Enter
                    </button>
                </div>
                <fieldset aria-label="Heard at" className="mt-1.5 flex flex-wrap items-center gap-1.5">
                    <span className="text-sm text-quiet">heard at</span>
                    {closing.hisses.map((hiss) => (
                        <button
                            key={hiss.where}
                            type="button"
                            aria-pressed={typed.hisses.includes(hiss.where)}
                            className={`h-12 rounded-field border-2 px-3 ${typed.hisses.includes(hiss.where) ? 'border-base-content bg-base-content text-base-100' : 'border-line'}`}
                            onClick={() => toggle(hiss.where)}
                        >
                            {hiss.where}
                        </button>
                    ))}
                </fieldset>
                <Refused refusal={refusal} />
            </form>
            {read.lost !== null && (
                <div aria-live="polite" className="mt-1">
                    <LossBar lost={read.lost} label={`${read.name} loses ${Math.round(read.lost * 100)} %`} />
                    <p className="flex flex-wrap items-center gap-x-2">
                        <VerdictMark state={read.state} size={20} />
                        <b className="text-xl">{Math.round(read.lost * 100)} % lost</b> {read.words}
                        {read.entry && (
                            <StrikeOut job={job.number} entry={read.entry} what={`leak-down of ${read.name}`} />
                        )}
                    </p>
                    {read.means.map((means) => (
                        <p key={means} className="leading-snug">
                            {means}
                        </p>
                    ))}
                </div>
            )}
        </li>
    )
}
