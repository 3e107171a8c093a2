/** A usual wrench's length, drawn but not written where nobody has measured it. */
const USUAL = 300

/** A torque wrench to scale with its adapter at an angle: hand, square, bolt, and the lever that counts. */
export function WrenchDrawing({
    length: measured,
    adapter,
    angle,
    lettering = 16,
}: {
    length: number | null
    adapter: number
    angle: number
    /** How large its figures are, where it is drawn small. */
    lettering?: number
}) {
    const length = measured ?? USUAL
    const turn = (angle * Math.PI) / 180
    const [reach, drop] = [adapter * Math.cos(turn), adapter * Math.sin(turn)]
    const scale = 560 / Math.max(length + Math.max(0, reach), 1)
    const [width, middle] = [660, 130]
    const hand = { x: 50, y: middle }
    const square = { x: 50 + length * scale, y: middle }
    const bolt = { x: square.x + reach * scale, y: middle - drop * scale }
    const height = 240
    const lever = length + reach
    return (
        <svg
            viewBox={
                adapter > 0
                    ? `0 ${Math.min(0, bolt.y - 40)} ${width} ${Math.max(height, height - Math.min(0, bolt.y - 40))}`
                    : `0 ${middle - 34} ${width} 96`
            }
            role="img"
            aria-label={
                measured === null
                    ? `Wrench, hand to square not measured${adapter > 0 ? `, adapter of ${adapter} mm at ${angle}°` : ''}`
                    : adapter > 0
                      ? `Wrench of ${length} mm with an adapter of ${adapter} mm at ${angle}°: the lever is ${lever.toFixed(0)} mm`
                      : `Wrench of ${length} mm without an adapter`
            }
            className="ink w-full text-base-content"
        >
            <g stroke="currentColor" strokeWidth={2} strokeLinejoin="round">
                <path d={`M${hand.x + 26} ${middle - 7}H${square.x - 24}v14H${hand.x + 26}Z`} fill="var(--metal)" />
                <rect x={hand.x - 34} y={middle - 12} width={68} height={24} rx={12} fill="var(--metal-shade)" />
                <path d={`M${hand.x} ${middle - 12}V${middle + 12}`} strokeDasharray="4 3" />
                {adapter > 0 && (
                    <path
                        d={`M${square.x} ${square.y}L${bolt.x} ${bolt.y}`}
                        strokeWidth={22}
                        className="stroke-base-content"
                        strokeLinecap="round"
                    />
                )}
                {adapter > 0 && (
                    <path
                        d={`M${square.x} ${square.y}L${bolt.x} ${bolt.y}`}
                        strokeWidth={17}
                        stroke="var(--metal)"
                        strokeLinecap="round"
                    />
                )}
                <circle cx={square.x} cy={square.y} r={24} fill="var(--metal)" />
                <rect x={square.x - 8} y={square.y - 8} width={16} height={16} fill="var(--metal-shade)" />
                <path d={hexagon(bolt.x, bolt.y, 17)} className="fill-primary" stroke="currentColor" />
            </g>
            {(measured !== null || adapter > 0) && (
                <Span
                    from={hand.x}
                    to={square.x}
                    y={middle + 44}
                    lettering={lettering}
                    text={measured === null ? 'hand to square: measure it' : `${length} mm`}
                />
            )}
            {measured !== null && adapter > 0 && (
                <Span
                    from={hand.x}
                    to={bolt.x}
                    y={middle + 82}
                    lettering={lettering}
                    text={`lever ${lever.toFixed(0)} mm`}
                    strong
                />
            )}
            {adapter > 0 && (
                <text
                    x={square.x - 34}
                    y={middle - 30}
                    textAnchor="end"
                    fontSize={lettering}
                    className="fill-base-content"
                >
                    adapter {adapter} mm at {angle}°
                </text>
            )}
        </svg>
    )
}

function hexagon(x: number, y: number, r: number): string {
    const corner = (index: number) => {
        const at = (index * Math.PI) / 3
        return `${x + r * Math.cos(at)} ${y + r * Math.sin(at)}`
    }
    return `M${[0, 1, 2, 3, 4, 5].map(corner).join('L')}Z`
}

function Span({
    from,
    to,
    y,
    text,
    lettering,
    strong = false,
}: {
    from: number
    to: number
    y: number
    text: string
    lettering: number
    strong?: boolean
}) {
    return (
        <g className={strong ? 'text-base-content' : 'text-quiet'}>
            <path
                d={`M${from} ${y}H${to}M${from} ${y - 7}v14M${to} ${y - 7}v14`}
                stroke="currentColor"
                strokeWidth={strong ? 2.5 : 1.5}
                fill="none"
            />
            <text
                x={(from + to) / 2}
                y={y - 6}
                textAnchor="middle"
                fontSize={lettering}
                fontWeight={strong ? 700 : 400}
                fill="currentColor"
            >
                {text}
            </text>
        </g>
    )
}
