import { useState } from 'react'
import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useThought } from '../../app/units'
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

/** Too far: past what the bolt is asked about, by its figure where there is one. */
function pastOf({ kind, final, most }: Pass, thought: (figure: string) => string): string {
    const limit = final ?? most
    return kind === 'angle'
        ? 'Past its angle'
        : limit === null
          ? 'It went too far'
          : `Past ${thought(`${limit.toFixed(1)} N·m`)}`
}

/** What else can be said of the bolt that is due. */
export function Trouble({ job, joint, run, pass, bolt, stage, onPulled, onClose }: Props) {
    const [asks, setAsks] = useState<'skip' | 'replace' | 'give-up' | 'angle' | 'figure' | null>(null)
    const [figure, setFigure] = useState('')
    const key = `torque:${job.number}:${joint.step}:${bolt}`
    const say = (said: Record<string, unknown>) => {
        onPulled(said)
        onClose()
    }
    const thought = useThought()
    const typed = Number(figure.replace(',', '.'))
    return (
        <section aria-label={`Something else with ${bolt}`} className="border-2 border-base-content bg-base-100 p-3">
            <div className="flex flex-wrap gap-2">
                {pass.final !== null && (
                    <button type="button" className={BUTTON} onClick={() => say({ past: true })}>
                        Past this stage, not past {thought(`${pass.final.toFixed(1)} N·m`)}
                    </button>
                )}
                <button type="button" className={BUTTON} onClick={() => say({ over: true })}>
                    {pastOf(pass, thought)}
                </button>
                {pass.kind === 'torque' && (
                    <button type="button" className={BUTTON} onClick={() => say({ feel: 'clicked at once' })}>
                        Clicked at once
                    </button>
                )}
                {pass.kind !== 'loosen' && (
                    <button type="button" className={BUTTON} onClick={() => say({ feel: 'turns without rising' })}>
                        Turns without rising
                    </button>
                )}
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

/** A pull past its limit, or a feel that no figure tells, asks for its consequence before anything else. */
export function Asked({ job, joint, run }: { job: Job; joint: Joint; run: Run }) {
    const [gives, setGives] = useState<'accept' | 'owe' | null>(null)
    const { asked } = run
    const pass = joint.passes[(asked?.stage ?? 1) - 1]
    if (!asked || !pass) {
        return null
    }
    const key = `torque:${job.number}:${joint.step}`
    const slacken = (stage: number) =>
        void outbox.add(
            job.number,
            'stage_restarted',
            { run: run.id, stage, reason: `${asked.headline}; slackened` },
            `Slackened, stage ${stage} again`,
        )
    const replace = () =>
        void outbox.add(
            job.number,
            'bolt_replaced',
            { run: run.id, bolt: asked.bolt, reason: RENEWED[asked.outcome] ?? 'drawn past its limit' },
            `${asked.bolt} brought up anew`,
        )
    const first = asked.outcome !== 'over' || pass.over === 'replace the fastener'
    const main = 'min-h-14 rounded-field bg-base-content px-5 text-lg font-bold text-base-100'
    const renewed = (
        <button type="button" className={first ? main : BUTTON} onClick={replace}>
            {asked.bolt} {asked.outcome === 'clicked at once' ? 'out, seen and in again' : 'replaced'}
        </button>
    )
    return (
        <section role="alert" className="border-4 border-error bg-base-100 p-4">
            <p className="text-2xl leading-tight font-bold">▲ {asked.headline}</p>
            <p className="mb-3 text-lg">
                {asked.outcome === 'over' && `${pass.source}: `}
                {asked.ask}
            </p>
            <div className="flex flex-wrap gap-2">
                {first && renewed}
                <button type="button" className={first ? BUTTON : main} onClick={() => slacken(1)}>
                    All slackened: from stage 1
                </button>
                {asked.begins > 1 && (
                    <button type="button" className={BUTTON} onClick={() => slacken(asked.begins)}>
                        Only {pass.name.toLowerCase()} slackened: from stage {asked.begins}
                    </button>
                )}
                {!first && renewed}
                {asked.mayBeAccepted ? (
                    <button type="button" className={BUTTON} onClick={() => setGives('accept')}>
                        Accept it
                    </button>
                ) : (
                    <button type="button" className={BUTTON} onClick={() => setGives('owe')}>
                        Leave it owed
                    </button>
                )}
            </div>
            {gives === 'accept' && (
                <ReasonForm
                    keep={`${key}:accept`}
                    label={`Why ${asked.bolt} is accepted`}
                    hint="accepted, because …"
                    confirm="Accept"
                    onReason={(reason, id) => {
                        const said = { run: run.id, bolt: asked.bolt, reason }
                        void outbox.add(job.number, 'over_accepted', said, `${asked.bolt} accepted: ${reason}`, { id })
                    }}
                />
            )}
            {gives === 'owe' && (
                <ReasonForm
                    keep={`${key}:owe`}
                    label={`What ${asked.bolt} waits for`}
                    hint="the thread mended, a new bolt"
                    confirm="Leave it owed"
                    onReason={(release, id) => {
                        const said = { run: run.id, bolt: asked.bolt, reason: asked.outcome, release }
                        void outbox.add(job.number, 'bolt_skipped', said, `${asked.bolt} owed: ${release}`, { id })
                    }}
                />
            )}
        </section>
    )
}

const RENEWED: Record<string, string> = {
    'clicked at once': 'clicked at once: out, hole and length seen',
    'turns without rising': 'turned without rising: out, thread seen',
}
