import type { Answer } from './pattern'

/** How far the pulled bolts lie to one side after each pull; a press on a bar shows the joint as it is then. */
export function Tilt({
    order,
    tilt,
    done,
    onStep,
}: {
    order: string[]
    tilt: Answer['tilt']
    done: number
    onStep: (done: number) => void
}) {
    const tallest = Math.max(tilt.worst, 0.3)
    const percent = (share: number) => `${Math.round(share * 100)} %`
    return (
        <section aria-label="Tilt">
            <p>
                <b>Tips to one side</b>{' '}
                <span className="text-quiet">
                    on average {percent(tilt.mean)} of the way to the farthest bolt; after each pull:
                </span>
            </p>
            <ol className="mt-1 flex h-28 items-stretch gap-1">
                {order.map((id, index) => {
                    const share = tilt.steps[index] ?? 0
                    return (
                        <li key={id} className="min-w-0 flex-1">
                            <button
                                type="button"
                                aria-label={`pull ${index + 1}, bolt ${id}: ${percent(share)}`}
                                aria-pressed={index === done - 1}
                                onClick={() => onStep(index + 1)}
                                className="flex h-full w-full flex-col items-center justify-end"
                            >
                                <span className="text-xs text-quiet">{Math.round(share * 100)}</span>
                                <span
                                    className={`w-full ${index === done - 1 ? 'bg-primary' : 'bg-base-content'}`}
                                    style={{ height: `${Math.max(2, (share / tallest) * 60)}%` }}
                                />
                                <span className={`text-sm ${index === done - 1 ? 'font-bold' : ''}`}>{index + 1}</span>
                            </button>
                        </li>
                    )
                })}
            </ol>
        </section>
    )
}
