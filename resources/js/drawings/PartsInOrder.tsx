/** Small parts laid out along their shaft in the order they go on, seals filled: what a hand takes next is to the right. */
export function PartsInOrder({ parts }: { parts: string[] }) {
    const pitch = 96
    const width = parts.length * pitch + 20
    return (
        <svg
            viewBox={`0 0 ${width} 132`}
            role="img"
            aria-label={parts.join(', then ')}
            className="ink w-full"
            style={{ maxWidth: width }}
        >
            <path d={`M4 44H${width - 6}`} stroke="currentColor" strokeWidth={1.2} strokeDasharray="8 4" />
            {inOrder(parts).map(({ part, at }) => (
                <g
                    key={at}
                    transform={`translate(${pitch * (at - 0.5) + 6} 44)`}
                    stroke="currentColor"
                    strokeWidth={1.8}
                >
                    <Shape part={part} />
                    <text y={52} textAnchor="middle" fontSize={11} stroke="none" className="fill-base-content">
                        {at}
                    </text>
                    {wrapped(part).map((line, row) => (
                        <text
                            key={line}
                            y={22 + 44 + row * 15}
                            textAnchor="middle"
                            fontSize={13}
                            fontWeight={700}
                            stroke="none"
                            className="fill-base-content"
                        >
                            {line}
                        </text>
                    ))}
                </g>
            ))}
        </svg>
    )
}

/** Each with its place: the same part may lie on a shaft twice. */
const inOrder = (parts: string[]) => parts.map((part, index) => ({ part, at: index + 1 }))

const wrapped = (part: string) => {
    const words = part.split(' ')
    return words.length > 1 ? [words.slice(0, -1).join(' '), words[words.length - 1] ?? ''] : [part]
}

function Shape({ part }: { part: string }) {
    if (/seal|o-ring/i.test(part)) {
        return <rect x={-5} y={-20} width={10} height={40} rx={5} className="fill-base-content" />
    }
    if (/spring washer|wave/i.test(part)) {
        return <path d="M-4 -22Q6 -11 -4 0Q-14 11 -4 22" fill="none" strokeWidth={4} />
    }
    if (/washer|clip/i.test(part)) {
        return <rect x={-3} y={-22} width={6} height={44} fill="var(--metal)" />
    }
    if (/spring/i.test(part)) {
        return <path d="M-26 18L-20 -18L-13 18L-6 -18L1 18L8 -18L15 18L22 -18L27 18" fill="none" />
    }
    if (/rocker/i.test(part)) {
        return <path d="M-16 -14H16V14H-16ZM-8 -14L-4 -34H4L8 -14M-6 14L-3 26H3L6 14" fill="var(--metal)" />
    }
    if (/tube/i.test(part)) {
        return <rect x={-34} y={-13} width={68} height={26} fill="var(--metal)" />
    }
    if (/cup|nut|cap/i.test(part)) {
        return <path d="M-12 -18H12V18H-12ZM-12 -9H12M-12 9H12" fill="var(--metal)" />
    }
    return <rect x={-18} y={-11} width={36} height={22} fill="var(--metal)" />
}
