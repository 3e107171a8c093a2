/** A barrel from above as it sits, and as it lies on its head: what was left is right. */
export function MirroredDrawing() {
    return (
        <svg
            viewBox="0 0 320 74"
            role="img"
            aria-label="Lying on its head the barrel is mirrored: left is right"
            className="my-1 w-full max-w-80 text-current"
        >
            <Barrel x={70} sides={['left', 'right']} under="as it sits" />
            <path d="M148 28q12 -16 24 0m0 0l-9 -2m9 2l3 -9" fill="none" stroke="currentColor" strokeWidth={2.2} />
            <Barrel x={250} sides={['right', 'left']} under="on its head" />
        </svg>
    )
}

function Barrel({ x, sides, under }: { x: number; sides: [string, string]; under: string }) {
    return (
        <g fill="currentColor" fontSize={13}>
            <circle cx={x} cy={30} r={22} fill="none" stroke="currentColor" strokeWidth={2.2} />
            <circle cx={x} cy={30} r={15} fill="none" stroke="currentColor" strokeWidth={1.4} />
            <path d={`M${x - 12} 52h24`} stroke="currentColor" strokeWidth={5} />
            <text x={x - 28} y={34} textAnchor="end">
                {sides[0]}
            </text>
            <text x={x + 28} y={34}>
                {sides[1]}
            </text>
            <text x={x} y={70} textAnchor="middle" fontWeight={700}>
                {under}
            </text>
        </g>
    )
}
