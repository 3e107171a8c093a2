import { useQuery } from '@tanstack/react-query'
import { type ReactNode, useState } from 'react'
import { call, type Job, type Schemas } from '../../app/api'
import { plural } from '../../app/format'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'

/** Takes the engine apart down to and with a slab; what it costs is said first. */
export function LiftButton({
    job,
    slab,
    isNext = false,
    children = 'Take off to here',
    className = 'h-12 rounded-field border-2 border-base-content px-4 font-bold whitespace-nowrap',
}: {
    job: Job
    slab: Schemas['Slab']
    /** Whether it is the next move, to which a key leads. */
    isNext?: boolean
    children?: ReactNode
    className?: string
}) {
    const [asking, setAsking] = useState(false)
    const height = job.stack.slabs.findIndex((item) => item.id === slab.id)
    if (height <= 0 || slab.state === 'off') {
        return null
    }
    return (
        <>
            <button
                type="button"
                {...(isNext ? { id: 'next-move' } : {})}
                className={className}
                onClick={() => setAsking(true)}
            >
                {children}
            </button>
            <Dialog open={asking} onClose={() => setAsking(false)} title={`${slab.name} off`}>
                <Cost job={job} slab={slab} onClose={() => setAsking(false)} />
            </Dialog>
        </>
    )
}

function Cost({ job, slab, onClose }: { job: Job; slab: Schemas['Slab']; onClose: () => void }) {
    const cost = useQuery({
        queryKey: ['lift-cost', job.number, job.log.lastSeq, slab.id],
        queryFn: () => call<Schemas['LiftCost']>('GET', `/jobs/${job.number}/lift-cost/${slab.id}`),
    })
    const lift = () => {
        void outbox.add(job.number, 'slab_lifted', { slab: slab.id }, `Taken off, down to and with: ${slab.name}`)
        onClose()
    }
    return (
        <>
            {cost.data ? (
                <CostTable cost={cost.data} />
            ) : (
                <p>{cost.isError ? 'Its cost cannot be had now.' : 'One moment.'}</p>
            )}
            <div className="mt-4 flex gap-3">
                <button type="button" className="btn btn-primary h-12 flex-1" onClick={lift}>
                    They are off
                </button>
                <button type="button" className="btn h-12 flex-1" onClick={onClose}>
                    Leave them on
                </button>
            </div>
        </>
    )
}

function CostTable({ cost }: { cost: Schemas['LiftCost'] }) {
    return (
        <div className="max-h-[58dvh] overflow-y-auto">
            <ol className="space-y-1">
                {cost.comesOff.map((name, index) => (
                    <li key={name} className="flex items-center gap-2">
                        <svg viewBox="0 0 60 14" className="h-4 w-16" aria-hidden="true">
                            <path d="M4 11h52" className="stroke-base-content" strokeWidth="4" strokeDasharray="6 3" />
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
