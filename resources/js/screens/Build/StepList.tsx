import type { Job, Step } from '../../app/api'
import { clock } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'

/** The steps of a slab in their order; what is ready can be ticked, what is not says what comes first. */
export function StepList({ job, slab }: { job: Job; slab: string }) {
    const steps = job.steps.filter((step) => step.slab === slab)
    const waiting = useWaiting(job.number)
    const ticked = new Set(
        waiting
            .filter((entry) => entry.kind === 'step_done' && entry.refusal === null)
            .map((entry) => (entry.payload as { step: string }).step),
    )
    if (steps.length === 0) {
        return null
    }
    return (
        <section aria-label="Fitting" className="mt-4 border-t-2 border-base-content pt-3">
            <h2 className="text-lg font-bold">Fitting, in order</h2>
            <ol className="mt-1">
                {steps.map((step) => (
                    <StepRow key={step.id} job={job} step={step} ticked={ticked} />
                ))}
            </ol>
        </section>
    )
}

function StepRow({ job, step, ticked }: { job: Job; step: Step; ticked: Set<string> }) {
    const done = step.state === 'done' || ticked.has(step.id)
    const open = step.needs.filter((need) => !ticked.has(need))
    const ready = !done && (step.state === 'ready' || (step.needs.length > 0 && open.length === 0 && !step.waitsFor))
    const first = job.steps.find((other) => other.id === open[0])
    return (
        <li className="grid min-h-13 grid-cols-[3.25rem_1fr] items-center gap-2 border-b border-line py-1">
            <button
                type="button"
                disabled={!ready}
                aria-label={done ? `${step.name}, done` : `Tick: ${step.name}`}
                onClick={() => void outbox.add(job.number, 'step_done', { step: step.id }, step.name)}
                className="grid size-12 place-items-center rounded-field disabled:cursor-default"
            >
                <Tick done={done} ready={ready} />
            </button>
            <div className={done || ready ? '' : 'text-quiet'}>
                <p className={`leading-tight ${ready ? 'font-bold' : ''}`}>{step.name}</p>
                <p className="text-sm leading-tight text-quiet">
                    {step.doneBy && step.doneAt
                        ? `${step.doneBy}, ${clock(step.doneAt, job.zone)}`
                        : done
                          ? 'waiting to be sent'
                          : ready
                            ? step.why
                            : step.waitsFor
                              ? `waits for ${step.waitsFor.toLowerCase()}`
                              : first
                                ? `after: ${first.name}`
                                : 'when the barrel is off'}
                </p>
                {ready && step.caution && <p className="text-sm leading-tight font-bold">⚠ {step.caution}</p>}
            </div>
        </li>
    )
}

function Tick({ done, ready }: { done: boolean; ready: boolean }) {
    return (
        <svg viewBox="0 0 32 32" className="size-9" aria-hidden="true">
            <rect
                x="3"
                y="3"
                width="26"
                height="26"
                rx="4"
                className={
                    done ? 'fill-base-content' : ready ? 'fill-base-100 stroke-primary' : 'fill-base-200 stroke-line'
                }
                strokeWidth={ready ? 4 : 2}
            />
            {done && <path d="M9 16.5l5 5L23 11" className="fill-none stroke-base-100" strokeWidth="4" />}
        </svg>
    )
}
