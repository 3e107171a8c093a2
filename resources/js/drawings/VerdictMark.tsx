import type { Schemas } from '../app/api'
/** The sign of a verdict: shape and colour together, the words stand beside it. */
export function VerdictMark({ state, size = 22 }: { state: string | null; size?: number }) {
    return (
        <svg viewBox="0 0 24 24" width={size} height={size} aria-hidden="true" className="shrink-0">
            {SIGNS[state ?? 'none'] ?? SIGNS.none}
        </svg>
    )
}

const SIGNS: Record<string, React.ReactNode> = {
    within: (
        <>
            <circle cx="12" cy="12" r="10.5" className="fill-success" />
            <path d="M7 12.5l3.4 3.5L17 8.5" className="fill-none stroke-base-100" strokeWidth="2.6" />
        </>
    ),
    worn: (
        <>
            <circle cx="12" cy="12" r="9.3" className="fill-none stroke-warning" strokeWidth="2.4" />
            <path d="M12 2.7a9.3 9.3 0 0 1 0 18.6z" className="fill-warning" />
        </>
    ),
    out: (
        <>
            <rect x="2" y="2" width="20" height="20" rx="1.5" className="fill-error" />
            <path d="M7 7l10 10M17 7L7 17" className="stroke-base-100" strokeWidth="2.6" />
        </>
    ),
    unsure: (
        <circle cx="12" cy="12" r="9.3" className="fill-none stroke-info" strokeWidth="2.8" strokeDasharray="4.4 2.9" />
    ),
    unknown: <path d="M5 12h14" className="stroke-quiet" strokeWidth="3" strokeDasharray="3 2.4" />,
    none: <path d="M5 12h14" className="stroke-quiet" strokeWidth="3" />,
}

/** The short name of a verdict in a count. */
export const VERDICT_COUNT: Record<Schemas['State'], string> = {
    within: 'fit',
    worn: 'worn',
    out: 'out',
    unsure: 'close call',
    unknown: 'no limit',
}
