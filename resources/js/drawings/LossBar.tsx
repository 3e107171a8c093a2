/** The share of the supply that a cylinder loses, to scale: held is metal, lost is empty. */
export function LossBar({ lost, label }: { lost: number; label: string }) {
    return (
        <svg
            viewBox="0 0 400 14"
            role="img"
            aria-label={label}
            className="ink h-4 w-full max-w-md"
            preserveAspectRatio="none"
        >
            <rect x={1} y={1} width={398} height={12} fill="none" stroke="currentColor" strokeWidth={1.4} />
            <rect x={1} y={1} width={398 * (1 - lost)} height={12} fill="var(--metal)" />
            <path d={`M${1 + 398 * (1 - lost)} 0V14`} className="stroke-base-content" strokeWidth={3} />
        </svg>
    )
}
