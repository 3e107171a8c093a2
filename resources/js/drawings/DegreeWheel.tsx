import { memo } from 'react'
import { polar as at } from './timingLayout'

/** The face of a degree wheel round 0, 0: every degree a line, every thirtieth a figure; as it reads under a pointer at the top. */
export const DegreeWheel = memo(function DegreeWheel({
    radius,
    sense,
}: {
    radius: number
    /** The way it turns: its figures go round against it, so that the pointer reads more the further it has turned. */
    sense: number
}) {
    const rim = radius / 120
    return (
        <g>
            <circle r={radius} fill="var(--metal)" strokeWidth={rim * 1.6} />
            {[1, 5, 10].map((every) => (
                <path
                    key={every}
                    strokeWidth={rim * (every === 1 ? 0.5 : every === 5 ? 0.8 : 1.4)}
                    d={Array.from({ length: 360 / every }, (_, index) => index * every)
                        .filter((mark) => every === 10 || mark % (every === 1 ? 5 : 10) !== 0)
                        .map((mark) => {
                            const [x1, y1] = at(-sense * mark, radius * 0.985)
                            const [x2, y2] = at(
                                -sense * mark,
                                radius * (every === 1 ? 0.955 : every === 5 ? 0.935 : 0.91),
                            )
                            return `M${x1.toFixed(2)} ${y1.toFixed(2)}L${x2.toFixed(2)} ${y2.toFixed(2)}`
                        })
                        .join('')}
                />
            ))}
            {Array.from({ length: 12 }, (_, index) => index * 30).map((mark) => {
                const [x, y] = at(-sense * mark, radius * 0.82)
                return (
                    <text
                        key={mark}
                        x={x}
                        y={y}
                        dy="0.36em"
                        textAnchor="middle"
                        fontSize={radius * 0.088}
                        transform={`rotate(${-sense * mark} ${x} ${y})`}
                        className="fill-base-content stroke-none font-bold"
                    >
                        {mark > 180 ? 360 - mark : mark}
                    </text>
                )
            })}
        </g>
    )
})
