import { useWatch } from 'react-hook-form'
import { DegreeWheel } from '../../drawings/DegreeWheel'
import { polar } from '../../drawings/timingLayout'
import { figure, stated } from './printed'

interface Mark {
    name?: string
    clock?: string
}

const RADIUS = 100

/** Where the marks are read, and how far before the top the spark comes, on a degree wheel. */
export function WheelPicture() {
    const ignition = (useWatch({ name: 'ignition' }) ?? {}) as { point?: Record<string, unknown> }
    const crank = (useWatch({ name: 'crank' }) ?? {}) as { runs?: string; seen_from?: string }
    const marks = (useWatch({ name: 'marks' }) ?? []) as Mark[]
    const said = stated(ignition.point)
    const point =
        figure(ignition.point?.nominal) ??
        ([figure(ignition.point?.min), figure(ignition.point?.max)] as (number | null)[]).reduce<number | null>(
            (sum, end) => (end === null ? sum : sum === null ? end : (sum + end) / 2),
            null,
        )
    const isAngle = /deg|°/.test(said)
    const sense = crank.runs === 'anticlockwise' ? -1 : 1
    return (
        <figure>
            <svg viewBox="-170 -130 340 260" className="ink w-full stroke-base-content" role="img" aria-label="Marks">
                <DegreeWheel radius={RADIUS} sense={sense} />
                {point !== null && isAngle && <Spoke at={sense * point} className="stroke-primary" />}
                {marks.map((mark, index) => {
                    const clock = figure(mark.clock)
                    if (clock === null) {
                        return null
                    }
                    const [x, y] = polar(clock, RADIUS + 8)
                    const [tx, ty] = polar(clock, RADIUS + 14)
                    return (
                        // biome-ignore lint/suspicious/noArrayIndexKey: a mark may have no name while it is typed
                        <g key={index}>
                            <circle cx={x} cy={y} r="4" className="fill-base-content" />
                            <text
                                x={tx}
                                y={ty + 4}
                                fontSize="10"
                                textAnchor={tx > 1 ? 'start' : tx < -1 ? 'end' : 'middle'}
                                className="fill-base-content stroke-none"
                            >
                                {(mark.name ?? '').slice(0, 14)}
                            </text>
                        </g>
                    )
                })}
            </svg>
            <figcaption className="text-sm text-quiet">
                {said === '' ? 'No point of ignition is stated.' : `Ignition ${said} before the top.`}{' '}
                {crank.seen_from ? `Seen from ${crank.seen_from}.` : ''}
            </figcaption>
        </figure>
    )
}

function Spoke({ at, className }: { at: number; className: string }) {
    const [x, y] = polar(at, RADIUS)
    return <path d={`M0 0L${x} ${y}`} className={className} strokeWidth="3" />
}
