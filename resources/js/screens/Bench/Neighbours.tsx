import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'

/** Neighbouring work that belongs to the same job: one touch puts its steps where the hands come to them. */
export function Neighbours({ job, works, onDone }: { job: Job; works: Schemas['Neighbour'][]; onDone: () => void }) {
    if (works.length === 0) {
        return null
    }
    const put = (work: Schemas['Neighbour']) => {
        for (const step of work.steps) {
            void outbox.add(job.number, 'step_added', { ...step }, `Step added: ${step.name}`)
        }
        onDone()
    }
    return (
        <fieldset>
            <legend className="font-bold">Neighbouring work</legend>
            <p className="text-sm text-quiet">
                Off first, on last, each with what is looked at before it closes. Torques are the engine maker’s.
            </p>
            <div className="mt-1 flex flex-wrap gap-2">
                {works.map((work) => (
                    <button
                        key={work.name}
                        type="button"
                        disabled={work.isIn}
                        className="h-12 rounded-field border-2 border-line px-3 font-bold disabled:border-dashed disabled:font-normal disabled:text-quiet"
                        onClick={() => put(work)}
                    >
                        {work.name.charAt(0).toUpperCase() + work.name.slice(1)}
                        {work.isIn && ', in the order'}
                    </button>
                ))}
            </div>
        </fieldset>
    )
}
