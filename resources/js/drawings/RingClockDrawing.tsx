import { type PointerEvent, useRef } from 'react'
import type { Schemas } from '../app/api'

type Place = Schemas['GapPlace']

const SIZE = 420
const MIDDLE = SIZE / 2
const OUTER = 168

const at = (angle: number, radius: number): [number, number] => {
    const turn = (angle * Math.PI) / 180
    // the exhaust is at the bottom of the drawing, clockwise as seen on the crown
    return [MIDDLE - radius * Math.sin(turn), MIDDLE + radius * Math.cos(turn)]
}

const arc = (from: number, to: number, radius: number): string => {
    const span = (((to - from) % 360) + 360) % 360
    const [x1, y1] = at(from, radius)
    const [x2, y2] = at(to, radius)
    return `M${x1} ${y1}A${radius} ${radius} 0 ${span > 180 ? 1 : 0} 1 ${x2} ${y2}`
}

/** The crown from above, the exhaust marked: one circle a ring with its gap, the arcs where no gap may lie, conflicts struck. */
export function RingClockDrawing({
    place,
    conflicts,
    onTurn,
}: {
    place: Place
    conflicts: { rings: string[] }[]
    onTurn?: (ring: string, angle: number) => void
}) {
    const frame = useRef<SVGSVGElement>(null)
    const turning = useRef<string | null>(null)
    const bad = new Set(conflicts.flatMap((conflict) => conflict.rings))
    const step = Math.min(26, 116 / Math.max(1, place.angles.length))
    const radiusOf = (index: number) => OUTER - 22 - index * step
    const turn = (event: PointerEvent<SVGSVGElement>) => {
        const box = frame.current?.getBoundingClientRect()
        if (!turning.current || !box || !onTurn) {
            return
        }
        const x = ((event.clientX - box.left) / box.width) * SIZE - MIDDLE
        const y = ((event.clientY - box.top) / box.height) * SIZE - MIDDLE
        const angle = (Math.atan2(-x, y) * 180) / Math.PI
        onTurn(turning.current, Math.round((angle + 360) % 360))
    }
    return (
        <svg
            ref={frame}
            viewBox={`0 0 ${SIZE} ${SIZE}`}
            className="w-full touch-none select-none"
            role="img"
            aria-label={`Crown of ${place.name} from above, gaps at ${place.angles.map((each) => `${each.name} ${each.angle}°`).join(', ')} clockwise from the exhaust`}
            onPointerMove={turn}
            onPointerUp={() => {
                turning.current = null
            }}
        >
            <circle
                cx={MIDDLE}
                cy={MIDDLE}
                r={OUTER}
                fill="var(--metal)"
                className="stroke-base-content"
                strokeWidth={2}
            />
            <path
                d={`M${MIDDLE - OUTER} ${MIDDLE}H${MIDDLE + OUTER}`}
                className="stroke-quiet"
                strokeWidth={1.5}
                strokeDasharray="14 5 3 5"
            />
            <text x={MIDDLE} y={MIDDLE - 6} textAnchor="middle" fontSize={13} className="fill-quiet">
                pin
            </text>
            {place.keepOff.map((each) => (
                <path
                    key={`${each.from}/${each.why}`}
                    d={arc(each.from, each.to, OUTER + 11)}
                    fill="none"
                    stroke="var(--zone-out)"
                    strokeWidth={16}
                />
            ))}
            <path
                d={`M${MIDDLE - 13} ${SIZE - 2}h26l-13 -15z`}
                className="fill-base-content"
                transform={`rotate(180 ${MIDDLE} ${SIZE - 10})`}
            />
            <text x={MIDDLE + 22} y={SIZE - 5} fontSize={14} fontWeight={700} className="fill-base-content">
                exhaust
            </text>
            {place.angles.map((each, index) => {
                const radius = radiusOf(index)
                const gap = (8 / radius) * 57.3
                const [hx, hy] = at(each.angle, radius)
                return (
                    <g key={each.ring}>
                        <path
                            d={arc(each.angle + gap, each.angle - gap, radius)}
                            fill="none"
                            className={bad.has(each.ring) ? 'stroke-error' : 'stroke-base-content'}
                            strokeWidth={each.ring.includes('rail') ? 3 : each.ring === 'expander' ? 2 : 6}
                            strokeDasharray={each.ring === 'expander' ? '4 3' : undefined}
                        />
                        {bad.has(each.ring) && (
                            <path
                                d={`M${hx - 8} ${hy - 8}l16 16M${hx + 8} ${hy - 8}l-16 16`}
                                className="stroke-error"
                                strokeWidth={3}
                            />
                        )}
                        <circle
                            cx={hx}
                            cy={hy}
                            r={22}
                            fill="transparent"
                            className={onTurn ? 'cursor-grab' : ''}
                            onPointerDown={(event) => {
                                turning.current = each.ring
                                event.currentTarget.ownerSVGElement?.setPointerCapture(event.pointerId)
                            }}
                        />
                    </g>
                )
            })}
        </svg>
    )
}
