import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useTypedUnit } from '../../app/units'
import { useEntering } from '../../app/useEntering'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

const BLANK = { slack: '' }

/** The decompressor before the clearance that it would falsify. */
export function Decompressor({ job, decompressor }: { job: Job; decompressor: Schemas['Decompressor'] }) {
    const unit = useTypedUnit('length')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, 'decompressor', BLANK, 'valves')
    const isNow = decompressor.step?.ready === true
    return (
        <form
            aria-label="Decompressor"
            className={`mb-3 flex flex-wrap items-end gap-3 border-2 p-3 ${isNow ? 'border-primary' : 'border-line'}`}
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.slack.trim() !== '' && !isSending) {
                    void enter(
                        'decompressor_set',
                        { slack: withUnit(typed.slack, unit) },
                        `Decompressor slack ${typed.slack}`,
                    )
                }
            }}
        >
            <p className="min-w-60 flex-1 leading-snug">
                <b className="text-lg">Decompressor first</b>
                {decompressor.limit && <span className="text-quiet"> · slack {decompressor.limit}</span>}
                <span className="block">
                    Let back until its lever moves freely; one that still lifts the valve makes its clearance read
                    wrong.
                </span>
                {decompressor.slack && (
                    <span className="mt-1 flex items-center gap-2">
                        <VerdictMark state={decompressor.inside ? 'within' : 'out'} size={20} />
                        <b className="text-lg">{decompressor.slack}</b>
                        {decompressor.inside ? 'Free' : 'Outside its slack: set and read again'}
                    </span>
                )}
                {decompressor.step?.held && <span className="block text-sm text-quiet">{decompressor.step.held}</span>}
            </p>
            <Field
                label={`slack, ${unit}`}
                className="w-28"
                value={typed.slack}
                onChange={(slack) => setTyped({ slack })}
            />
            <button type="submit" className={`btn h-12 px-4 ${isNow ? 'btn-primary' : ''}`} disabled={isSending}>
                Enter
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}
