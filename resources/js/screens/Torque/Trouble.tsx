import { useState } from 'react'
import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
import { Figure } from '../../parts/Figure'
import { ReasonForm } from '../../parts/ReasonForm'
import type { Joint, Pass, Run } from './run'

interface Props {
    job: Job
    joint: Joint
    run: Run
    pass: Pass
    bolt: string
    stage: number
    onPulled: (said: Record<string, unknown>) => void
    onClose: () => void
}

const BUTTON = 'h-12 rounded-field border-2 border-base-content px-4 font-bold'

/** What else can be said of the bolt that is due. */
export function Trouble({ job, joint, run, pass, bolt, stage, onPulled, onClose }: Props) {
    const [asks, setAsks] = useState<'skip' | 'replace' | 'give-up' | 'angle' | 'figure' | null>(null)
    const [figure, setFigure] = useState('')
    const key = `torque:${job.number}:${joint.step}:${bolt}`
    const say = (said: Record<string, unknown>) => {
        onPulled(said)
        onClose()
    }
    const typed = Number(figure.replace(',', '.'))
    return (
        <section aria-label={`Something else with ${bolt}`} className="border-2 border-base-content bg-base-100 p-3">
            <div className="flex flex-wrap gap-2">
                <button type="button" className={BUTTON} onClick={() => say({ over: true })}>
                    It went over
                </button>
                {pass.kind === 'check' && (
                    <button type="button" className={BUTTON} onClick={() => say({ moved: true })}>
                        It moved
                    </button>
                )}
                <button
                    type="button"
                    className={BUTTON}
                    onClick={() => setAsks(pass.kind === 'angle' ? 'angle' : 'figure')}
                >
                    {pass.kind === 'angle' ? 'Stopped half-way' : 'The wrench says a figure'}
                </button>
                <button type="button" className={BUTTON} onClick={() => say({ felt: true })}>
                    By feel
                </button>
                <button type="button" className={BUTTON} onClick={() => setAsks('skip')}>
                    Cannot be pulled now
                </button>
                <button type="button" className={BUTTON} onClick={() => setAsks('replace')}>
                    Replaced it
                </button>
                <button type="button" className={BUTTON} onClick={() => setAsks('give-up')}>
                    Give up this run
                </button>
                <button type="button" className="btn h-12" onClick={onClose}>
                    Back
                </button>
            </div>
            {(asks === 'angle' || asks === 'figure') && (
                <form
                    className="mt-2 flex items-end gap-2"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (typed > 0) {
                            say(asks === 'angle' ? { angle: `${typed} deg` } : { torque: `${typed} N·m` })
                        }
                    }}
                >
                    <Figure
                        label={asks === 'angle' ? 'Turned so far, in degrees' : 'The figure it says'}
                        unit={asks === 'angle' ? '°' : 'N·m'}
                        value={figure}
                        onChange={setFigure}
                    />
                    <button type="submit" className="btn btn-neutral h-12" disabled={!(typed > 0)}>
                        Enter
                    </button>
                </form>
            )}
            {asks === 'skip' && (
                <ReasonForm
                    keep={`${key}:skip`}
                    label={`Why ${bolt} cannot be pulled now`}
                    hint="why, and what releases it"
                    confirm="Leave it owed"
                    onReason={(reason, id) => {
                        const said = { run: run.id, bolt, reason }
                        void outbox.add(job.number, 'bolt_skipped', said, `${bolt} passed by: ${reason}`, { id })
                        onClose()
                    }}
                />
            )}
            {asks === 'replace' && (
                <ReasonForm
                    keep={`${key}:replace`}
                    label={`Why ${bolt} was replaced`}
                    hint="stretched, stripped, lost"
                    confirm="Replaced"
                    onReason={(reason, id) => {
                        const said = { run: run.id, bolt, reason }
                        void outbox.add(job.number, 'bolt_replaced', said, `${bolt} replaced: ${reason}`, { id })
                        onClose()
                    }}
                />
            )}
            {asks === 'give-up' && (
                <ReasonForm
                    keep={`${key}:give-up`}
                    label="Why this run is given up"
                    hint="why; everything is pulled anew after it"
                    confirm="Give up"
                    onReason={(reason, id) => {
                        void outbox.add(
                            job.number,
                            'run_abandoned',
                            { run: run.id, reason },
                            `Run given up: ${reason}`,
                            { id },
                        )
                        onClose()
                    }}
                />
            )}
            <p className="mt-1 text-sm text-quiet">
                Stage {stage}, {bolt}. What is entered stands on the slip and can be struck out there.
            </p>
        </section>
    )
}

/** A pull past its limit asks for its consequence before anything else. */
export function Over({ job, joint, run }: { job: Job; joint: Joint; run: Run }) {
    const [accepting, setAccepting] = useState(false)
    const over = run.over
    const pass = joint.passes[(over?.stage ?? 1) - 1]
    if (!over || !pass) {
        return null
    }
    const slacken = () =>
        void outbox.add(
            job.number,
            'stage_restarted',
            { run: run.id, stage: run.restartsAt, reason: `${over.bolt} went past its limit; slackened` },
            `Slackened, stage ${run.restartsAt} again`,
        )
    const replace = () =>
        void outbox.add(
            job.number,
            'bolt_replaced',
            { run: run.id, bolt: over.bolt, reason: 'drawn past its limit' },
            `${over.bolt} replaced`,
        )
    const first = pass.over.startsWith('replace')
    const main = 'h-14 rounded-field bg-base-content px-5 text-lg font-bold text-base-100'
    return (
        <section role="alert" className="border-4 border-error bg-base-100 p-4">
            <p className="text-2xl leading-tight font-bold">▲ {over.bolt} went past its limit</p>
            <p className="mb-3 text-lg">
                {pass.source}: {pass.over}.
            </p>
            <div className="flex flex-wrap gap-2">
                <button type="button" className={first ? BUTTON : main} onClick={slacken}>
                    All slackened: stage {run.restartsAt} again
                </button>
                <button type="button" className={first ? main : BUTTON} onClick={replace}>
                    {over.bolt} replaced
                </button>
                <button type="button" className={BUTTON} onClick={() => setAccepting(!accepting)}>
                    Accept it
                </button>
            </div>
            {accepting && (
                <ReasonForm
                    keep={`torque:${job.number}:${joint.step}:accept`}
                    label={`Why ${over.bolt} is accepted`}
                    hint="accepted, because …"
                    confirm="Accept"
                    onReason={(reason, id) =>
                        void outbox.add(
                            job.number,
                            'over_accepted',
                            { run: run.id, bolt: over.bolt, reason },
                            `${over.bolt} accepted: ${reason}`,
                            { id },
                        )
                    }
                />
            )}
        </section>
    )
}
