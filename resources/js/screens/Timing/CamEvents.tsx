import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useEntering } from '../../app/useEntering'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

const BLANK = { opens: '', closes: '' }

const NAMES = {
    inlet: ['opens, ° before top', 'closes, ° after bottom'],
    exhaust: ['opens, ° before bottom', 'closes, ° after top'],
} as const

const degrees = (figure: number | null) => (figure === null ? '–' : `${figure.toFixed(1)}°`)

/** One side’s events off the degree wheel, what they come to beside what is stated, and what is moved. */
export function CamEvents({
    job,
    cam,
    side,
    lift,
    slotted,
}: {
    job: Job
    cam: Schemas['CamLoop']
    side: Schemas['CamSide']
    lift: string | null
    /** Whether its wheel moves in slots, by degrees. */
    slotted: boolean
}) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `events:${cam.id}:${side.side}`,
        BLANK,
    )
    const tool = job.measuring.tools.find((each) => each.kind === 'degree wheel')?.id
    const names = side.side === 'inlet' ? NAMES.inlet : NAMES.exhaust
    const { way } = side
    const move = (by: { teeth: number } | { turn: string }) =>
        way &&
        void outbox.add(
            job.number,
            'cam_moved',
            { ...(cam.bank === '' ? {} : { bank: cam.bank }), cam: cam.cam, way, ...by },
            `${cam.name} moved`,
        )
    const send = () =>
        void enter(
            'cam_events_read',
            {
                cylinder: cam.cylinder,
                side: side.side,
                opens: withUnit(typed.opens, 'deg'),
                closes: withUnit(typed.closes, 'deg'),
                ...(lift === null ? {} : { lift }),
                ...(tool ? { tool } : {}),
            },
            `${side.side}: ${typed.opens}, ${typed.closes}`,
        )
    return (
        <form
            aria-label={`Events, ${side.side}`}
            className="border-t border-line py-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.opens.trim() !== '' && typed.closes.trim() !== '' && !isSending) {
                    send()
                }
            }}
        >
            <p className="flex items-baseline justify-between gap-2">
                <b className="capitalize">{side.side}</b>
                <span className="text-sm text-quiet">
                    stated {degrees(side.statedOpens)} / {degrees(side.statedCloses)}, centreline {degrees(side.aim)}
                </span>
            </p>
            {side.centreline !== null && (
                <div className="py-1" aria-live="polite">
                    <p className="flex items-center gap-2">
                        {side.state && <VerdictMark state={side.state} size={20} />}
                        <b className="text-2xl">{degrees(side.centreline)}</b>
                        <span className="leading-tight">
                            centreline, open for {degrees(side.duration)}
                            <span className="block text-sm text-quiet">
                                read {degrees(side.opens)} / {degrees(side.closes)}
                            </span>
                        </span>
                    </p>
                    {side.mend && <p className="leading-snug font-bold">{side.mend}</p>}
                    {slotted && side.way && side.state !== 'within' && side.slot !== null && (
                        <button
                            type="button"
                            className="btn mt-1 h-12 w-full"
                            onClick={() => move({ turn: `${(side.slot ?? 0).toFixed(2)} deg` })}
                        >
                            Moved in its slots, bolts drawn up
                        </button>
                    )}
                    {!slotted && side.way && side.state === 'out' && (side.teeth ?? 0) > 0 && (
                        <button
                            type="button"
                            className="btn mt-1 h-12 w-full"
                            onClick={() => move({ teeth: side.teeth ?? 0 })}
                        >
                            Moved {side.teeth === 1 ? 'one tooth' : `${side.teeth} teeth`}{' '}
                            {side.way === 'advance' ? 'forward' : 'back'}
                        </button>
                    )}
                </div>
            )}
            <div className="flex items-end gap-2">
                {(['opens', 'closes'] as const).map((part, index) => (
                    <Field
                        key={part}
                        label={names[index] ?? ''}
                        value={typed[part]}
                        onChange={(figure) => setTyped({ ...typed, [part]: figure })}
                    />
                ))}
                <button type="submit" className="btn h-12 px-4" disabled={isSending}>
                    Enter
                </button>
            </div>
            <Refused refusal={refusal} />
        </form>
    )
}
