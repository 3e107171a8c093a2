import { Link } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { ACT, actDone, STEP, stepDone } from '../../app/done'
import { withUnit } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useTypedUnit } from '../../app/units'
import { useEntering } from '../../app/useEntering'
import { useWaiting } from '../../app/useOutbox'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

type Loop = Schemas['IgnitionLoop']

const KINDS: string[] = [STEP, ACT]

/** The one act that comes next in the loop, as a button; where the order of work holds it, what comes first. */
export function IgnitionActs({ job, loop }: { job: Job; loop: Loop }) {
    const waiting = useWaiting(job.number).filter((entry) => KINDS.includes(entry.kind))
    const refusal = waiting.find((entry) => entry.refusal !== null)?.refusal ?? null
    const busy = waiting.some((entry) => entry.refusal === null)
    const { step } = loop
    const held = step !== null && !step.ready && !loop.rotorOffAgain
    return (
        <>
            {held && loop.task !== 'done' && (
                <p className="mt-1 leading-snug font-bold">
                    {step.held}{' '}
                    <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${job.number}`}>
                        To the build
                    </Link>
                </p>
            )}
            {(loop.task === 'rotor off' || (loop.task === 'look' && loop.rotorOffAgain)) && !held && (
                <button
                    type="button"
                    className={`btn mt-2 h-12 w-full ${loop.task === 'look' ? 'btn-outline' : 'btn-primary'}`}
                    disabled={busy}
                    onClick={() =>
                        loop.rotorOffAgain || !step
                            ? actDone(job.number, { act: 'rotor off' }, 'Rotor off')
                            : stepDone(job.number, step)
                    }
                >
                    The rotor is off
                </button>
            )}
            {loop.task === 'move' && <Moved job={job} loop={loop} busy={busy} />}
            {loop.task === 'rotor on' &&
                !held &&
                step &&
                (step.torque ? (
                    <Link className="btn btn-primary mt-2 h-12 w-full" to={`/jobs/${job.number}/torque/${step.id}`}>
                        Pull its nut
                    </Link>
                ) : (
                    <button
                        type="button"
                        className="btn btn-primary mt-2 h-12 w-full"
                        disabled={busy}
                        onClick={() => stepDone(job.number, step)}
                    >
                        The rotor is on
                    </button>
                ))}
            {loop.spared.length > 0 && (
                <button
                    type="button"
                    className="btn btn-primary mt-2 h-12 w-full"
                    disabled={busy}
                    onClick={() => {
                        for (const spared of loop.spared) {
                            const reason = 'the point was found inside'
                            void outbox.add(job.number, 'step_set_aside', { step: spared, reason }, 'Does not apply')
                        }
                    }}
                >
                    Leave it as it is
                </button>
            )}
            <Refused refusal={refusal} />
        </>
    )
}

const BLANK = { rim: '', gap: '' }

/** By how much it was moved, as far as that was seen; the figure asked for stands there. */
function Moved({ job, loop, busy }: { job: Job; loop: Loop; busy: boolean }) {
    const unit = useTypedUnit('length')
    const { typed, setTyped, enter, refusal } = useEntering(job.number, 'moved', BLANK)
    const moved = typed.rim.trim()
    return (
        <form
            className="mt-2 flex items-end gap-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (loop.way === null) {
                    return
                }
                void enter(
                    'ignition_moved',
                    {
                        way: loop.way,
                        ...(moved === '' ? {} : { rim: withUnit(moved, unit) }),
                        ...(typed.gap.trim() === '' ? {} : { gap: withUnit(typed.gap, unit) }),
                    },
                    'Plate moved',
                )
            }}
        >
            <Field
                label={`moved by, ${unit}`}
                className="w-28"
                placeholder={loop.plate?.rim?.toFixed(2) ?? ''}
                value={typed.rim}
                onChange={(rim) => setTyped({ ...typed, rim })}
            />
            {loop.setBy === 'pick-up' && (
                <Field
                    label={`its gap, ${unit}`}
                    className="w-24"
                    value={typed.gap}
                    onChange={(gap) => setTyped({ ...typed, gap })}
                />
            )}
            <button type="submit" className="btn btn-primary h-12 flex-1" disabled={busy}>
                Moved and locked
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}
