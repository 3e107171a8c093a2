const WIDTH = 420
const HEIGHT = 250

/** The wall of a bore opened out with the hone's scratches at their true angle; the edges of the aim beside it. */
export function CrosshatchDrawing({ angle, aim }: { angle: number; aim: [number, number] | null }) {
    const half = ((angle / 2) * Math.PI) / 180
    const step = 15
    const rise = Math.tan(half) * WIDTH
    const lines: string[] = []
    for (let y = -Math.ceil(rise / step) * step; y < HEIGHT + rise; y += step) {
        lines.push(`M0 ${y}L${WIDTH} ${y + rise}`, `M0 ${y}L${WIDTH} ${y - rise}`)
    }
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="w-full stroke-base-content"
            role="img"
            aria-label={`Cross-hatch of ${angle.toFixed(0)} degrees on the wall opened out`}
        >
            <defs>
                <clipPath id="wall">
                    <rect width={WIDTH} height={HEIGHT} />
                </clipPath>
            </defs>
            <rect width={WIDTH} height={HEIGHT} fill="var(--metal)" strokeWidth="2.5" />
            <g clipPath="url(#wall)" className="fill-none">
                <path d={lines.join('')} strokeWidth="0.9" opacity="0.55" />
                {aim?.map((edge) => (
                    <path key={edge} d={wedge(edge)} className="stroke-success" strokeWidth="2" strokeDasharray="7 5" />
                ))}
                <path d={wedge(angle)} className="stroke-primary" strokeWidth="3.5" />
                <path d={arc(angle)} className="stroke-primary" strokeWidth="2" />
            </g>
            <rect
                x={WIDTH / 2 + 66}
                y={HEIGHT / 2 - 17}
                width="66"
                height="34"
                className="fill-base-100 stroke-none"
                rx="4"
            />
            <text
                x={WIDTH / 2 + 99}
                y={HEIGHT / 2 + 9}
                textAnchor="middle"
                className="fill-primary stroke-none text-[25px] font-bold"
            >
                {angle.toFixed(0)}°
            </text>
        </svg>
    )
}

const edge = (angle: number, radius: number, way: number): [number, number] => {
    const half = ((angle / 2) * Math.PI) / 180
    return [WIDTH / 2 + radius * Math.cos(half), HEIGHT / 2 - way * radius * Math.sin(half)]
}

/** The two scratches that cross in the middle. */
function wedge(angle: number): string {
    const [x1, y1] = edge(angle, 190, 1)
    const [x2, y2] = edge(angle, 190, -1)
    return `M${x1} ${y1}L${WIDTH / 2} ${HEIGHT / 2}L${x2} ${y2}`
}

function arc(angle: number): string {
    const [x1, y1] = edge(angle, 56, 1)
    const [x2, y2] = edge(angle, 56, -1)
    return `M${x1} ${y1}A56 56 0 0 1 ${x2} ${y2}`
}
