import { useRef } from 'react'
import type { Schemas } from '../app/api'
import { useWidth } from '../app/useWidth'
import { decimalsOf, labelsOf, scaleOf } from './rulerScale'
import { Zones } from './Zones'

/** The widest it is drawn, and room at the right for what lies past the scale. */
const WIDEST = 520
const ROOM = 34
const BAR = 22

/**
 * The picture behind a verdict, to scale: zones, limits with their sources, and the reading as a line with the whisker of
 * its doubt, or as the bar between two leaves (open where no leaf has refused).
 */
export function LimitRuler({ ruler, label }: { ruler: Schemas['Ruler']; label: string }) {
    const frame = useRef<HTMLDivElement>(null)
    const width = Math.min(WIDEST, Math.max(220, useWidth(frame, 460))) - ROOM
    const scale = scaleOf(ruler, width)
    const top = 24
    const labels = labelsOf(ruler, width)
    return (
        <div ref={frame}>
            <svg
                viewBox={`-2 0 ${width + ROOM} 86`}
                width={width + ROOM}
                height={86}
                className="block max-w-full"
                role="img"
                aria-label={label}
            >
                <Zones ruler={ruler} scale={scale} y={top} height={BAR} />
                {ruler.marks.map((mark, index) => {
                    const at = scale(mark.at)
                    const text = labels[index]?.x ?? at
                    return (
                        <g key={mark.at} className="stroke-base-content" strokeWidth={1.6} fill="none">
                            <path
                                d={`M${at} ${top - 5}V${top + BAR + 3}L${text} ${top + BAR + 8}`}
                                strokeDasharray={mark.service ? '4 2.5' : undefined}
                            />
                        </g>
                    )
                })}
                {labels.map((item) => (
                    <g key={item.x} className="fill-base-content" textAnchor="middle">
                        <text x={item.x} y={top + BAR + 22} fontSize="14" fontWeight="700">
                            {item.text}
                        </text>
                    </g>
                ))}
                <SourceNames labels={labels} y={top + BAR + 37} width={width} />
                {ruler.whiskers.map((whisker) =>
                    whisker.bracket ? (
                        <Bracket key={whisker.low} whisker={whisker} scale={scale} top={top} end={width + ROOM - 10} />
                    ) : (
                        <Whisker key={whisker.nominal} whisker={whisker} scale={scale} top={top} />
                    ),
                )}
            </svg>
        </div>
    )
}

/** Neighbouring limits of one source share its name. */
function SourceNames({ labels, y, width }: { labels: ReturnType<typeof labelsOf>; y: number; width: number }) {
    const groups: { from: number; to: number; text: string }[] = []
    for (const item of labels) {
        const text = `${item.service ? 'service' : 'as new'}${item.source ? ` · ${item.source}` : ''}`
        const last = groups[groups.length - 1]
        if (last?.text === text) {
            last.to = item.x
        } else {
            groups.push({ from: item.x, to: item.x, text })
        }
    }
    return (
        <g className="fill-quiet" fontSize="12">
            {groups.map((group, index) => {
                const previous = groups[index - 1]
                const middle = (group.from + group.to) / 2
                const crowded = previous !== undefined && middle - (previous.from + previous.to) / 2 < 150
                return (
                    <text
                        key={group.text + group.from}
                        x={Math.max(52, Math.min(width - 30, middle))}
                        y={crowded ? y + 13 : y}
                        textAnchor="middle"
                    >
                        {group.text}
                    </text>
                )
            })}
        </g>
    )
}

interface Reading {
    whisker: Schemas['Whisker']
    scale: (at: number) => number
    top: number
}

function Whisker({ whisker, scale, top }: Reading) {
    const [low, at, high] = [scale(whisker.low), scale(whisker.nominal), scale(whisker.high ?? whisker.nominal)]
    return (
        <g className="stroke-base-content" fill="none">
            <path d={`M${at} ${top - 14}V${top + BAR}`} strokeWidth={3.4} />
            <path d={`M${low} ${top - 9}H${high}M${low} ${top - 14}v10M${high} ${top - 14}v10`} strokeWidth={1.8} />
        </g>
    )
}

function Bracket({ whisker, scale, top, end }: Reading & { end: number }) {
    const low = scale(whisker.low)
    const high = whisker.high === null ? end : scale(whisker.high)
    const decimals = decimalsOf([whisker.low, whisker.high ?? 0])
    return (
        <g className="stroke-base-content" strokeWidth={2.4} fill="none">
            {whisker.high === null ? (
                <path
                    d={`M${high} ${top - 4}H${low}V${top + BAR + 4}H${high}M${high - 7} ${top + BAR / 2 - 6}l7 6l-7 6`}
                />
            ) : (
                <rect x={low} y={top - 4} width={Math.max(3, high - low)} height={BAR + 8} strokeDasharray="6 3.5" />
            )}
            <text x={low} y={top - 9} textAnchor="middle" fontSize="13" className="fill-base-content" stroke="none">
                {whisker.low.toFixed(decimals)}
            </text>
            {whisker.high !== null && (
                <text
                    x={Math.max(high, low + 36)}
                    y={top - 9}
                    textAnchor="middle"
                    fontSize="13"
                    className="fill-base-content"
                    stroke="none"
                >
                    {whisker.high.toFixed(decimals)}
                </text>
            )}
        </g>
    )
}
