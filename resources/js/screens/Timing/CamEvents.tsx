import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { VerdictMark } from '../../drawings/VerdictMark'
import { EntryForm } from '../../parts/EntryForm'

const NAMES = {
    inlet: { opens: 'opens before top', closes: 'closes after bottom' },
    exhaust: { opens: 'opens before bottom', closes: 'closes after top' },
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
    const tool = job.measuring.tools.find((each) => each.kind === 'degree wheel')?.id
    const names = NAMES[side.side]
    const { way } = side
    const move = (by: { teeth: number } | { turn: string }) =>
        way &&
        void outbox.add(
            job.number,
            'cam_moved',
            { ...(cam.bank === '' ? {} : { bank: cam.bank }), cam: cam.cam, way, ...by },
            `${cam.name} moved`,
        )
    return (
        <EntryForm
            job={job.number}
            kind="cam_events_read"
            keep={`events:${cam.id}:${side.side}`}
            name={`Events, ${side.side}`}
            className="flex flex-wrap items-end gap-2 border-t border-line py-2"
            said={{
                cylinder: cam.cylinder,
                side: side.side,
                ...(lift === null ? {} : { lift }),
                ...(tool ? { tool } : {}),
            }}
            fields={{
                opens: { label: names.opens, className: 'min-w-0 flex-1' },
                closes: { label: names.closes, className: 'min-w-0 flex-1' },
            }}
            words={({ opens, closes }) => `${side.side}: ${opens}, ${closes}`}
            button="Enter"
        >
            <p className="flex w-full items-baseline justify-between gap-2">
                <b className="capitalize">{side.side}</b>
                <span className="text-sm text-quiet">
                    stated {degrees(side.statedOpens)} / {degrees(side.statedCloses)}, centreline {degrees(side.aim)}
                </span>
            </p>
            {side.centreline !== null && (
                <div className="w-full py-1" aria-live="polite">
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
        </EntryForm>
    )
}
