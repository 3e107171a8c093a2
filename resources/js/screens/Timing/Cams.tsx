import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useKept } from '../../app/kept'
import { outbox } from '../../app/outbox'
import { useEntering } from '../../app/useEntering'
import type { Timing } from '../../app/useTiming'
import { CamDiagram } from '../../drawings/CamDiagram'
import { metAt } from '../../drawings/timingLayout'
import { Choice } from '../../parts/Choice'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { CamEvents } from './CamEvents'
import { Wheels } from './Wheels'
import type { Turned } from './Works'

type Loop = Schemas['CamLoop']

/** A cam by its marks and by the degree wheel: which tooth it stands on, what is moved, and the second look after two turns. */
export function Cams({ job, timing, turned }: { job: Job; timing: Timing; turned: Turned }) {
    const [chosen, setChosen] = useKept<string>(`timing:${job.number}:cam`, timing.cams[0]?.id ?? '')
    const cam = timing.cams.find((each) => each.id === chosen) ?? timing.cams[0]
    if (!cam) {
        return null
    }
    const moved = Object.fromEntries(
        cam.sides.flatMap((side) => {
            return side.later === null ? [] : [[side.side, side.later]]
        }),
    )
    const cylinder = timing.cylinders.find((each) => each.id === cam.cylinder)
    const lifts = timing.lifts.filter((lift) => cam.sides.some((side) => side.side === lift.side))
    return (
        <section aria-label="Cams">
            {timing.cams.length > 1 && (
                <div className="mb-2">
                    <Choice
                        label="Cam"
                        options={timing.cams.map((each) => [each.id, each.name])}
                        chosen={cam.id}
                        onChoose={setChosen}
                    />
                </div>
            )}
            <div className="border-2 border-primary p-3" aria-live="polite">
                <p className="text-2xl leading-tight font-bold">{cam.headline}</p>
                <p className="mt-1 leading-snug">{cam.advice}</p>
                {cam.task === 'move' && <MoveTeeth job={job} cam={cam} />}
            </div>
            <Marks timing={timing} cam={cam} turned={turned} />
            <MarksForm key={cam.id} job={job} cam={cam} timing={timing} />
            {cam.readings.length > 0 && (
                <ol className="mt-2 border-t-2 border-base-content">
                    {cam.readings.map((reading) => (
                        <li key={reading.entry} className="border-b border-line py-1 leading-tight">
                            <span className={reading.stale ? 'text-quiet line-through' : 'font-bold'}>
                                {reading.words}
                            </span>
                            <span className="block text-sm text-quiet">
                                {reading.afterTurns ? 'after two turns' : 'chain on'}, {reading.by}
                                {reading.stale && `; before: ${reading.stale}`}
                            </span>
                        </li>
                    ))}
                </ol>
            )}
            {lifts.length > 0 && (
                <div className="mt-3 border-t-2 border-base-content pt-1">
                    <h2 className="font-bold">By the degree wheel{timing.lift && `, at ${timing.lift} of lift`}</h2>
                    <CamDiagram
                        lifts={lifts}
                        moved={moved}
                        at={cylinder?.fires == null ? null : turned.crank - cylinder.fires}
                    />
                    {cam.sides.map((side) => (
                        <CamEvents
                            key={`${cam.id}.${side.side}`}
                            job={job}
                            cam={cam}
                            side={side}
                            lift={timing.lift ?? null}
                            slotted={timing.wheel?.slotted === true}
                        />
                    ))}
                    {cam.separation !== null && (
                        <p className="mt-1">
                            Separation <b>{cam.separation.toFixed(1)}°</b> of the cam
                            {cam.overlap !== null && (
                                <>
                                    , overlap <b>{cam.overlap.toFixed(1)}°</b>
                                </>
                            )}
                            {cam.separationWords && `: ${cam.separationWords.toLowerCase()}`}
                        </p>
                    )}
                </div>
            )}
            <Wheels job={job} timing={timing} />
            <p className="mt-3 text-sm leading-snug text-quiet">
                Before a cam goes in, no piston stands at its top: the crank a quarter turn past it, then the cam at its
                marks, then the crank brought up{timing.mayTurnBack ? '' : ' the way it runs'}.
                {timing.drive === 'chain' &&
                    ' The chain runs with its driven side tight; a tensioner is set back before it goes in and let go after, and is seen to take up.'}
                {timing.splitChain &&
                    ' Its link is closed, and looked at: the clip’s open end points away from where the chain runs.'}
                {timing.drive === 'gears' && ' Gears are meshed at their dots; what they drive is timed with them.'}
                {timing.decompressor && ' The decompressor’s slack is set before the clearance that it disturbs.'}
            </p>
        </section>
    )
}

/** Where this cam’s mark is read, and the way to bring the crank there. */
function Marks({ timing, cam, turned }: { timing: Timing; cam: Loop; turned: Turned }) {
    const marks = timing.marks.filter(
        (mark) =>
            mark.for === 'cams' &&
            (mark.side === null || mark.side === cam.cam) &&
            (mark.cylinder ?? cam.cylinder) === cam.cylinder,
    )
    return marks.map((mark) => (
        <div key={mark.id} className="mt-2 flex items-center justify-between gap-3">
            <p className="leading-tight">
                <b>{mark.name}</b>
                <span className="block text-sm text-quiet">
                    level with {mark.against ?? 'its edge'}
                    {mark.mirrored && `, seen from ${mark.seenFrom}`}
                </span>
            </p>
            <button type="button" className="btn h-12 shrink-0 px-3" onClick={() => turned.to(metAt(mark, timing))}>
                Crank there
            </button>
        </div>
    ))
}

const BLANK = { off: '', way: 'late', kind: 'cam' }

const KINDS: [string, string][] = [
    ['cam', '° of the cam'],
    ['crank', '° of the crank'],
    ['rim', 'mm along its rim'],
]

/** How far the mark stands off, and which way: behind it in the cam’s turning is late. */
function MarksForm({ job, cam, timing }: { job: Job; cam: Loop; timing: Timing }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `cam:${cam.id}`, BLANK)
    const isSecond = cam.task === 'turn' || cam.task === 'done'
    const said = (off: string): Record<string, string> => {
        const signed = `${typed.way === 'early' && Number(off.replace(',', '.')) !== 0 ? '-' : ''}${off}`
        return typed.kind === 'rim' ? { rim: withUnit(signed, 'mm') } : { off: withUnit(signed, 'deg'), of: typed.kind }
    }
    const send = (off: string) =>
        void enter(
            'cam_marks_read',
            {
                ...(cam.bank === '' ? {} : { bank: cam.bank }),
                cam: cam.cam,
                ...said(off),
                ...(isSecond ? { turned: true } : {}),
            },
            `${cam.name}, marks${isSecond ? ' after two turns' : ''}`,
        )
    return (
        <form
            className="mt-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.off.trim() !== '' && !isSending) {
                    send(typed.off.trim())
                }
            }}
        >
            <div className="flex flex-wrap items-end gap-2">
                <Field
                    label="off by"
                    className="w-20"
                    value={typed.off}
                    onChange={(off) => setTyped({ ...typed, off })}
                />
                <label className="block">
                    <span className="sr-only">Counted as</span>
                    <select
                        className="h-12 rounded-field border border-line bg-base-100 px-2"
                        value={typed.kind}
                        onChange={(event) => setTyped({ ...typed, kind: event.target.value })}
                    >
                        {KINDS.filter(([kind]) => kind !== 'rim' || timing.wheel).map(([kind, words]) => (
                            <option key={kind} value={kind}>
                                {words}
                            </option>
                        ))}
                    </select>
                </label>
                <Choice
                    label="Which way"
                    options={[
                        ['late', 'late'],
                        ['early', 'early'],
                    ]}
                    chosen={typed.way}
                    onChoose={(way) => setTyped({ ...typed, way })}
                />
            </div>
            <div className="mt-2 flex gap-2">
                <button type="submit" className="btn btn-primary h-12 flex-1" disabled={isSending}>
                    {isSecond ? 'Enter, after two turns' : 'Enter'}
                </button>
                <button type="button" className="btn h-12 flex-1" disabled={isSending} onClick={() => send('0')}>
                    Marks are level
                </button>
            </div>
            <Refused refusal={refusal} />
        </form>
    )
}

function MoveTeeth({ job, cam }: { job: Job; cam: Loop }) {
    const teeth = Math.abs(cam.teethOff)
    const way = cam.teethWay ?? 'advance'
    return (
        <button
            type="button"
            className="btn btn-primary mt-2 h-12 w-full"
            onClick={() =>
                void outbox.add(
                    job.number,
                    'cam_moved',
                    { ...(cam.bank === '' ? {} : { bank: cam.bank }), cam: cam.cam, way, teeth },
                    `${cam.name} moved`,
                )
            }
        >
            Moved {teeth === 1 ? 'one tooth' : `${teeth} teeth`} {way === 'advance' ? 'forward' : 'back'}
        </button>
    )
}
