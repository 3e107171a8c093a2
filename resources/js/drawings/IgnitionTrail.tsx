import type { Schemas } from '../app/api'

type Loop = Schemas['IgnitionLoop']

const WIDTH = 400
const HEIGHT = 210
const [LEFT, RIGHT, TOP, FOOT] = [44, 390, 12, 172]

/** The readings of an ignition point on the line of piston against crank, numbered as they were taken, closing in on the band. */
export function IgnitionTrail({
    loop,
    line,
    now,
}: {
    loop: Loop
    /** The piston’s way in millimetres at each whole degree before the top. */
    line: { degrees: number; below: number }[]
    /** Where the crank stands before the top, if it does. */
    now: number | null
}) {
    const points = [
        ...loop.rounds.map((round) => round.degrees),
        ...[loop.low, loop.aim, loop.high].flatMap((each) => each?.degrees ?? []),
    ]
    const [least, most] = [Math.min(...points), Math.max(...points)]
    const middle = points.length === 0 ? 20 : (least + most) / 2
    const half = Math.max(2.5, points.length === 0 ? 10 : (most - least) * 0.7)
    const [from, to] = [Math.max(0, middle - half), middle + half]
    const belowAt = (degrees: number) => {
        const [low, high] = [line[Math.floor(degrees)], line[Math.ceil(degrees)]]
        return low && high ? low.below + (high.below - low.below) * (degrees - Math.floor(degrees)) : 0
    }
    const [bottom, top] = [belowAt(from), Math.max(belowAt(to), belowAt(from) + 0.1)]
    const x = (degrees: number) => LEFT + ((degrees - from) / (to - from)) * (RIGHT - LEFT)
    const y = (below: number) => FOOT - ((below - bottom) / (top - bottom)) * (FOOT - TOP)
    const steps = Array.from({ length: 41 }, (_, index) => from + ((to - from) * index) / 40)
    const ticks = Array.from({ length: Math.floor(to) - Math.ceil(from) + 1 }, (_, index) => Math.ceil(from) + index)
    const every = Math.max(1, Math.round((to - from) / 5))
    const apart = [0.05, 0.1, 0.2, 0.5, 1, 2].find((step) => (top - bottom) / step <= 6) ?? 5
    const levels = Array.from({ length: 8 }, (_, index) => (Math.ceil(bottom / apart) + index) * apart).filter(
        (level) => level <= top,
    )
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full stroke-base-content"
            role="img"
            aria-label={`Readings: ${loop.rounds.map((round) => `${round.degrees.toFixed(1)} degrees, ${round.words}`).join('; ') || 'none yet'}`}
        >
            {loop.low && loop.high && (
                <rect
                    x={x(loop.low.degrees)}
                    y={TOP}
                    width={x(loop.high.degrees) - x(loop.low.degrees)}
                    height={FOOT - TOP}
                    className="fill-tint stroke-none"
                />
            )}
            <path d={`M${LEFT} ${TOP}V${FOOT}H${RIGHT}`} fill="none" strokeWidth="1.5" />
            <path
                d={`M${steps.map((step) => `${x(step).toFixed(1)} ${y(belowAt(step)).toFixed(1)}`).join('L')}`}
                fill="none"
                strokeWidth="1.8"
            />
            {levels.map((level) => (
                <text
                    key={level}
                    x={LEFT - 6}
                    y={y(level) + 4}
                    textAnchor="end"
                    fontSize="12"
                    className="fill-quiet stroke-none"
                >
                    {level.toFixed(2)}
                </text>
            ))}
            {ticks
                .filter((tick) => tick % every === 0)
                .map((tick) => (
                    <text
                        key={tick}
                        x={x(tick)}
                        y={FOOT + 17}
                        textAnchor="middle"
                        fontSize="12"
                        className="fill-quiet stroke-none"
                    >
                        {tick}°
                    </text>
                ))}
            <text x={RIGHT} y={FOOT + 33} textAnchor="end" fontSize="12" className="fill-quiet stroke-none">
                before top, against millimetres of piston
            </text>
            {now !== null && now >= from && now <= to && (
                <path d={`M${x(now)} ${FOOT}v-9`} className="stroke-primary" strokeWidth="3" />
            )}
            {loop.rounds.map((round, index) => {
                const isLast = index === loop.rounds.length - 1
                const [cx, cy] = [x(round.degrees), y(round.below)]
                return (
                    <g key={round.entry}>
                        <circle
                            cx={cx}
                            cy={cy}
                            r={isLast ? 8 : 6}
                            strokeWidth="2"
                            className={isLast ? 'fill-primary stroke-primary' : 'fill-base-100'}
                        />
                        <text
                            x={cx + 11}
                            y={cy + 16}
                            fontSize="14"
                            className={`stroke-none font-bold ${isLast ? 'fill-primary' : 'fill-base-content'}`}
                        >
                            {index + 1}
                        </text>
                    </g>
                )
            })}
        </svg>
    )
}
