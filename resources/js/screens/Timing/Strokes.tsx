import type { Timing } from '../../app/useTiming'
import { CamDiagram } from '../../drawings/CamDiagram'
import { strokeAt } from '../../drawings/timingLayout'
import type { Turned } from './Works'
import { placeAt, type Ways } from './ways'

/** Every cylinder where the crank stands: its stroke, its piston, and the marks that are met here. */
export function Strokes({
    timing,
    ways,
    turned,
    chosen,
}: {
    timing: Timing
    ways: Ways | null
    turned: Turned
    chosen: string
}) {
    const cylinder = timing.cylinders.find((each) => each.id === chosen)
    return (
        <section aria-label="Cylinders">
            <h2 className="border-b-2 border-base-content pb-1 font-bold">
                Every cylinder, crank at {turned.crank.toFixed(1)}°
            </h2>
            <ul>
                {timing.cylinders.map((each) => {
                    const place = placeAt(ways, turned.crank + each.phase)
                    const below = place?.below ?? 0
                    return (
                        <li key={each.id} className="border-b border-line py-2">
                            <p className="flex items-baseline justify-between gap-3">
                                <b className={each.id === chosen ? 'text-primary' : ''}>{each.name}</b>
                                <span className="text-right">
                                    <b className="text-xl">{strokeAt(timing, each.fires, turned.crank) || '–'}</b>
                                    <span className="block text-sm text-quiet">
                                        {place ? `${below.toFixed(2)} mm below its top` : 'rod length missing'}
                                    </span>
                                </span>
                            </p>
                            <div className="mt-1 h-2 border border-line">
                                <div
                                    className="h-full bg-base-content"
                                    style={{ width: `${(1 - below / timing.stroke) * 100}%` }}
                                />
                            </div>
                        </li>
                    )
                })}
            </ul>
            {timing.lifts.length > 0 && cylinder && cylinder.fires !== null && (
                <div className="mt-3">
                    <h2 className="font-bold">Its valves over two turns</h2>
                    <CamDiagram lifts={timing.lifts} moved={{}} at={turned.crank - cylinder.fires} />
                    <p className="text-sm leading-snug text-quiet">Events at {timing.lift ?? 'the lift'} of lift.</p>
                </div>
            )}
            {timing.gear !== 'none' && (
                <p className="mt-2 text-sm leading-snug text-quiet">
                    Compression is where air is pushed out at the plug hole, the inlet has just closed and both lifters
                    stay down; at overlap both move.
                </p>
            )}
            {timing.gear === 'none' && (
                <p className="mt-2 text-sm leading-snug text-quiet">
                    A two-stroke compresses at every turn: a finger over the plug hole feels it.
                </p>
            )}
            {timing.wheel && timing.gear !== 'none' && (
                <p className="mt-2 text-sm leading-snug text-quiet">
                    {timing.wheel.teeth} teeth on the cam wheel, {timing.wheel.drivenBy} on the crank: one tooth is{' '}
                    {timing.wheel.tooth.toFixed(2)}° of the cam and {(timing.wheel.tooth * 2).toFixed(2)}° of the crank.
                    The same marks come round after {timing.wheel.turns} {timing.wheel.turns === 1 ? 'turn' : 'turns'}{' '}
                    of the crank.
                </p>
            )}
        </section>
    )
}
