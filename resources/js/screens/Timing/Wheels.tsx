import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useTypedUnit } from '../../app/units'
import { useEntering } from '../../app/useEntering'
import type { Timing } from '../../app/useTiming'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

/** Chain wheels in one plane by straight-edge and leaf, gears by their play, and the shims that bring them inside. */
export function Wheels({ job, timing }: { job: Job; timing: Timing }) {
    return timing.wheels.map((fit) => <Fit key={fit.spot} job={job} fit={fit} />)
}

const LABELS = {
    reading: 'read',
    passes: 'leaf that passes',
    refuses: 'leaf that does not',
}

const BLANK = { reading: '', passes: '', refuses: '' }

function Fit({ job, fit }: { job: Job; fit: Schemas['WheelFit'] }) {
    const spot = job.measuring.spots.find((each) => each.id === fit.spot)
    const unit = useTypedUnit('length')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `wheel:${fit.spot}`, BLANK)
    const parts = spot?.form === 'leaves' ? (['passes', 'refuses'] as const) : (['reading'] as const)
    const tool = job.measuring.tools.find((each) => each.kind === spot?.instrument)?.id
    const filled = parts.filter((part) => typed[part].trim() !== '')
    const send = () => {
        const said = Object.fromEntries(filled.map((part) => [part, withUnit(typed[part], unit)]))
        const reading = parts.length === 1 ? (said.reading ?? '') : said
        void enter('reading_taken', { spot: fit.spot, reading, ...(tool ? { tool } : {}) }, fit.name)
    }
    return (
        <form
            aria-label={fit.name}
            className="mt-3 border-t-2 border-base-content pt-1"
            onSubmit={(event) => {
                event.preventDefault()
                if (filled.length > 0 && !isSending) {
                    send()
                }
            }}
        >
            <h2 className="font-bold">{fit.name}</h2>
            <p className="text-sm leading-snug text-quiet">
                {fit.hint.charAt(0).toUpperCase() + fit.hint.slice(1)}.
                {fit.limit ? ` Limit ${fit.limit}.` : ' The sheet states no limit.'}
            </p>
            {fit.state && (
                <div aria-live="polite">
                    <p className="mt-1 flex items-center gap-2">
                        <VerdictMark state={fit.state} size={20} />
                        <b className="text-xl">{fit.read}</b> {fit.words}
                    </p>
                    {fit.state !== 'within' && fit.action && <p className="leading-snug">{fit.action}</p>}
                    {fit.state !== 'within' && fit.shims.length > 0 && (
                        <p className="leading-snug font-bold">
                            Shim {fit.where}: {fit.shims.slice(0, 3).join('; ')}
                        </p>
                    )}
                    {fit.state !== 'within' && fit.shims.length === 0 && fit.wanted && (
                        <p className="leading-snug font-bold">
                            {fit.wanted} would meet it{fit.nearly[0] ? `; nearest: ${fit.nearly[0]}` : ''}.
                        </p>
                    )}
                </div>
            )}
            <div className="mt-1 flex items-end gap-2">
                {parts.map((part) => (
                    <Field
                        key={part}
                        label={`${LABELS[part]}, ${unit}`}
                        value={typed[part]}
                        onChange={(figure) => setTyped({ ...typed, [part]: figure })}
                    />
                ))}
                <button type="submit" className="btn h-12 px-4" disabled={isSending}>
                    Enter
                </button>
            </div>
            <Refused refusal={refusal} />
        </form>
    )
}
