import { type ReactNode, useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'
import { LiftCost } from '../../parts/LiftCost'

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

/** Enter takes it as soon as it is there. */
const focused = (button: HTMLButtonElement | null) => button?.focus()

function Cost({ job, slab, onClose }: { job: Job; slab: Schemas['Slab']; onClose: () => void }) {
    const [crushed, setCrushed] = useState(false)
    const lift = () => {
        const payload = { slab: slab.id, ...(crushed ? { crushed } : {}) }
        void outbox.add(job.number, 'slab_lifted', payload, `Taken off, down to and with: ${slab.name}`)
        onClose()
    }
    return (
        <LiftCost job={job} slab={slab.id}>
            {slab.state === 'provisional' && (
                <label className="mt-3 flex min-h-12 items-center gap-3">
                    <input
                        type="checkbox"
                        className="checkbox"
                        checked={crushed}
                        onChange={(event) => setCrushed(event.target.checked)}
                    />
                    It was drawn down hard: a new gasket laid under it is crushed, and spent
                </label>
            )}
            <div className="mt-4 flex gap-3">
                <button ref={focused} type="button" className="btn btn-primary h-12 flex-1" onClick={lift}>
                    They are off
                </button>
                <button type="button" className="btn h-12 flex-1" onClick={onClose}>
                    Leave them on
                </button>
            </div>
        </LiftCost>
    )
}
