interface Sample {
    angle: number
    torque: number
}

const [WIDTH, HEIGHT] = [340, 130]

/** A pull as it is felt: torque over the angle, with the torque that is asked or the angle that is right. */
export function PullPlot({
    samples,
    least,
    most,
    byAngle,
}: {
    samples: Sample[]
    least: number | null
    most: number | null
    /** Whether the limits are degrees. */
    byAngle: boolean
}) {
    const last = samples.at(-1)
    const wide = Math.max(byAngle ? (most ?? 0) * 1.15 : 60, (last?.angle ?? 0) * 1.1)
    const high = Math.max(byAngle ? 40 : (most ?? 10) * 1.25, (last?.torque ?? 0) * 1.1)
    const at = (angle: number, torque: number) => ({
        x: 8 + (angle / wide) * (WIDTH - 16),
        y: HEIGHT - 22 - (torque / high) * (HEIGHT - 32),
    })
    const [low, up] = [
        at(byAngle ? (least ?? 0) : 0, byAngle ? 0 : (least ?? 0)),
        at(byAngle ? (most ?? 0) : wide, byAngle ? high : (most ?? 0)),
    ]
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            role="img"
            aria-label={last ? `${last.torque.toFixed(1)} N·m at ${last.angle.toFixed(0)}°` : 'No pull yet'}
            className="ink w-full text-base-content"
        >
            {least !== null && most !== null && (
                <rect
                    x={low.x}
                    y={up.y}
                    width={up.x - low.x}
                    height={low.y - up.y}
                    className="fill-success"
                    opacity={0.25}
                />
            )}
            <path d={`M8 6V${HEIGHT - 22}H${WIDTH - 8}`} fill="none" stroke="currentColor" strokeWidth={1.5} />
            <polyline
                points={samples
                    .map(({ angle, torque }) => at(angle, torque))
                    .map(({ x, y }) => `${x.toFixed(1)},${y.toFixed(1)}`)
                    .join(' ')}
                fill="none"
                className="stroke-primary"
                strokeWidth={3}
                strokeLinejoin="round"
            />
            <text x={WIDTH - 8} y={HEIGHT - 6} textAnchor="end" fontSize={13} className="fill-quiet">
                angle
            </text>
            {last && (
                <text x={14} y={20} fontSize={16} fontWeight={700} className="fill-base-content">
                    {byAngle ? `${last.angle.toFixed(0)}°` : `${last.torque.toFixed(1)} N·m`}
                </text>
            )}
        </svg>
    )
}
