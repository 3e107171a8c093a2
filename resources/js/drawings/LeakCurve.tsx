import type { Schemas } from '../app/api'

type Test = Schemas['LeakTest']

const WIDTH = 560
const HEIGHT = 250
const LEFT = 46
const BOTTOM = 34

/** Pressure over time as the gauge was read, over the fall that is allowed; earlier tests stay as thin lines. */
export function LeakCurve({
    tests,
    allowed,
    asked,
    time,
}: {
    tests: Test[]
    allowed: number | null
    asked: number | null
    time: number | null
}) {
    const last = tests[tests.length - 1]
    const points = tests.flatMap((test) => test.points)
    const most = Math.max(asked ?? 0, ...points.map((point) => point.pressure), 10) * 1.12
    const longest = Math.max(time ?? 0, ...points.map((point) => point.at), 60) * 1.06
    const x = (at: number) => LEFT + (at / longest) * (WIDTH - LEFT - 8)
    const y = (pressure: number) => (HEIGHT - BOTTOM) * (1 - pressure / most) + 4
    const start = last?.points[0]?.pressure ?? asked ?? 0
    const minutes = Math.floor(longest / 60)
    return (
        <svg viewBox={`0 0 ${WIDTH} ${HEIGHT}`} role="img" aria-label={said(last)} className="ink w-full max-w-[46rem]">
            {allowed !== null && time !== null && (
                <path
                    d={`M${x(0)} ${y(start)}L${x(time)} ${y(start - (allowed * time) / 60)}V${y(start)}Z`}
                    className="fill-tint"
                />
            )}
            <path
                d={`M${LEFT} 4V${HEIGHT - BOTTOM + 4}H${WIDTH - 4}`}
                fill="none"
                stroke="currentColor"
                strokeWidth={1.4}
            />
            {[...Array(minutes + 1).keys()].map((minute) => (
                <g key={`${minute} min`} stroke="currentColor">
                    <path d={`M${x(minute * 60)} ${HEIGHT - BOTTOM + 4}v5`} />
                    <text
                        x={x(minute * 60)}
                        y={HEIGHT - 10}
                        textAnchor="middle"
                        fontSize={12}
                        stroke="none"
                        className="fill-base-content"
                    >
                        {minute}
                    </text>
                </g>
            ))}
            <text x={WIDTH - 6} y={HEIGHT - 10} textAnchor="end" fontSize={12} className="fill-base-content">
                min
            </text>
            {[0, 10, 20, 30, 40, 50, 60, 70, 80, 90]
                .filter((pressure) => pressure <= most)
                .map((pressure) => (
                    <text
                        key={pressure}
                        x={LEFT - 6}
                        y={y(pressure) + 4}
                        textAnchor="end"
                        fontSize={12}
                        className="fill-base-content"
                    >
                        {pressure}
                    </text>
                ))}
            <text x={LEFT + 6} y={14} fontSize={12} className="fill-base-content">
                kPa
            </text>
            {time !== null && (
                <path d={`M${x(time)} 4V${HEIGHT - BOTTOM + 4}`} stroke="currentColor" strokeDasharray="4 4" />
            )}
            {tests.map((test) => (
                <g key={test.begun} className={test === last ? 'text-primary' : 'text-quiet'} stroke="currentColor">
                    <path
                        d={`M${test.points.map((point) => `${x(point.at)} ${y(point.pressure)}`).join('L')}`}
                        fill="none"
                        strokeWidth={test === last ? 3 : 1.2}
                    />
                    {test === last &&
                        test.points.map((point) => (
                            <circle
                                key={point.at}
                                cx={x(point.at)}
                                cy={y(point.pressure)}
                                r={5}
                                className="fill-base-100"
                                strokeWidth={2.6}
                            />
                        ))}
                </g>
            ))}
        </svg>
    )
}

const said = (test: Test | undefined) =>
    test === undefined
        ? 'No test yet'
        : `${test.headline}; ${test.points.map((point) => `${point.pressure} kPa at ${Math.round(point.at)} s`).join(', ')}`
