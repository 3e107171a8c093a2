import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useEntering } from '../../app/useEntering'
import type { Timing } from '../../app/useTiming'
import { Choice } from '../../parts/Choice'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { StrikeOut } from '../../parts/StrikeOut'
import { useStandIn } from './device'
import type { Cylinder, Turned } from './Works'
import { placeAt, type Ways } from './ways'

type Top = Schemas['Top']

const BLANK = { before: '', after: '' }

const HOW = {
    stop: 'Plug out. The stop goes in with the piston well down; the crank is brought against it by hand, first the way it runs, then the other way round to its other side.',
    'equal drops':
        'The dial goes to one figure before the top and to the same figure after it. Both times it is come up to the way the engine runs.',
    dwell: 'The wheel is read where the dial stops moving, and where it starts again. Good enough to set clearances by, not to time by.',
} as const

type Way = keyof typeof HOW

/** Top dead centre by pairs of readings, each an entry: where it lies, how far it may be believed, and what it is good for. */
export function DeadCentre({
    job,
    timing,
    cylinder,
    turned,
    ways,
}: {
    job: Job
    timing: Timing
    cylinder: Cylinder
    turned: Turned
    ways: Ways | null
}) {
    const [way, setWay] = useState<Way>(timing.mayTurnBack ? 'stop' : 'equal drops')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `pair:${cylinder.id}`, BLANK)
    const top = timing.tops.find((each) => each.cylinder === cylinder.id)
    if (!top) {
        return null
    }
    const isTyped = typed.before.trim() !== '' && typed.after.trim() !== ''
    const [before, after] = [withUnit(typed.before, 'deg'), withUnit(typed.after, 'deg')]
    return (
        <section aria-label="Dead centre">
            <Known top={top} job={job} cylinder={cylinder} />
            <h2 className="mt-3 border-t-2 border-base-content pt-1 font-bold">Read a pair</h2>
            <div className="mt-1">
                <Choice
                    label="How"
                    options={[
                        ['stop', 'Stop'],
                        ['equal drops', 'Equal drops'],
                        ['dwell', 'Dwell'],
                    ]}
                    chosen={way}
                    onChoose={(chosen) => setWay(chosen as Way)}
                />
            </div>
            <p className="mt-1 text-sm leading-snug text-quiet">
                {HOW[way]}
                {way === 'dwell' &&
                    top.standsStill !== null &&
                    ` On this engine a dial of 0.01 mm stands still over ${(2 * top.standsStill).toFixed(1)}°.`}
                {way === 'stop' &&
                    !timing.mayTurnBack &&
                    ` This engine is not turned back (${timing.turningBack?.replace(/^harmful: /, '')}): take equal drops.`}
            </p>
            <StandIn
                job={job}
                way={way}
                timing={timing}
                turned={turned}
                cylinder={cylinder}
                ways={ways}
                onTake={setTyped}
                typed={typed}
            />
            <form
                className="mt-2 flex items-end gap-2"
                onSubmit={(event) => {
                    event.preventDefault()
                    if (isTyped && !isSending) {
                        void enter(
                            'dead_centre_read',
                            { cylinder: cylinder.id, way, before, after },
                            `Top: ${before}, ${after}`,
                        )
                    }
                }}
            >
                {(['before', 'after'] as const).map((part) => (
                    <Field
                        key={part}
                        label={part === 'before' ? 'one side, °' : 'other side, °'}
                        value={typed[part]}
                        onChange={(figure) => setTyped({ ...typed, [part]: figure })}
                    />
                ))}
                <button type="submit" className="btn btn-primary h-12 px-5" disabled={isSending}>
                    Enter
                </button>
            </form>
            <Refused refusal={refusal} />
            {top.pairs.length > 0 && (
                <table className="mt-3 w-full text-left">
                    <thead>
                        <tr className="text-sm text-quiet">
                            <th className="font-normal">pair</th>
                            <th className="text-right font-normal">halfway</th>
                            <th aria-label="strike out" />
                        </tr>
                    </thead>
                    <tbody>
                        {top.pairs.map((pair) => (
                            <tr key={pair.entry} className="border-t border-line">
                                <td className="py-1 leading-tight">
                                    <b>
                                        {pair.before.toFixed(1)}° · {pair.after.toFixed(1)}°
                                    </b>
                                    <span className="block text-sm text-quiet">
                                        {pair.way}, {pair.by}
                                    </span>
                                </td>
                                <td className="text-right text-xl font-bold whitespace-nowrap">
                                    {pair.middle.toFixed(2)}°
                                </td>
                                <td className="pl-2 text-right">
                                    <StrikeOut
                                        job={job.number}
                                        entry={pair.entry}
                                        what={`pair ${pair.before}, ${pair.after}`}
                                    />
                                </td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
            <ul className="mt-3 border-t-2 border-base-content">
                {top.needs.map((need) => (
                    <li key={need.need} className="flex items-baseline gap-2 border-b border-line py-1.5 leading-tight">
                        <span aria-hidden="true" className="w-5 shrink-0 font-bold">
                            {need.good ? '✓' : '·'}
                        </span>
                        <span>
                            <b>For {need.need}</b>:{' '}
                            {need.good ? 'known exactly enough' : `to ${need.within.toFixed(1)}°`}
                            {!need.good && <span className="block text-sm text-quiet">{need.how}</span>}
                        </span>
                    </li>
                ))}
            </ul>
        </section>
    )
}

/** What the pairs come to, and what is done with it. */
function Known({ top, job, cylinder }: { top: Top; job: Job; cylinder: Cylinder }) {
    const by = top.setBy ?? 0
    return (
        <div className="border-2 border-primary p-3" aria-live="polite">
            <p className="text-2xl leading-tight font-bold">
                {top.setBy === null
                    ? top.setAt === null
                        ? 'The wheel has not been set yet'
                        : 'The wheel reads 0 at the top'
                    : Math.abs(by) < 0.05
                      ? 'The wheel reads 0 at the top'
                      : `Wheel ${Math.abs(by).toFixed(1)}° too ${by < 0 ? 'far' : 'little'}: set it by ${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(1)}°`}
            </p>
            <p className="mt-1 leading-snug">
                {top.worth ??
                    (top.setAt === null
                        ? 'Read a pair: the top lies halfway between its two sides.'
                        : 'It was set by its pairs. Another pair proves it.')}
            </p>
            {top.spread !== null && top.pairs.length > 1 && (
                <p className="text-quiet">
                    {top.pairs.length} pairs, {top.spread.toFixed(1)}° apart; the top at {top.tdc?.toFixed(1)}°.
                </p>
            )}
            {top.setBy !== null && (
                <button
                    type="button"
                    className="btn btn-primary mt-2 h-12 w-full"
                    onClick={() =>
                        void outbox.add(
                            job.number,
                            'wheel_set',
                            { cylinder: cylinder.id },
                            'Degree wheel set to 0 at the top',
                        )
                    }
                >
                    The wheel is set
                </button>
            )}
        </div>
    )
}

/** A simulated wheel on the same interface as a real one: its play shows why one comes up to a figure from one side. */
function StandIn({
    job,
    way,
    timing,
    turned,
    cylinder,
    ways,
    typed,
    onTake,
}: {
    job: Job
    way: Way
    timing: Timing
    turned: Turned
    cylinder: Cylinder
    ways: Ways | null
    typed: typeof BLANK
    onTake: (typed: typeof BLANK) => void
}) {
    const [wanted, setWanted] = useState(false)
    const device = useStandIn(job.number, wanted)
    const top = cylinder.fires ?? (360 - (cylinder.phase % 360)) % 360
    if (!wanted || !device) {
        return (
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() => setWanted(true)}
            >
                read with the simulated dial and wheel
            </button>
        )
    }
    const drop = way === 'stop' ? device.stop : 30
    const take = (part: 'before' | 'after') => {
        const at = top + (part === 'before' ? -drop : drop)
        // a stop is met from below on both sides; a dial is come up to the way it runs
        const forward = part === 'before' || way !== 'stop'
        turned.to(at)
        onTake({ ...typed, [part]: device.reads(at, forward).toFixed(1) })
    }
    const here = placeAt(ways, turned.crank + cylinder.phase)
    return (
        <div className="mt-1 border border-line p-2">
            <p className="text-sm font-bold">Simulated dial and wheel</p>
            <p className="leading-snug">
                Here it reads <b className="text-xl">{device.reads(turned.crank, true).toFixed(1)}°</b> come up to the
                way it runs
                {timing.mayTurnBack && (
                    <>
                        , <b className="text-xl">{device.reads(turned.crank, false).toFixed(1)}°</b> turned back to
                    </>
                )}
                : {device.play.toFixed(1)}° of play at the same {here ? `${here.dial.toFixed(2)} mm` : 'place'}.
            </p>
            <div className="mt-1 flex gap-2">
                {(['before', 'after'] as const).map((part) => (
                    <button
                        key={part}
                        type="button"
                        className="btn h-12 flex-1 px-2"
                        disabled={way === 'stop' && part === 'after' && !timing.mayTurnBack}
                        onClick={() => take(part)}
                    >
                        {way === 'stop'
                            ? part === 'before'
                                ? 'To the stop'
                                : 'Round to it'
                            : part === 'before'
                              ? 'Before top'
                              : 'After top'}
                    </button>
                ))}
            </div>
        </div>
    )
}
