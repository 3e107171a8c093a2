import { memo, useState } from 'react'
import { Link } from 'react-router'
import type { Job, Step } from '../../app/api'
import { STEP, stepDone } from '../../app/done'
import { clock } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { MirroredDrawing } from '../../drawings/MirroredDrawing'
import { ReasonForm } from '../../parts/ReasonForm'
import { AddStep } from './AddStep'
import { Hold } from './Hold'
import { KeepOnSheet } from './KeepOnSheet'
import { LiftButton } from './LiftButton'

/** The steps of a slab in the order of the work: what can be done now is large, what is done is folded away. */
export const StepList = memo(function StepList({ job, slab }: { job: Job; slab: string }) {
    const [whole, setWhole] = useState(false)
    const [choosing, setChoosing] = useState(false)
    const waiting = useWaiting(job.number)
    const ticked = new Set(
        waiting
            .filter((entry) => entry.kind === STEP && entry.refusal === null)
            .map((entry) => (entry.payload as { step: string }).step),
    )
    const steps = job.planning.steps.filter((step) => step.slab === slab)
    const isDone = (step: Step) => step.state === 'done' || ticked.has(step.id)
    const done = steps.filter(isDone)
    const shown = whole ? steps : steps.filter((step) => !isDone(step) || done.slice(-2).includes(step))
    return (
        <section aria-label="Order of work" className="mt-5 border-t-2 border-base-content pt-2">
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="flex-1 text-lg font-bold">Order of work here</h2>
                <AddStep job={job} slab={slab} />
                {done.length < steps.length && (
                    <button
                        type="button"
                        aria-pressed={choosing}
                        className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                        onClick={() => setChoosing(!choosing)}
                    >
                        {choosing ? 'every step applies' : 'a step does not apply'}
                    </button>
                )}
                {done.length > 2 && (
                    <button
                        type="button"
                        className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                        onClick={() => setWhole(!whole)}
                    >
                        {whole ? 'fold what is done' : `${done.length - 2} more done`}
                    </button>
                )}
            </div>
            <ol>
                {shown.map((step) => (
                    <StepRow key={step.id} job={job} step={step} ticked={ticked} choosing={choosing} />
                ))}
            </ol>
        </section>
    )
})

function StepRow({ job, step, ticked, choosing }: { job: Job; step: Step; ticked: Set<string>; choosing: boolean }) {
    const done = step.state === 'done' || ticked.has(step.id)
    const open = step.needs.filter((need) => !ticked.has(need))
    const ready = !done && (step.canBeDone || (step.needs.length > 0 && open.length === 0))
    const first = job.planning.steps.find((other) => other.id === open[0])
    if (step.kind === 'hold' && !done && open.length === 0) {
        if (job.planning.next.id === step.id) {
            return (
                <li className="border-b border-line py-2 font-bold">
                    {step.name} <span className="text-sm font-normal text-quiet">next, to be answered above</span>
                </li>
            )
        }
        return (
            <li className="border-b border-line py-2">
                <Hold job={job} step={step} />
            </li>
        )
    }
    return (
        <li className="grid min-h-13 grid-cols-[3.25rem_1fr_auto] items-center gap-2 border-b border-line py-1">
            {step.kind === 'torque' && ready ? (
                <Link
                    to={`/jobs/${job.number}/torque/${step.id}`}
                    aria-label={`Pull: ${step.name}`}
                    className="grid size-12 place-items-center rounded-field"
                >
                    <Tick done={done} ready={ready} isVoid={step.state === 'void'} />
                </Link>
            ) : (
                <button
                    type="button"
                    disabled={!ready}
                    aria-label={done ? `${step.name}, done` : `Tick: ${step.name}`}
                    onClick={() => tick(job, step)}
                    className="grid size-12 place-items-center rounded-field disabled:cursor-default"
                >
                    <Tick done={done} ready={ready} isVoid={step.state === 'void'} />
                </button>
            )}
            <div className={done || ready ? '' : 'text-quiet'}>
                <p className={`leading-tight ${ready ? 'font-bold' : ''}`}>{step.name}</p>
                <p className="text-sm leading-tight text-quiet">{words(job, step, done, ready, first)}</p>
                {ready && <Details step={step} />}
                {step.kind === 'torque' && (ready || done) && (
                    <Link
                        className="inline-flex min-h-11 items-center text-sm underline decoration-1 underline-offset-3"
                        to={`/jobs/${job.number}/torque/${step.id}`}
                    >
                        Torque map
                    </Link>
                )}
                {step.crown !== null && (ready || done) && (
                    <Link
                        className="inline-flex min-h-11 items-center text-sm underline decoration-1 underline-offset-3"
                        to={`/jobs/${job.number}/thickness/${step.crown}`}
                    >
                        Stack of thicknesses
                    </Link>
                )}
                {step.bench !== null && (ready || done) && (
                    <Link
                        className="inline-flex min-h-11 items-center text-sm underline decoration-1 underline-offset-3"
                        to={`/jobs/${job.number}/${step.bench}`}
                    >
                        {benchName(step.bench)}
                    </Link>
                )}
                {ready && step.forNow !== null && <ForNow job={job} slab={step.forNow} />}
                {step.isOwn && <KeepOnSheet job={job} step={step} />}
                {choosing && step.kind !== 'hold' && <SetAside job={job} step={step} done={done} />}
            </div>
            <span className="text-sm text-quiet">{!done && step.minutes > 0 ? `${step.minutes} min` : ''}</span>
        </li>
    )
}

/** What the bench is called on which a step is done. */
export const benchName = (bench: string) =>
    ({ timing: 'Timing bench', valves: 'Valve bench' })[bench.split('/')[0] ?? ''] ?? 'Closing bench'

/** A head goes on for now, without its new joint, to read what lies under it; and off again. */
function ForNow({ job, slab: id }: { job: Job; slab: string }) {
    const slab = job.stack.slabs.find((each) => each.id === id)
    if (slab?.state === 'provisional') {
        return (
            <LiftButton
                job={job}
                slab={slab}
                className="ml-4 min-h-11 text-sm underline decoration-1 underline-offset-3"
            >
                {slab.name} off again
            </LiftButton>
        )
    }
    return slab?.state === 'off' ? (
        <button
            type="button"
            className="ml-4 min-h-11 text-sm underline decoration-1 underline-offset-3"
            onClick={() =>
                void outbox.add(
                    job.number,
                    'slab_provisional',
                    { slab: id, reason: 'to read the squish' },
                    `${slab.name} on for now: to read the squish`,
                )
            }
        >
            {slab.name} on for now
        </button>
    ) : null
}

/** A step is done; what it leaves snug is owed from then on. */
export function tick(job: Job, step: Step) {
    stepDone(job.number, step)
    if (step.owes) {
        void outbox.add(job.number, 'debt_owed', { ...step.owes }, `Owed: ${step.owes.what}`)
    }
}

/** A step does not apply here, for a reason that stands on the record; or it does after all. */
function SetAside({ job, step, done }: { job: Job; step: Step; done: boolean }) {
    if (done && step.aside === null) {
        return null
    }
    const say = (reason: string, id: string) =>
        void outbox.add(
            job.number,
            'step_set_aside',
            { step: step.id, reason, ...(step.aside === null ? {} : { taken_up: true }) },
            `${step.aside === null ? 'Does not apply' : 'Applies after all'}: ${step.name}`,
            { id },
        )
    return (
        <ReasonForm
            keep={`aside:${job.number}:${step.id}`}
            label={`${step.name}: why it ${step.aside === null ? 'does not apply' : 'applies after all'}`}
            hint={step.aside === null ? 'does not apply, because …' : 'applies after all, because …'}
            confirm={step.aside === null ? 'Put aside' : 'Take up'}
            onReason={say}
            eager={false}
        />
    )
}

function words(job: Job, step: Step, done: boolean, ready: boolean, first: Step | undefined): string {
    if (step.aside !== null) {
        return `does not apply, because ${step.aside} (${step.doneBy})`
    }
    if (step.doneBy && step.doneAt && done) {
        return `${step.doneBy}, ${clock(step.doneAt, job.zone)}`
    }
    if (done) {
        return step.spots.length > 0 ? 'all read' : 'waiting to be sent'
    }
    if (step.voidBecause) {
        return `again, ${step.voidBecause}`
    }
    if (ready) {
        return step.why
    }
    if (first) {
        return `after: ${first.name}${step.access ? `. ${step.access}` : ''}`
    }
    return step.blockedBy.map((blockage) => blockage.why).join(' ')
}

/** How, with what, and what may hurt. */
export function Details({ step }: { step: Step }) {
    const lines = [
        step.how,
        step.uses && `With ${step.uses}.`,
        step.tools.length > 0 && `Tools: ${step.tools.join(', ')}.`,
        step.takes.length > 0 && `Takes: ${step.takes.join(', ').toLowerCase()}.`,
        step.secondPerson && 'Two people.',
    ].filter((line) => line)
    return (
        <>
            {step.isMirrored && <MirroredDrawing />}
            {step.inTurn.length > 0 && (
                <ol className="my-1 list-decimal space-y-0.5 pl-6 leading-snug">
                    {step.inTurn.map((act) => (
                        <li key={act}>{act}</li>
                    ))}
                </ol>
            )}
            {lines.length > 0 && <p className="text-sm leading-tight">{lines.join(' ')}</p>}
            {step.caution && <p className="text-sm leading-tight font-bold">⚠ {step.caution}</p>}
        </>
    )
}

function Tick({ done, ready, isVoid }: { done: boolean; ready: boolean; isVoid: boolean }) {
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
                strokeDasharray={isVoid ? '5 3' : undefined}
            />
            {done && <path d="M9 16.5l5 5L23 11" className="fill-none stroke-base-100" strokeWidth="4" />}
            {isVoid && <path d="M9 16.5l5 5L23 11M7 23L25 9" className="fill-none stroke-quiet" strokeWidth="2" />}
        </svg>
    )
}
