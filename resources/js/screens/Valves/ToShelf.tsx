import type { Job, Schemas } from '../../app/api'
import { useEntering } from '../../app/useEntering'
import { Refused } from '../../parts/Refused'

/** The shims that nobody got are counted onto the shelf: an entry of the plan, once, whichever tablet says it. */
export function ToShelf({ job, shims }: { job: Job; shims: Schemas['Shims'] }) {
    const { enter, isSending, refusal } = useEntering(job.number, 'shims-shelved', null, 'valves')
    if (shims.shelvedBy !== null) {
        return <span className="block text-sm text-quiet">on the shelf, counted by {shims.shelvedBy}</span>
    }
    if (shims.leftOver.length === 0) {
        return null
    }
    const entry = { plan: shims.decided ?? '', sizes: shims.leftOver }
    return (
        <>
            <button
                type="button"
                className="btn no-print mt-1 block h-12 px-4"
                disabled={isSending}
                onClick={() =>
                    void enter('shims_shelved', entry, `Left-over shims onto the shelf: ${shims.leftOver.join(', ')}`)
                }
            >
                Onto the shelf
            </button>
            <Refused refusal={refusal} />
        </>
    )
}
