/** A barrel cut open with its piston, each with the mark that was read on it. */
export function MarkedFit({ bore, piston }: { bore: string | null; piston: string | null }) {
    return (
        <svg
            viewBox="0 0 160 96"
            className="my-1 w-full max-w-64 stroke-base-content"
            strokeWidth="1.6"
            strokeLinejoin="round"
            aria-hidden="true"
        >
            <path d="M10 6h28v86h-28zM122 6h28v86h-28z" fill="var(--metal-shade)" />
            <path d="M41 92V28q39 -9 78 0V92z" fill="var(--metal)" />
            <path d="M41 58h78M41 64h78M41 70h78" strokeWidth="2.4" />
            <circle cx="80" cy="82" r="7" fill="var(--metal-shade)" />
            <Stamp x={24} y={49} mark={bore} />
            <Stamp x={80} y={40} mark={piston} />
        </svg>
    )
}

function Stamp({ x, y, mark }: { x: number; y: number; mark: string | null }) {
    return mark === null ? (
        <circle cx={x} cy={y} r={11} className="fill-none" strokeDasharray="3 3" />
    ) : (
        <g>
            <circle cx={x} cy={y} r={11} className="fill-base-100" />
            <text x={x} y={y + 6} textAnchor="middle" className="fill-base-content stroke-none text-[17px] font-bold">
                {mark}
            </text>
        </g>
    )
}
