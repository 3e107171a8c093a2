import { useRef } from 'react'
import type { Schemas } from '../app/api'
import { useWidth } from '../app/useWidth'
import { scaleOf } from './rulerScale'
import { Zones } from './Zones'

const BAR = 14
const TOP = 16

/** A limit to scale with where a figure is (an open triangle) and where it would be (a bar with the whisker of its doubt). */
export function MovedRuler({
    ruler,
    was,
    decimals,
    label,
}: {
    ruler: Schemas['Ruler']
    was: number
    decimals: number
    label: string
}) {
    const frame = useRef<HTMLDivElement>(null)
    const width = Math.max(160, useWidth(frame, 300))
    const scale = scaleOf(ruler, width)
    return (
        <div ref={frame} className="w-full">
            <svg
                width={width}
                height={45}
                viewBox={`0 0 ${width} 45`}
                className="block max-w-full"
                role="img"
                aria-label={label}
            >
                <Zones ruler={ruler} scale={scale} y={TOP} height={BAR} />
                {ruler.marks.map((mark) => (
                    <g key={mark.at} className="stroke-base-content" strokeWidth="1.4">
                        <path
                            d={`M${scale(mark.at)} ${TOP - 3}v${BAR + 6}`}
                            strokeDasharray={mark.service ? '3 2' : undefined}
                        />
                        <text
                            x={Math.max(16, Math.min(width - 16, scale(mark.at)))}
                            y={TOP + BAR + 14}
                            fontSize="12"
                            fontWeight="700"
                            textAnchor="middle"
                            className="fill-base-content stroke-none"
                        >
                            {mark.at.toFixed(decimals)}
                        </text>
                    </g>
                ))}
                {once(ruler.whiskers.slice(0, was)).map((whisker) => (
                    <path
                        key={whisker.nominal}
                        d={`M${scale(whisker.nominal) - 6} 2h12l-6 10z`}
                        className="fill-base-100 stroke-base-content"
                        strokeWidth="1.5"
                    />
                ))}
                {once(ruler.whiskers.slice(was)).map((whisker) => (
                    <g key={whisker.nominal} className="stroke-base-content">
                        <path d={`M${scale(whisker.nominal)} ${TOP - 2}v${BAR + 4}`} strokeWidth="5" />
                        <path
                            d={`M${scale(whisker.low)} ${TOP - 5}H${scale(whisker.high ?? ruler.to)}`}
                            strokeWidth="1.6"
                        />
                    </g>
                ))}
            </svg>
        </div>
    )
}

/** Points that lie in one place are drawn once. */
const once = (whiskers: Schemas['Whisker'][]) => [...new Map(whiskers.map((each) => [each.nominal, each])).values()]
