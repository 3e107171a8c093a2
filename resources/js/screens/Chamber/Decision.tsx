import { useState } from 'react'
import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
import { jointsAsSent, type Thickness, type Tried } from '../../app/useThickness'
import { Dialog } from '../../parts/Dialog'
import { LiftCost } from '../../parts/LiftCost'

/** One touch makes what is tried the job's decision; what it takes and orders with it stands beside it, and comes with it. */
export function Decision({
    job,
    stack,
    isOfThis,
    tried,
    onDecided,
}: {
    job: Job
    stack: Thickness
    /** Whether the stack is what is tried, and not still what was tried before. */
    isOfThis: boolean
    tried: Tried
    onDecided: () => void
}) {
    const [asking, setAsking] = useState(false)
    const isTried = Object.keys(tried).length > 0
    const joints = isTried
        ? tried
        : Object.fromEntries(stack.joints.filter((joint) => !joint.insert).map((joint) => [joint.slab, joint.laid]))
    const named = stack.joints
        .filter((joint) => (joints[joint.slab]?.length ?? 0) > 0)
        .map((joint) => joints[joint.slab]?.map((piece) => piece.name).join(' + '))
        .join(', ')
    const barrel = job.stack.slabs.find((slab) => slab.id === stack.liftFirst)

    const isOut = stack.figures.some((figure) => figure.verdict?.state === 'out')

    const decide = (lift: boolean) => {
        const payload = {
            joints: jointsAsSent(joints),
            ...(isTried ? { supplies: true } : { reason: 'stays as it was read' }),
        }
        void outbox.add(job.number, 'thickness_decided', payload, `Thickness: ${named}`)
        if (lift && barrel) {
            void outbox.add(
                job.number,
                'slab_lifted',
                { slab: barrel.id },
                `Taken off, down to and with: ${barrel.name}`,
            )
        }
        setAsking(false)
        onDecided()
    }
    if (!isTried && !stack.canDecide) {
        return <Decided stack={stack} />
    }
    return (
        <div className="mt-4">
            <button
                type="button"
                disabled={!isOfThis}
                className={`btn h-14 w-full text-lg ${isTried || !isOut ? 'btn-primary' : ''}`}
                onClick={() => (barrel ? setAsking(true) : decide(false))}
            >
                {isTried
                    ? `Decide: ${named || 'nothing'}`
                    : `${isOut ? 'It stays all the same' : 'It stays'}: ${named || 'nothing between'}`}
            </button>
            <p className="mt-1 text-sm text-quiet">
                {isTried
                    ? `${stack.supply.map(({ words }) => `${words}. `).join('')}What was read over them is read once more.`
                    : 'What was read stands, and the gaskets go on as they are.'}
            </p>
            <Decided stack={stack} />
            <Dialog open={asking} onClose={() => setAsking(false)} title={`${named}: the barrel comes off once more`}>
                {barrel && (
                    <LiftCost job={job} slab={barrel.id}>
                        <div className="mt-4 flex flex-wrap gap-3">
                            <button type="button" className="btn btn-primary h-12 flex-1" onClick={() => decide(true)}>
                                Decided, and it is off
                            </button>
                            <button type="button" className="btn h-12 flex-1" onClick={() => decide(false)}>
                                Decided, off later
                            </button>
                        </div>
                    </LiftCost>
                )}
            </Dialog>
        </div>
    )
}

function Decided({ stack }: { stack: Thickness }) {
    const joints = stack.joints.filter((joint) => joint.decided !== null)
    return joints.length === 0 ? null : (
        <p className="mt-2 leading-snug">
            Decided:{' '}
            {joints.map((joint) => (
                <span key={joint.slab}>
                    <b>{joint.decided?.map((piece) => piece.name).join(' + ') || 'nothing'}</b> ({joint.decidedBy}
                    {joint.toBeChanged ? ', not in yet' : ''}){' '}
                </span>
            ))}
        </p>
    )
}
