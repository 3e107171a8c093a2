import { type KeyboardEvent, type PointerEvent, useRef } from 'react'

const SIZE = 300
const MIDDLE = SIZE / 2
const RIM = 128

const at = (angle: number, radius: number): [number, number] => {
    const turn = (angle * Math.PI) / 180
    return [MIDDLE + radius * Math.sin(turn), MIDDLE - radius * Math.cos(turn)]
}

const KEYS: Record<string, number> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: 15,
    PageDown: -15,
}

/** A degree wheel on the crank: turned by a finger or by the arrow keys, with a mark for each crank pin. */
export function CrankWheel({
    angle,
    onTurn,
    pins,
}: {
    angle: number
    onTurn: (angle: number) => void
    pins: { id: string; phase: number }[]
}) {
    const frame = useRef<HTMLDivElement>(null)
    const held = useRef<number | null>(null)
    const under = (event: PointerEvent) => {
        const box = frame.current?.getBoundingClientRect()
        if (!box) {
            return 0
        }
        const x = event.clientX - box.left - box.width / 2
        const y = event.clientY - box.top - box.height / 2
        return (Math.atan2(x, -y) * 180) / Math.PI
    }
    const turned = (to: number) => onTurn(((Math.round(to) % 360) + 360) % 360)
    const keys = (event: KeyboardEvent) => {
        const step = KEYS[event.key]
        if (step !== undefined) {
            event.preventDefault()
            turned(angle + step)
        }
    }
    return (
        <div
            ref={frame}
            className="aspect-square w-full max-w-80 cursor-grab touch-none select-none"
            role="slider"
            tabIndex={0}
            aria-label="Crank"
            aria-valuemin={0}
            aria-valuemax={359}
            aria-valuenow={angle}
            aria-valuetext={`${angle} degrees`}
            onKeyDown={keys}
            onPointerDown={(event) => {
                event.currentTarget.setPointerCapture(event.pointerId)
                held.current = under(event) - angle
            }}
            onPointerMove={(event) => held.current !== null && turned(under(event) - held.current)}
            onPointerUp={() => {
                held.current = null
            }}
        >
            <svg viewBox={`0 0 ${SIZE} ${SIZE}`} className="w-full" aria-hidden="true">
                <circle
                    cx={MIDDLE}
                    cy={MIDDLE}
                    r={RIM + 12}
                    fill="var(--metal)"
                    className="stroke-base-content"
                    strokeWidth="2"
                />
                <path d={`M${MIDDLE - 8} 0h16l-8 14z`} className="fill-base-content" />
                <g transform={`rotate(${angle} ${MIDDLE} ${MIDDLE})`} className="stroke-base-content">
                    {Array.from({ length: 72 }, (_, index) => index * 5).map((mark) => {
                        const [x1, y1] = at(-mark, RIM + 10)
                        const [x2, y2] = at(-mark, RIM - (mark % 30 === 0 ? 10 : mark % 10 === 0 ? 2 : -3))
                        return <path key={mark} d={`M${x1} ${y1}L${x2} ${y2}`} strokeWidth={mark % 30 === 0 ? 2 : 1} />
                    })}
                    {Array.from({ length: 12 }, (_, index) => index * 30).map((mark) => {
                        const [x, y] = at(-mark, RIM - 24)
                        return (
                            <text
                                key={mark}
                                x={x}
                                y={y + 5}
                                textAnchor="middle"
                                transform={`rotate(${-mark} ${x} ${y})`}
                                className="fill-base-content stroke-none text-[14px]"
                            >
                                {mark}
                            </text>
                        )
                    })}
                    {pins.map((pin) => {
                        const [x, y] = at(pin.phase, 62)
                        return (
                            <g key={pin.id}>
                                <path d={`M${MIDDLE} ${MIDDLE}L${x} ${y}`} strokeWidth="9" opacity="0.35" />
                                <circle cx={x} cy={y} r="13" fill="var(--metal-shade)" strokeWidth="2" />
                            </g>
                        )
                    })}
                    <circle cx={MIDDLE} cy={MIDDLE} r="15" fill="var(--metal-shade)" strokeWidth="2" />
                </g>
            </svg>
        </div>
    )
}
