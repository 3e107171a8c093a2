const polar = (angle: number, radius: number): [number, number] => {
    const turn = (angle * Math.PI) / 180
    return [100 + radius * Math.sin(turn), 100 - radius * Math.cos(turn)]
}

const arc = (from: number, to: number, radius: number) => {
    const [[x1, y1], [x2, y2]] = [polar(from, radius), polar(to, radius)]
    return `M${x1} ${y1}A${radius} ${radius} 0 0 ${to > from ? 1 : 0} ${x2} ${y2}`
}

function Arrow({
    from,
    to,
    radius,
    className,
    width,
}: {
    from: number
    to: number
    radius: number
    className: string
    width: number
}) {
    const [x, y] = polar(to, radius)
    return (
        <g>
            <path d={arc(from, to, radius)} fill="none" strokeWidth={width} className={className} />
            <path
                d={`M0 ${-width * 3}l${width * 1.9} ${width * 3.6}h${-width * 3.8}z`}
                className={className.replace('stroke', 'fill')}
                stroke="none"
                transform={`translate(${x} ${y}) rotate(${to + (to > from ? 90 : -90)})`}
            />
        </g>
    )
}

/** The plate from the side that the sheet names: its slots, the way its shaft turns inside it, and the way it is to be moved. */
export function PlateDrawing({
    rotation,
    way,
    marks,
}: {
    rotation: string
    /** null where nothing is to be moved */
    way: string | null
    marks: { id: string; name: string; clock: number; trusted: boolean }[]
}) {
    const sense = (of: string) => (of === 'clockwise' ? 1 : -1)
    return (
        <svg
            viewBox="0 0 200 200"
            className="w-full stroke-base-content"
            role="img"
            aria-label={`The shaft turns ${rotation}${way ? `, the plate is moved ${way}` : ''}`}
        >
            <circle cx="100" cy="100" r="78" fill="var(--metal-shade)" strokeWidth="2" />
            {[60, 180, 300].map((angle) => {
                const [x, y] = polar(angle, 62)
                return (
                    <rect
                        key={angle}
                        x={x - 12}
                        y={y - 4}
                        width="24"
                        height="8"
                        rx="4"
                        fill="var(--metal)"
                        strokeWidth="1.6"
                        transform={`rotate(${angle} ${x} ${y})`}
                    />
                )
            })}
            <circle cx="100" cy="100" r="28" fill="var(--metal)" strokeWidth="2" />
            <Arrow
                from={-60 * sense(rotation)}
                to={60 * sense(rotation)}
                radius={40}
                className="stroke-quiet"
                width={2}
            />
            {marks.map((mark) => (
                <g key={mark.id}>
                    <path
                        d={`M${polar(mark.clock, 70).join(' ')}L${polar(mark.clock, 86).join(' ')}`}
                        strokeWidth={mark.trusted ? 4 : 2}
                        className={mark.trusted ? 'stroke-primary' : 'stroke-base-content'}
                    />
                </g>
            ))}
            {way && (
                <Arrow
                    from={-16 * sense(way)}
                    to={16 * sense(way)}
                    radius={90}
                    className="stroke-primary"
                    width={4.5}
                />
            )}
        </svg>
    )
}
