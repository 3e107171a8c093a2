import type { Schemas } from '../app/api'
import { DegreeWheel } from './DegreeWheel'
import { Cams, Chain } from './TimingCams'
import { Column, Throws } from './TimingColumn'
import { TimingMarks } from './TimingMarks'
import { polar, type TimingLayout } from './timingLayout'

type Timing = Schemas['Timing']
type Cylinder = Schemas['TimingCylinder']

/** Where the pointer of the degree wheel stands, in degrees from straight up. */
const POINTER = -52

/**
 * Crank, rods, pistons, cams, chain and valves along the crank, to one scale, turned to an angle; the degree wheel behind them
 * with its pointer, the marks where the sheet puts them. It moves by transforms alone.
 */
export function TimingDrawing({
    timing,
    layout,
    crank,
    chosen,
    others,
    dialTo,
}: {
    timing: Timing
    layout: TimingLayout
    /** Degrees after the first cylinder’s firing top, 0 up to two turns. */
    crank: number
    chosen: Cylinder
    /** The columns drawn beside it: the other one of a V. */
    others: Cylinder[]
    /** Whether a dial stands in the plug hole. */
    dialTo: boolean
}) {
    const ink = Math.max(layout.box[2], layout.box[3]) / 420
    const turned = layout.sense * crank
    const [left, top, width, height] = layout.box
    return (
        <div className="relative overflow-hidden">
            {/* a sheet of its own, so that its lines are not drawn anew at every frame */}
            <svg
                viewBox={layout.box.join(' ')}
                aria-hidden="true"
                className="pointer-events-none absolute inset-0 w-full stroke-base-content will-change-transform"
                style={{
                    transform: `rotate(${turned + POINTER}deg)`,
                    transformOrigin: `${(-left / width) * 100}% ${(-top / height) * 100}%`,
                }}
            >
                <DegreeWheel radius={layout.degreeWheel} sense={layout.sense} />
            </svg>
            <svg
                viewBox={layout.box.join(' ')}
                className="relative w-full stroke-base-content"
                strokeWidth={ink * 1.4}
                strokeLinejoin="round"
                role="img"
                aria-label={`Crank at ${crank.toFixed(1)} degrees, ${chosen.name}`}
            >
                <Pointer layout={layout} ink={ink} />
                {!layout.isGeared && layout.cams.length > 0 && <Chain layout={layout} crank={crank} ink={ink} />}
                {layout.isGeared && <Cams timing={timing} layout={layout} crank={crank} chosen={chosen} ink={ink} />}
                {others.map((each) => (
                    <Column
                        key={each.id}
                        timing={timing}
                        layout={layout}
                        cylinder={each}
                        crank={crank}
                        ink={ink}
                        isBeside
                        dialTo={false}
                    />
                ))}
                <Column timing={timing} layout={layout} cylinder={chosen} crank={crank} ink={ink} dialTo={dialTo} />
                <Throws timing={timing} layout={layout} crank={crank} chosen={chosen} ink={ink} />
                {!layout.isGeared && <Cams timing={timing} layout={layout} crank={crank} chosen={chosen} ink={ink} />}
                <TimingMarks timing={timing} layout={layout} crank={crank} chosen={chosen} ink={ink} />
                <Running layout={layout} ink={ink} />
            </svg>
        </div>
    )
}

/** What reads the degree wheel: it stands still at the top. */
function Pointer({ layout, ink }: { layout: TimingLayout; ink: number }) {
    const [, y] = polar(0, layout.degreeWheel * 1.01)
    return (
        <path
            d={`M0 ${y}l${-ink * 6} ${-ink * 13}h${ink * 12}z`}
            transform={`rotate(${POINTER})`}
            className="fill-base-content stroke-none"
        />
    )
}

function Running({ layout, ink }: { layout: TimingLayout; ink: number }) {
    const radius = layout.degreeWheel * 1.1
    const ends = [96, 128].map((angle) => polar(angle, radius))
    const [from, to] = layout.sense === 1 ? ends : [...ends].reverse()
    if (!from || !to) {
        return null
    }
    const heading = layout.sense === 1 ? 128 + 90 : 96 - 90
    return (
        <g className="stroke-primary" fill="none" strokeWidth={ink * 3}>
            <path
                d={`M${from[0]} ${from[1]}A${radius} ${radius} 0 0 ${layout.sense === 1 ? 1 : 0} ${to[0]} ${to[1]}`}
            />
            <path
                d={`M0 ${-ink * 11}l${ink * 6} ${ink * 13}h${-ink * 12}z`}
                className="fill-primary stroke-none"
                transform={`translate(${to[0]} ${to[1]}) rotate(${heading})`}
            />
        </g>
    )
}
