import type { Job, Schemas } from '../../app/api'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { useLeft } from '../../app/useLeft'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Refused } from '../../parts/Refused'

/** The first minutes that it runs, one thing after another, and the heats after it. */
export function Start({ job, closing }: { job: Job; closing: Closing }) {
    const isNow = closing.startStep?.ready === true
    return (
        <div className="grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_24rem]">
            <section aria-label="First start">
                <p className="font-bold">
                    Ventilation, machine supported, hands and hair clear, hot parts; the switch within reach.
                </p>
                {closing.holdStep && (
                    <p className="mt-1 border-2 border-primary p-2 leading-snug">
                        Not yet: <b>{closing.holdStep.name.toLowerCase()}</b>. {closing.holdStep.held}
                    </p>
                )}
                {closing.start.length === 0 && (
                    <p className="mt-2">Nothing is put together in this job, so nothing is started.</p>
                )}
                <ol className="mt-2 border-t-2 border-base-content">
                    {closing.start.map((item) => (
                        <Item key={item.id} job={job} item={item} mayBeSeen={isNow || closing.startStep === null} />
                    ))}
                </ol>
            </section>
            <Heats job={job} closing={closing} />
        </div>
    )
}

const BLANK = { note: '' }

function Item({ job, item, mayBeSeen }: { job: Job; item: Schemas['StartItem']; mayBeSeen: boolean }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `start:${item.id}`, BLANK, 'closing')
    const say = (right: boolean) =>
        void enter(
            'start_seen',
            {
                item: item.id,
                ...(right ? { right: true } : {}),
                ...(typed.note.trim() === '' ? {} : { note: typed.note.trim() }),
            },
            `${item.text}: ${right ? 'right' : 'not right'}`,
        )
    return (
        <li aria-label={item.text} className="border-b border-line py-2">
            <p className="flex items-center gap-2 text-lg leading-tight font-bold">
                <VerdictMark state={item.right === null ? null : item.right ? 'within' : 'out'} size={22} />
                {item.text}
            </p>
            {item.right !== null && (
                <p className="text-quiet">
                    {item.right ? 'Right' : 'Not right'}
                    {item.note && `: ${item.note}`}, {item.by}
                </p>
            )}
            {item.right !== true && (
                <div className="mt-1 flex flex-wrap gap-2">
                    <button
                        type="button"
                        className="btn h-12 px-5"
                        disabled={!mayBeSeen || isSending}
                        onClick={() => say(true)}
                    >
                        Right
                    </button>
                    <input
                        className="input h-12 min-w-44 flex-1"
                        placeholder="what is not right, or a figure"
                        aria-label={`Note: ${item.text}`}
                        value={typed.note}
                        onChange={(event) => setTyped({ note: event.target.value })}
                    />
                    <button
                        type="button"
                        className="btn h-12 px-4"
                        disabled={!mayBeSeen || isSending || typed.note.trim() === ''}
                        onClick={() => say(false)}
                    >
                        Not right
                    </button>
                </div>
            )}
            <Refused refusal={refusal} />
        </li>
    )
}

function Heats({ job, closing }: { job: Job; closing: Closing }) {
    const { runIn } = closing
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        'heat',
        { temperature: '' },
        'closing',
    )
    const say = (stage: 'warm' | 'cold') =>
        void enter(
            'heat_cycle',
            {
                stage,
                ...(stage === 'warm' && typed.temperature.trim() !== ''
                    ? { temperature: `${typed.temperature.trim()} degC` }
                    : {}),
            },
            stage === 'warm' ? 'Warmed through' : 'Stone cold again',
        )
    return (
        <section
            aria-label="Heats"
            className={`border-2 p-3 ${runIn.heatStep?.ready ? 'border-primary' : 'border-line'}`}
        >
            <h2 className="text-lg font-bold">Heats</h2>
            <p className="text-3xl font-bold">
                {runIn.cycles} of {runIn.heatCycles}
            </p>
            <p className="leading-snug">
                Warmed through at a fast idle with a little throttle, not left to idle; then off, and left until the
                head is cold to the hand.
            </p>
            {runIn.cooling && <Cooling due={runIn.cooling.due} />}
            {runIn.heatStep && (
                <div className="mt-2 flex items-end gap-2">
                    {runIn.warm ? (
                        <button
                            type="button"
                            className="btn btn-primary h-12 flex-1"
                            disabled={isSending}
                            onClick={() => say('cold')}
                        >
                            Stone cold
                        </button>
                    ) : (
                        <>
                            <label className="block w-24">
                                <span className="block text-xs text-quiet">to, °C</span>
                                <input
                                    className="input h-12 w-full text-xl font-bold"
                                    inputMode="decimal"
                                    value={typed.temperature}
                                    onChange={(event) => setTyped({ temperature: event.target.value })}
                                />
                            </label>
                            <button
                                type="button"
                                className="btn btn-primary h-12 flex-1"
                                disabled={isSending || !runIn.heatStep.ready}
                                onClick={() => say('warm')}
                            >
                                Warmed through
                            </button>
                        </>
                    )}
                </div>
            )}
            {runIn.heatStep?.held && <p className="mt-1 text-sm text-quiet">{runIn.heatStep.held}</p>}
            <Refused refusal={refusal} />
        </section>
    )
}

function Cooling({ due }: { due: string }) {
    const left = useLeft(due)
    return (
        <p className="mt-1" role="timer">
            <b className="text-4xl tabular-nums">{left ?? 'time is up'}</b>
            <span className="block text-sm text-quiet">cooling; cold is cold to the hand, not the clock</span>
        </p>
    )
}
