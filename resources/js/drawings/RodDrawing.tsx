/** How far a rod is let out, as it is drawn. */
const LET_OUT = 14

/** An adjustable rod between its lifter and its rocker: how far it is let out, its nut’s flats counted, its lifter low or pumped. */
export function RodDrawing({
    flats,
    perTurn,
    isOut,
    isDown,
    label,
}: {
    flats: number
    perTurn: number
    isOut: boolean
    isDown: boolean
    label: string
}) {
    // let out, the rod lifts its rocker and holds the valve open until the plunger has sunk by as much
    const raised = isOut && !isDown ? LET_OUT : 0
    const sunk = isOut && isDown ? LET_OUT : 0
    const rest = flats % perTurn
    const corner = (index: number, radius: number) => {
        const turn = ((index + 0.5) / perTurn) * 2 * Math.PI - Math.PI / 2
        return `${98 + radius * Math.cos(turn)} ${92 + radius * Math.sin(turn)}`
    }
    return (
        <svg
            viewBox="0 -10 132 224"
            role="img"
            aria-label={label}
            className="ink h-56 w-auto"
            stroke="currentColor"
            strokeWidth={1.6}
        >
            <path d={`M8 ${26 - raised}Q40 ${10 - raised} 66 ${26 - raised}`} fill="none" strokeWidth={5} />
            <circle cx={38} cy={17 - raised} r={4} fill="var(--metal)" />
            <path d={`M22 ${32 - raised}V${92 - raised}M32 ${32 - raised}V${92 - raised}`} fill="none" />
            <circle cx={27} cy={29 - raised} r={5} fill="var(--metal)" />
            <path d={`M24 ${100 - raised}V${106 + sunk}M30 ${100 - raised}V${106 + sunk}`} strokeDasharray="2 1.6" />
            <rect
                x={16}
                y={92 - raised}
                width={22}
                height={10}
                className={isOut ? '' : 'fill-tint stroke-primary'}
                fill="var(--metal)"
            />
            <rect x={19} y={106 + sunk} width={16} height={42} fill="var(--metal)" />
            <rect x={10} y={148 + sunk} width={34} height={14} fill="var(--metal)" />
            <rect x={6} y={160} width={42} height={34} fill="none" strokeWidth={2.4} />
            <text x={27} y={208} textAnchor="middle" fontSize={11} stroke="none" className="fill-base-content">
                lifter
            </text>
            <polygon
                points={Array.from({ length: perTurn }, (_, index) => corner(index, 26)).join(' ')}
                fill="var(--metal)"
            />
            {Array.from({ length: rest }, (_, index) => (
                <path
                    key={corner(index, 26)}
                    d={`M${corner(index, 26)}L${corner(index + 1, 26)}`}
                    className="stroke-primary"
                    strokeWidth={5}
                />
            ))}
            <text
                x={98}
                y={98}
                textAnchor="middle"
                fontSize={18}
                fontWeight={700}
                stroke="none"
                className="fill-base-content"
            >
                {Math.floor(flats / perTurn)}
            </text>
            <text x={98} y={134} textAnchor="middle" fontSize={11} stroke="none" className="fill-base-content">
                turns{rest > 0 ? ` + ${rest}` : ''}
            </text>
        </svg>
    )
}
