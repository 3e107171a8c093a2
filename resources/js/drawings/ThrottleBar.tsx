const SHARES: [RegExp, number][] = [
    [/three quarters|3\/4|¾/i, 0.75],
    [/half|1\/2|½/i, 0.5],
    [/two thirds|2\/3/i, 2 / 3],
    [/third|1\/3/i, 1 / 3],
    [/quarter|1\/4|¼/i, 0.25],
]

/** How far the throttle is opened, where the words name a share: a grip’s travel, filled so far. */
export function ThrottleBar({ throttle }: { throttle: string }) {
    const share = SHARES.find(([words]) => words.test(throttle))?.[1]
    return share === undefined ? null : (
        <svg viewBox="0 0 300 16" className="ink h-4 w-full max-w-sm" preserveAspectRatio="xMinYMid" aria-hidden="true">
            <rect x={1} y={1} width={298} height={14} rx={7} fill="none" stroke="currentColor" strokeWidth={1.6} />
            <rect x={1} y={1} width={298 * share} height={14} rx={7} className="fill-base-content" />
            <path d="M75.5 1V5M150 1V7M224.5 1V5" stroke="currentColor" strokeWidth={1.4} />
        </svg>
    )
}
