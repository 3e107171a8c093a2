import { useEffect, useMemo, useRef, useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Job } from '../../app/api'
import { clock } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useFollowedJob } from '../../app/queries'
import { useKeys } from '../../app/useKeys'
import { useWaiting } from '../../app/useOutbox'
import { JointMap } from '../../drawings/JointMap'
import { CLICK, sound, WRONG } from '../../parts/sound'
import { WaitingLine } from '../../parts/WaitingLine'
import { Begin } from './Begin'
import { ByDevice } from './ByDevice'
import { type Felt, standIn } from './device'
import { Ladder } from './Ladder'
import { ahead, following, type Joint, marksOf, type Run, verbOf } from './run'
import { nameOf, SetTo, settingsAt } from './SetTo'
import { Asked, Trouble } from './Trouble'

/** How often this page asks what another tablet has pulled, in milliseconds. */
const EVERY = 700

/** A second tap within this time is the same one, from a glove that bounced; in milliseconds. */
const BOUNCE = 250

/** One joint being pulled: the bolts from above with one lit, what to set on the wrench, the stages. */
export function Torque() {
    const { number, step } = useParams()
    const job = useFollowedJob(Number(number), EVERY)
    const joint = job.data?.torquing.joints.find((each) => each.step === step)
    if (job.data && joint) {
        return <Pulling key={joint.step} job={job.data} joint={joint} />
    }
    return (
        <p className="p-6">
            {job.data
                ? 'This job has no such joint.'
                : job.isError
                  ? 'The shop’s server does not answer. Trying again.'
                  : 'One moment.'}
        </p>
    )
}

function Pulling({ job, joint }: { job: Job; joint: Joint }) {
    const waiting = useWaiting(job.number)
    const [wrench, setWrench] = useState<string | null>(null)
    const [meant, setMeant] = useState<string | null>(null)
    const [trouble, setTrouble] = useState(false)
    const [caught, setCaught] = useState<string | null>(null)
    const [goesOn, setGoesOn] = useState<string | null>(null)
    const tapped = useRef(0)
    const device = useMemo(() => standIn(job.number, joint.step), [job.number, joint.step])
    const standing = joint.run && joint.run.voidBecause === null ? joint.run : null
    const run = standing && ahead(standing, joint.passes, waiting)
    const owed = run?.owed.find((each) => each.bolt === caught && each.stage !== null && run.asked === null)
    const due = owed?.stage ? { stage: owed.stage, bolt: owed.bolt, turned: 0 } : (run?.next ?? null)
    const stage = due?.stage ?? run?.asked?.stage ?? run?.stage ?? 1
    const pass = joint.passes[stage - 1]
    const bolt = joint.bolts.find((each) => each.id === due?.bolt)
    const settings = settingsAt(pass, bolt)
    const chosen = settings.find((each) => nameOf(each) === wrench || each.wrench === wrench) ?? settings[0]
    const after = run && following(run, joint.passes)
    const turnOf = (id: string) => (pass?.order.indexOf(id) ?? -1) + 1
    useHeard(standing)

    const pull = (id: string, said: Record<string, unknown> = {}) => {
        if (!run || !due) {
            return
        }
        const felt = joint.bolts.find((each) => each.id === id)?.reached === 'feel' && pass?.kind !== 'check'
        const used = chosen && pass?.figure !== null && pass?.kind !== 'angle' && !felt
        const payload = {
            run: run.id,
            stage,
            bolt: id,
            ...(used
                ? {
                      with: {
                          wrench: chosen.wrench,
                          dial: chosen.dial,
                          gives: `${chosen.delivered.toFixed(3)} N·m`,
                          ...(chosen.adapter ? { adapter: chosen.adapter } : {}),
                          ...(chosen.doubt ? { doubt: `${chosen.doubt.toFixed(3)} N·m` } : {}),
                      },
                  }
                : {}),
            ...(felt ? { felt: true } : {}),
            ...said,
        }
        void outbox.add(job.number, 'bolt_pulled', payload, `${joint.name}, stage ${stage}: ${id}`)
        sound(['over', 'past', 'feel', 'moved'].some((key) => key in said) ? WRONG : CLICK)
        setMeant(null)
    }
    const click = () => {
        const now = performance.now()
        if (due && !blocked && now - tapped.current > BOUNCE) {
            tapped.current = now
            pull(due.bolt)
        }
    }
    const asksPause =
        standing?.wasLong === true && standing.stagesBack.length > 0 && goesOn !== standing.last?.id && due !== null
    const blocked = meant !== null || trouble || asksPause
    const close = () => {
        setMeant(null)
        setTrouble(false)
    }
    useKeys({
        ' ': (event) => {
            if (!(event.target instanceof HTMLButtonElement) && !event.repeat) {
                event.preventDefault()
                click()
            }
        },
        Escape: close,
    })
    const tap = (id: string) => (id === due?.bolt ? click() : due && !blocked && setMeant(id))

    return (
        <main
            data-seq={job.log.lastSeq}
            className="grid min-h-0 flex-1 grid-cols-1 lg:h-[calc(100dvh-3.25rem)] lg:flex-none lg:grid-cols-[minmax(0,1fr)_24.5rem]"
        >
            <div className="flex min-h-0 min-w-0 flex-col gap-2 px-4 pt-3 pb-4 md:px-6">
                <div className="flex items-start justify-between gap-3">
                    <div className="min-w-0">
                        <h1 className="text-2xl leading-tight font-bold">
                            {(run && pass?.name) || joint.name}
                            {run && !run.isComplete && `, stage ${stage} of ${joint.passes.length}`}
                        </h1>
                        <p className="text-quiet">
                            <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${job.number}`}>
                                {job.title} · job {job.number}
                            </Link>
                            {pass && ` · programme of the ${pass.source}`}
                            {run && ` · begun ${clock(run.begunAt, job.zone)} by ${run.begunBy}`}
                        </p>
                    </div>
                    {due && pass && (
                        <p className="text-3xl leading-none font-bold whitespace-nowrap lg:hidden">
                            {pass.kind === 'angle'
                                ? pass.words.replace(' from there', '')
                                : (chosen?.dial ?? pass.words)}
                        </p>
                    )}
                </div>
                <div className="min-h-56 flex-1 rounded-box bg-base-100 max-lg:h-[42vh] max-lg:flex-none">
                    {joint.bolts.length > 0 && (
                        <JointMap
                            bolts={joint.bolts}
                            place={joint.place}
                            order={pass?.order ?? joint.bolts.map(({ id }) => id)}
                            marks={marksOf(joint, run && { ...run, next: due }, stage)}
                            {...(due ? { onTap: tap } : {})}
                        />
                    )}
                </div>
                <p aria-live="assertive" className="sr-only">
                    {due && `Next ${due.bolt}, stage ${due.stage} of ${joint.passes.length}`}
                    {run?.isComplete && 'Complete'}
                </p>
                {!run && <Begin job={job} joint={joint} waiting={waiting} />}
                {waiting
                    .filter((entry) => entry.refusal !== null)
                    .map((entry) => (
                        <WaitingLine key={entry.id} entry={entry} zone={job.zone} />
                    ))}
                {run && <Remarks run={run} joint={joint} onCatchUp={setCaught} />}
                {run?.asked && <Asked job={job} joint={joint} run={run} />}
                {asksPause && standing && (
                    <Pause
                        job={job}
                        run={standing}
                        bolt={due.bolt}
                        onGoOn={() => setGoesOn(standing.last?.id ?? null)}
                    />
                )}
                {meant !== null && due && (
                    <section role="alert" className="border-4 border-error bg-base-100 p-3">
                        <p className="text-xl leading-tight font-bold">
                            ■ {meant} out of order: {due.bolt} is next
                        </p>
                        <p>Out of order the part is drawn down askew.</p>
                        <div className="mt-2 flex flex-wrap gap-2">
                            <button type="button" className="btn btn-neutral h-12" onClick={() => setMeant(null)}>
                                No, {due.bolt} now
                            </button>
                            <button
                                type="button"
                                className="h-12 rounded-field border-2 border-base-content px-4 font-bold"
                                onClick={() => pull(meant)}
                            >
                                {meant} has been pulled
                            </button>
                        </div>
                    </section>
                )}
                {trouble && due && pass && run && (
                    <Trouble
                        job={job}
                        joint={joint}
                        run={run}
                        pass={pass}
                        bolt={due.bolt}
                        stage={stage}
                        onPulled={(said) => pull(due.bolt, said)}
                        onClose={() => setTrouble(false)}
                    />
                )}
                {due && !blocked && (
                    <div className="sticky bottom-2 grid grid-cols-[1fr_auto] gap-2">
                        <button
                            type="button"
                            className="flex min-h-16 flex-wrap items-center gap-x-5 rounded-box bg-primary px-5 py-2 text-left text-primary-content"
                            onClick={click}
                        >
                            <span className="text-2xl font-bold">{verbOf(pass)}</span>
                            <span className="text-lg">
                                bolt <b className="text-2xl">{turnOf(due.bolt)}</b>
                                <span className="opacity-80"> ({due.bolt})</span>
                                {after ? `, then ${turnOf(after)}` : `, the last of stage ${stage}`}
                            </span>
                            <span className="text-sm opacity-90 max-md:hidden">space bar, or the wrench itself</span>
                        </button>
                        <button
                            type="button"
                            className="rounded-box border-2 border-base-content px-4 font-bold"
                            onClick={() => setTrouble(true)}
                        >
                            over, felt,
                            <br /> replaced …
                        </button>
                    </div>
                )}
                {standing && <TakeBack job={job} run={standing} waiting={waiting.length} />}
            </div>
            <aside className="min-h-0 space-y-4 overflow-y-auto bg-base-200 px-5 py-4">
                {run && due && pass && (
                    <SetTo
                        pass={pass}
                        bolt={bolt}
                        turned={due.turned}
                        isFirst={stage === 1}
                        chosen={chosen}
                        onChoose={setWrench}
                    />
                )}
                {joint.passes.length > 0 && <Ladder passes={joint.passes} run={run} />}
                {run && due && pass && pass.kind !== 'snug' && (
                    <ByDevice
                        device={device}
                        pass={pass}
                        bolt={due.bolt}
                        stage={stage}
                        turned={due.turned}
                        onFelt={(felt) => pull(due.bolt, sayingOf(felt))}
                    />
                )}
                <p className="text-sm text-quiet">
                    Moltrek’s figures support a trained person: the engine maker’s service manual comes first.
                </p>
            </aside>
        </main>
    )
}

/** What a wrench felt, as the log takes it: a fastener that yields turns without rising. */
const sayingOf = ({ torque, angle, yielded }: Felt): Record<string, unknown> => ({
    ...(torque === null ? {} : { torque }),
    ...(angle === null ? {} : { angle }),
    ...(yielded ? { feel: 'turns without rising' } : {}),
})

const WRONG_OUTCOMES = [
    'past its stage',
    'out of order',
    'moved',
    'under',
    'over',
    'clicked at once',
    'turns without rising',
    'ahead of its stage',
]

/** What was wrong with the last pull is heard, whichever tablet it came from. */
function useHeard(run: Run | null): void {
    const heard = useRef(run?.last?.id)
    useEffect(() => {
        if (run?.last && run.last.id !== heard.current) {
            heard.current = run.last.id
            if (WRONG_OUTCOMES.includes(run.last.outcome)) {
                sound(WRONG)
            }
        }
    }, [run])
}

/** What is wrong, owed or worth seeing of the run, and that it is complete. */
function Remarks({ run, joint, onCatchUp }: { run: Run; joint: Joint; onCatchUp: (bolt: string) => void }) {
    const { last } = run
    const said: Record<string, string> = {
        under: 'short of its figure: pull it again',
        interrupted: 'stopped half-way: go on with what is left',
        'ahead of its stage': 'ahead of its stage: it does not count',
        'past its stage': 'went past this stage, not past its final figure: noted, go on',
        'in doubt': 'may be off by more than is allowed, as this wrench is: it stands on the record',
        'out of order': 'out of order: the missed one comes first now',
        moved: 'moved at the check: the pass is gone round again',
        again: 'was pulled already',
    }
    const wrong = last && said[last.outcome]
    return (
        <>
            {run.isComplete && (
                <p className="border-2 border-success px-4 py-3 text-2xl font-bold text-success">
                    ✓ Complete, check pass stands
                    {last && <span className="text-base"> · {last.by}</span>}
                </p>
            )}
            {wrong && !run.isComplete && (
                <p role="status" className="border-2 border-base-content px-3 py-1.5 font-bold">
                    ■ {last.bolt} {wrong}
                </p>
            )}
            {run.missed.length > 0 && (
                <p role="status" className="border-2 border-error px-3 py-1.5 font-bold text-error">
                    ■ Missed: {run.missed.join(', ')}
                </p>
            )}
            {(run.owed.length > 0 || run.remarks.length > 0) && (
                <ul className="text-sm">
                    {run.owed.map((owed) => (
                        <li key={owed.bolt}>
                            <b>{owed.bolt}</b> owed its torque: {owed.reason}
                            {owed.release && `, until ${owed.release}`}
                            <button
                                type="button"
                                className="ml-3 min-h-11 font-bold underline decoration-1 underline-offset-3"
                                onClick={() => onCatchUp(owed.bolt)}
                            >
                                pull {owed.bolt} now
                            </button>
                        </li>
                    ))}
                    {run.remarks.map((remark) => (
                        <li key={remark}>{remark}</li>
                    ))}
                </ul>
            )}
            {run.earlier > 0 && (
                <p className="text-sm text-quiet">
                    {run.earlier === 1 ? 'One earlier run' : `${run.earlier} earlier runs`} of{' '}
                    {joint.name.toLowerCase()} void.
                </p>
            )}
        </>
    )
}

/** After a long pause: go on where it stopped, or be sure and go round again. */
function Pause({ job, run, bolt, onGoOn }: { job: Job; run: Run; bolt: string; onGoOn: () => void }) {
    const back = (stage: number) =>
        void outbox.add(
            job.number,
            'stage_restarted',
            { run: run.id, stage, reason: 'to be sure after a pause' },
            `From stage ${stage} again, after a pause`,
        )
    return (
        <section aria-label="After a pause" className="border-2 border-base-content bg-base-100 p-3">
            <p className="text-xl font-bold">
                Last pull {run.lastAt && clock(run.lastAt, job.zone)} by {run.lastBy}. {bolt} is next.
            </p>
            <div className="mt-2 flex flex-wrap gap-2">
                <button type="button" className="btn btn-neutral h-12" onClick={onGoOn}>
                    Go on at {bolt}
                </button>
                {run.stagesBack.map((stage) => (
                    <button
                        key={stage}
                        type="button"
                        className="h-12 rounded-field border-2 border-base-content px-4 font-bold"
                        onClick={() => back(stage)}
                    >
                        Go round stage {stage} again
                    </button>
                ))}
            </div>
        </section>
    )
}

/** The last pull is taken back with a strike-out. */
function TakeBack({ job, run, waiting }: { job: Job; run: Run; waiting: number }) {
    const { last } = run
    if (!last || waiting > 0) {
        return null
    }
    return (
        <p className="text-sm">
            <button
                type="button"
                className="min-h-11 underline decoration-1 underline-offset-3"
                onClick={() =>
                    void outbox.add(
                        job.number,
                        'entry_struck',
                        { entry: last.id, reason: 'not pulled' },
                        `Taken back: ${last.bolt}`,
                    )
                }
            >
                Take back {last.bolt}, stage {last.stage}
            </button>
        </p>
    )
}
