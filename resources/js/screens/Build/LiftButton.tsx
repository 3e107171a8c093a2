import { type ReactNode, useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'

/** Takes the engine apart down to a slab; what comes off with it is said first. */
export function LiftButton({
    job,
    slab,
    children = 'Take off to here',
    className = 'h-12 rounded-field border-2 border-base-content px-4 font-bold',
}: {
    job: Job
    slab: Schemas['Slab']
    children?: ReactNode
    className?: string
}) {
    const [asking, setAsking] = useState(false)
    const height = job.slabs.findIndex((item) => item.id === slab.id)
    if (height <= 0 || slab.state === 'off') {
        return null
    }
    const above = job.slabs.slice(height).filter((item) => item.state !== 'off')
    const lift = () => {
        void outbox.add(job.number, 'slab_lifted', { slab: slab.id }, `Taken off, down to and with: ${slab.name}`)
        setAsking(false)
    }
    return (
        <>
            <button type="button" className={className} onClick={() => setAsking(true)}>
                {children}
            </button>
            <Dialog open={asking} onClose={() => setAsking(false)} title={`Down to the ${slab.name.toLowerCase()}`}>
                <p>These come off, from the top:</p>
                <ul className="my-2 list-disc pl-6">
                    {[...above].reverse().map((item) => (
                        <li key={item.id}>
                            <b>{item.name}</b>
                            {item.note && <span className="text-quiet">, {item.note}</span>}
                        </li>
                    ))}
                </ul>
                <p className="text-quiet">
                    Crushed gaskets are spent, and the steps that joined these slabs are done again. Readings stay.
                </p>
                <div className="mt-4 flex gap-3">
                    <button type="button" className="btn btn-primary h-12 flex-1" onClick={lift}>
                        They are off
                    </button>
                    <button type="button" className="btn h-12 flex-1" onClick={() => setAsking(false)}>
                        Leave them on
                    </button>
                </div>
            </Dialog>
        </>
    )
}
