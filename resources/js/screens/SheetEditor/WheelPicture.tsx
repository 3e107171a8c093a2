import { useWatch } from 'react-hook-form'
import { figure, stated } from '../../app/printed'
import { useCalculation } from '../../app/useCalculation'
import { DegreeWheel } from '../../drawings/DegreeWheel'
import { polar } from '../../drawings/timingLayout'

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
    const geometry = (useWatch({ name: 'geometry' }) ?? {}) as { stroke?: string; rod?: string }
    const said = stated(ignition.point)
    const { nominal, min, max } = ignition.point ?? {}
    const ends = [min, max].map(figure).filter((end): end is number => end !== null)
    const point = figure(nominal) ?? (ends.length === 0 ? null : ends.reduce((sum, end) => sum + end, 0) / ends.length)
    const isAngle = /deg|°/.test(said)
    // a point that is said in millimetres stands where the piston's way has it
    const { answer } = useCalculation<{ at: { degrees: { value: number } }[] }>(
        'piston-way',
        point !== null && !isAngle && geometry.stroke && geometry.rod
            ? { stroke: geometry.stroke, rod: geometry.rod, at: [{ below_tdc: `${point} mm` }] }
            : null,
    )
    const angle = isAngle ? point : (answer?.at[0]?.degrees.value ?? null)
    const sense = crank.runs === 'anticlockwise' ? -1 : 1
    return (
        <figure>
            <svg viewBox="-170 -130 340 260" className="ink w-full stroke-base-content" role="img" aria-label="Marks">
                <DegreeWheel radius={RADIUS} sense={sense} />
                {angle !== null && <Spoke at={sense * angle} className="stroke-primary" />}
                {[...byClock(marks)].map(([clock, names]) => {
                    const [x, y] = polar(clock, RADIUS + 8)
                    const [tx, ty] = polar(clock, RADIUS + 14)
                    return (
                        <g key={clock}>
                            <circle cx={x} cy={y} r="4" className="fill-base-content" />
                            <text
                                fontSize="10"
                                textAnchor={tx > 1 ? 'start' : tx < -1 ? 'end' : 'middle'}
                                className="fill-base-content stroke-none"
                            >
                                {names.map((name, line) => (
                                    <tspan key={name} x={tx} y={ty + 4 + line * 11}>
                                        {name.slice(0, 16)}
                                    </tspan>
                                ))}
                            </text>
                        </g>
                    )
                })}
            </svg>
            <figcaption className="text-sm text-quiet">
                {said === ''
                    ? 'No point of ignition is stated.'
                    : `Ignition ${said} before the top${isAngle || angle === null ? '' : `, ${angle.toFixed(1)}° of the crank`}.`}{' '}
                {crank.seen_from ? `Seen from ${crank.seen_from}.` : ''}
            </figcaption>
        </figure>
    )
}

/** Marks that are read at one place are named together. */
function byClock(marks: Mark[]): Map<number, string[]> {
    const places = new Map<number, string[]>()
    for (const { name = '', clock } of marks) {
        const at = figure(clock)
        if (at !== null) {
            places.set(at, [...(places.get(at) ?? []), name])
        }
    }
    return places
}

function Spoke({ at, className }: { at: number; className: string }) {
    const [x, y] = polar(at, RADIUS)
    return <path d={`M0 0L${x} ${y}`} className={className} strokeWidth="3" />
}
