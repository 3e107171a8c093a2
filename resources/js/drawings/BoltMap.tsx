import { type PointerEvent, useRef } from 'react'

interface Bolt {
    id: string
    x: number
    y: number
}

const EDGE = 22
const HEAD = 11

/** Bolts of a joint from above, to scale in mm, each with its turn; those done are filled, the one in hand is lit. */
export function BoltMap({
    bolts,
    order,
    done,
    onTap,
    onMove,
}: {
    bolts: Bolt[]
    order: string[]
    /** How many of the order have been pulled. */
    done: number
    onTap: (id: string) => void
    onMove: (id: string, x: number, y: number) => void
}) {
    const svg = useRef<SVGSVGElement>(null)
    const held = useRef<{ id: string; x: number; y: number; moved: boolean } | null>(null)
    const box = around(bolts)
    const pulled = bolts.filter(({ id }) => order.indexOf(id) >= 0 && order.indexOf(id) < done)
    const [middle, centre] = [centroid(bolts), centroid(pulled)]
    const mm = (event: PointerEvent) => {
        const matrix = svg.current?.getScreenCTM()?.inverse()
        const point = matrix && new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix)
        return point ? { x: Math.round(point.x), y: Math.round(-point.y) } : null
    }
    const move = (event: PointerEvent) => {
        const [hand, at] = [held.current, mm(event)]
        if (hand && at && (hand.moved || Math.hypot(at.x - hand.x, at.y - hand.y) > 3)) {
            hand.moved = true
            onMove(hand.id, at.x, at.y)
        }
    }
    const release = () => {
        if (held.current && !held.current.moved) {
            onTap(held.current.id)
        }
        held.current = null
    }
    return (
        <svg
            ref={svg}
            viewBox={`${box.left} ${-box.top} ${box.right - box.left} ${box.top - box.bottom}`}
            role="img"
            aria-label={`${bolts.length} bolts from above, pulled in the order ${order.join(', ')}`}
            className="ink max-h-[46vh] w-full touch-none text-base-content"
            onPointerMove={move}
            onPointerUp={release}
        >
            <rect
                x={box.left + 2}
                y={-box.top + 2}
                width={box.right - box.left - 4}
                height={box.top - box.bottom - 4}
                rx={14}
                fill="var(--metal)"
                stroke="currentColor"
                strokeWidth={1}
            />
            <polyline
                points={order
                    .slice(0, Math.max(done, 1))
                    .map((id) => pointOf(bolts, id))
                    .join(' ')}
                fill="none"
                stroke="currentColor"
                strokeWidth={0.8}
                strokeDasharray="3 2.5"
                opacity={0.7}
            />
            {middle && (
                <path
                    d={`M${middle.x - 5} ${-middle.y}h10M${middle.x} ${-middle.y - 5}v10`}
                    stroke="currentColor"
                    strokeWidth={0.8}
                />
            )}
            {middle && centre && (
                <path
                    d={`M${middle.x} ${-middle.y}L${centre.x} ${-centre.y}`}
                    className="stroke-primary"
                    strokeWidth={3}
                    strokeLinecap="round"
                />
            )}
            {bolts.map(({ id, x, y }, index) => {
                const turn = order.indexOf(id)
                const isLit = turn >= 0 && turn === done - 1
                return (
                    <g
                        // biome-ignore lint/suspicious/noArrayIndexKey: two bolts may bear one number while it is typed
                        key={index}
                        className="cursor-grab"
                        onPointerDown={(event) => {
                            event.currentTarget.setPointerCapture?.(event.pointerId)
                            held.current = { id, x, y, moved: false }
                        }}
                    >
                        <circle
                            cx={x}
                            cy={-y}
                            r={HEAD}
                            stroke="currentColor"
                            strokeWidth={isLit ? 3 : 1}
                            className={
                                isLit
                                    ? 'fill-primary'
                                    : turn >= 0 && turn < done
                                      ? 'fill-base-content'
                                      : 'fill-base-100'
                            }
                        />
                        <text
                            x={x}
                            y={-y + 4.2}
                            textAnchor="middle"
                            fontSize={12}
                            fontWeight={700}
                            className={
                                isLit
                                    ? 'fill-primary-content'
                                    : turn >= 0 && turn < done
                                      ? 'fill-base-100'
                                      : 'fill-base-content'
                            }
                        >
                            {turn >= 0 ? turn + 1 : '–'}
                        </text>
                        <text
                            x={x}
                            y={-y + HEAD + 8}
                            textAnchor="middle"
                            fontSize={7}
                            className="fill-quiet max-sm:hidden"
                            stroke="var(--metal)"
                            strokeWidth={3}
                            paintOrder="stroke"
                        >{`bolt ${id}`}</text>
                    </g>
                )
            })}
        </svg>
    )
}

function around(bolts: Bolt[]) {
    const [xs, ys] = [bolts.map(({ x }) => x), bolts.map(({ y }) => y)]
    const edge = EDGE + HEAD
    return {
        left: Math.min(...xs, 0) - edge,
        right: Math.max(...xs, 0) + edge,
        top: Math.max(...ys, 0) + edge,
        bottom: Math.min(...ys, 0) - edge,
    }
}

function centroid(bolts: Bolt[]): { x: number; y: number } | null {
    return bolts.length === 0
        ? null
        : {
              x: bolts.reduce((sum, { x }) => sum + x, 0) / bolts.length,
              y: bolts.reduce((sum, { y }) => sum + y, 0) / bolts.length,
          }
}

function pointOf(bolts: Bolt[], id: string): string {
    const bolt = bolts.find((each) => each.id === id)
    return bolt ? `${bolt.x},${-bolt.y}` : ''
}
