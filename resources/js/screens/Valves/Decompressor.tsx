import type { Job, Schemas } from '../../app/api'
import { VerdictMark } from '../../drawings/VerdictMark'
import { EntryForm } from '../../parts/EntryForm'

/** The decompressor before the clearance that it would falsify. */
export function Decompressor({ job, decompressor }: { job: Job; decompressor: Schemas['Decompressor'] }) {
    const isNow = decompressor.step?.ready === true
    return (
        <EntryForm
            job={job.number}
            kind="decompressor_set"
            keep="decompressor"
            bench="valves"
            name="Decompressor"
            className={`mb-3 flex flex-wrap items-end gap-3 border-2 p-3 ${isNow ? 'border-primary' : 'border-line'}`}
            said={{}}
            fields={{ slack: 'slack' }}
            words={({ slack }) => `Decompressor slack ${slack}`}
            button="Enter"
            isNext={isNow}
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
        </EntryForm>
    )
}
