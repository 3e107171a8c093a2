import { memo } from 'react'
import type { Schemas } from '../app/api'
import { liftAt } from './timingLayout'

type Lift = Schemas['TimingLift']

const WIDTH = 400
const HEIGHT = 150
const FOOT = 118
const LEFT = 8
/** From the bottom before the overlap to the bottom after it, and a little more on both sides. */
const FROM = 120
const TO = 600

const x = (own: number) => LEFT + ((own - FROM) / (TO - FROM)) * (WIDTH - 2 * LEFT)

/**
 * How far both valves stand open about the overlap: as their maker states it in ink, as it was read in the working colour, so many
 * degrees away. Before and after lie on one drawing.
 */
export function CamDiagram({
    lifts,
    moved,
    at = null,
}: {
    lifts: Lift[]
    /** By how many crank degrees each side was read later than stated. */
    moved: Partial<Record<string, number>>
    /** Where the crank stands, in degrees after its cylinder fires. */
    at?: number | null
}) {
    const here = at === null ? null : ((at % 720) + 720) % 720
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full stroke-base-content"
            role="img"
            aria-label="Valve lift"
        >
            <Curves lifts={lifts} moved={moved} />
            {here !== null && here >= FROM && here <= TO && (
                <path d={`M${x(here)} 6V${FOOT}`} className="stroke-primary" strokeWidth="2.5" />
            )}
        </svg>
    )
}

/** What does not move while the crank is turned. */
const Curves = memo(
    function Curves({ lifts, moved }: { lifts: Lift[]; moved: Partial<Record<string, number>> }) {
        const most = Math.max(1, ...lifts.map((each) => each.most))
        const line = (lift: Lift, later: number) =>
            Array.from({ length: (TO - FROM) / 4 + 1 }, (_, index) => FROM + index * 4)
                .map(
                    (own) =>
                        `${x(own).toFixed(1)} ${(FOOT - (liftAt(lift.lifts, own - later) / most) * (FOOT - 14)).toFixed(1)}`,
                )
                .join('L')
        return (
            <g>
                <path d={`M${LEFT} ${FOOT}H${WIDTH - LEFT}`} strokeWidth="1.5" />
                {[
                    [180, 'bottom'],
                    [360, 'top'],
                    [540, 'bottom'],
                ].map(([own, name]) => (
                    <g key={own}>
                        <path d={`M${x(Number(own))} 10V${FOOT + 6}`} className="stroke-line" strokeWidth="1" />
                        <text
                            x={x(Number(own))}
                            y={FOOT + 20}
                            textAnchor="middle"
                            fontSize="12"
                            className="fill-quiet stroke-none"
                        >
                            {name}
                        </text>
                    </g>
                ))}
                {lifts.map((each) => {
                    const later = moved[each.side]
                    return (
                        <g key={each.side} fill="none">
                            <path d={`M${line(each, 0)}`} strokeWidth={later === undefined ? 2 : 1.5} />
                            {later !== undefined && (
                                <path
                                    d={`M${line(each, later)}`}
                                    strokeWidth="2.5"
                                    strokeDasharray="7 4"
                                    className="stroke-primary"
                                />
                            )}
                            <text
                                x={x((each.opens + each.closes) / 2)}
                                y={FOOT - 6}
                                textAnchor="middle"
                                fontSize="12"
                                className="fill-base-content stroke-base-100"
                                strokeWidth="5"
                                paintOrder="stroke"
                            >
                                {each.side}
                            </text>
                        </g>
                    )
                })}
            </g>
        )
    },
    (was, is) =>
        was.lifts.length === is.lifts.length &&
        was.lifts.every((lift, index) => lift === is.lifts[index] && was.moved[lift.side] === is.moved[lift.side]),
)
