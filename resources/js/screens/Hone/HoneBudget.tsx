import type { Job } from '../../app/api'
import { millimetres } from '../../app/format'

/** What may still be honed out of each barrel before it is no longer the size it was made for. */
export function HoneBudget({ job }: { job: Job }) {
    const { budget } = job.fitting.honing
    return (
        <section aria-label="Hone budget" className="bg-base-100 p-5">
            <h2 className="text-lg font-bold">Hone budget</h2>
            {budget === null ? (
                <p className="text-quiet">The sheet states none: every hundredth out of this bore needs a reason.</p>
            ) : (
                <ul className="mt-2 grid max-w-3xl gap-2">
                    {job.fitting.bores.map((bore) => (
                        <li key={bore.cylinder} className="grid items-center gap-x-4 sm:grid-cols-[9rem_1fr_13rem]">
                            <span className="font-bold">{bore.name.charAt(0).toUpperCase() + bore.name.slice(1)}</span>
                            <Bar budget={budget} left={bore.honeBudgetLeft} />
                            <span>
                                {bore.honeBudgetLeft === null ? (
                                    <span className="text-quiet">read the bore first</span>
                                ) : bore.honeBudgetLeft < 0 ? (
                                    <b className="text-error">{millimetres(-bore.honeBudgetLeft)} past it</b>
                                ) : (
                                    <>
                                        <b>{millimetres(bore.honeBudgetLeft)}</b> of {millimetres(budget)} left
                                    </>
                                )}
                            </span>
                        </li>
                    ))}
                </ul>
            )}
        </section>
    )
}

/** Full is untouched; what has gone is hatched away from the right. */
function Bar({ budget, left }: { budget: number; left: number | null }) {
    const share = left === null ? 0 : Math.max(0, Math.min(1, left / budget))
    return (
        <svg
            viewBox="0 0 300 26"
            className="h-7 w-full stroke-base-content"
            preserveAspectRatio="none"
            aria-hidden="true"
        >
            <rect
                x="1"
                y="2"
                width="298"
                height="22"
                className="fill-base-200"
                strokeDasharray={left === null ? '5 4' : undefined}
            />
            <rect x="1" y="2" width={298 * share} height="22" fill="var(--zone-within)" />
        </svg>
    )
}
