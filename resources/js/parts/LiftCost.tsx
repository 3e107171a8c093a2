import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { call, type Job, type Schemas } from '../app/api'
import { plural } from '../app/format'

/**
 * What it costs to take a slab off, tried on the job's own log. What may be done about it stands below once that is said: a button
 * that is there before moves away under the finger.
 */
export function LiftCost({ job, slab, children }: { job: Job; slab: string; children: ReactNode }) {
    const { data: cost, isError } = useQuery({
        queryKey: ['lift-cost', job.number, job.log.lastSeq, slab],
        queryFn: () => call<Schemas['LiftCost']>('GET', `/jobs/${job.number}/lift-cost/${slab}`),
        retry: false,
    })
    if (!cost) {
        return isError ? (
            <>
                <p>Its cost cannot be had now.</p>
                {children}
            </>
        ) : (
            <p>One moment.</p>
        )
    }
    return (
        <>
            <div className="max-h-[58dvh] overflow-y-auto">
                <ol className="space-y-1">
                    {cost.comesOff.map((name, index) => (
                        <li key={name} className="flex items-center gap-2">
                            <svg viewBox="0 0 60 14" className="h-4 w-16" aria-hidden="true">
                                <path
                                    d="M4 11h52"
                                    className="stroke-base-content"
                                    strokeWidth="4"
                                    strokeDasharray="6 3"
                                />
                                <path
                                    d="M30 8V1M26 4l4-3 4 3"
                                    className="fill-none stroke-base-content"
                                    strokeWidth="1.6"
                                />
                            </svg>
                            <b>{name}</b> {index === 0 && <span className="text-quiet">first</span>}
                        </li>
                    ))}
                </ol>
                {cost.minutes > 0 && (
                    <p className="mt-3 text-lg">
                        Off and together again: about <b>{hours(cost.minutes)}</b>
                    </p>
                )}
                <Items title="Spent, new ones needed" items={cost.spent} />
                <Items title="Read again" items={cost.stale} />
                <Items title={`${plural(cost.void.length, 'step')} to do again`} items={cost.void} />
            </div>
            {children}
        </>
    )
}

function Items({ title, items }: { title: string; items: Schemas['LiftItem'][] }) {
    if (items.length === 0) {
        return null
    }
    return (
        <section className="mt-3">
            <h3 className="font-bold">{title}</h3>
            <ul className="text-sm">
                {items.map((item) => (
                    <li key={item.what} className="border-t border-line py-0.5">
                        {item.what}
                    </li>
                ))}
            </ul>
        </section>
    )
}

function hours(minutes: number): string {
    return minutes < 60
        ? `${minutes} minutes`
        : `${Math.floor(minutes / 60)} h ${minutes % 60 > 0 ? `${minutes % 60} min` : ''}`.trim()
}
