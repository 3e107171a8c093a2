/** The tube of the frame over an engine that is worked on where it hangs: what comes off upwards has to pass under it. */
export function FrameDrawing({ width }: { width: number }) {
    const [left, right] = [6, width - 6]
    return (
        <svg
            width={width}
            height={32}
            role="img"
            aria-label="in the frame: a tube runs over the engine"
            className="ink"
        >
            <path
                d={`M${left} 6H${right}q5 5 0 10t0 10H${left}q5 -5 0 -10t0 -10Z`}
                fill="var(--metal-shade)"
                stroke="currentColor"
                strokeWidth={1.6}
            />
            <text x={width / 2} y={20.5} textAnchor="middle" fontSize={12} className="fill-base-content">
                frame tube
            </text>
        </svg>
    )
}
