import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useEntering } from '../../app/useEntering'
import { Refused } from '../../parts/Refused'

type Board = Schemas['Shims']

/** The plan becomes what is fitted, and what it buys is on order with it: one entry, which a second tablet can change no more. */
export function KeepPlan({ job, shims }: { job: Job; shims: Board }) {
    const { enter, isSending, refusal } = useEntering(job.number, 'shims-decided', null, 'valves')
    const changing = shims.rows.filter((row) => row.changes)
    return (
        <>
            <button
                type="button"
                className="btn btn-primary no-print mt-2 h-12 w-full"
                disabled={isSending}
                onClick={() =>
                    void enter(
                        'shims_decided',
                        {
                            shims: changing.map((row) => ({
                                valve: row.valve,
                                size: row.to,
                                source: row.source,
                                ...(row.whose === null ? {} : { whose: row.whose }),
                            })),
                            orders: true,
                        },
                        `Shims chosen: ${changing.map((row) => `${row.valve} ${row.to}`).join(', ') || 'none changes'}`,
                    )
                }
            >
                {changing.length === 0 ? 'Every shim stays' : `Keep this plan: ${changing.length} change`}
            </button>
            <Refused refusal={refusal} />
        </>
    )
}

/** What has to be bought goes on order with the plan; in a plan of before, once each when it is said. */
export function OrderThem({ job, shims }: { job: Job; shims: Board }) {
    const known = new Set(job.parts.planned.map((part) => part.part))
    const open = shims.buy.filter((part) => !known.has(part.part))
    if (open.length === 0 || shims.decided === null) {
        const words = open.length === 0 ? 'ordered; the parts page waits for them' : 'on order with the plan'
        return <span className="block text-sm text-quiet">{words}</span>
    }
    return (
        <button
            type="button"
            className="btn no-print mt-1 h-12 px-4"
            onClick={() => {
                for (const part of open) {
                    void outbox.add(
                        job.number,
                        'part_ordered',
                        { part: part.part, for: ['on.shims'] },
                        `Ordered: ${part.count} × ${part.part}`,
                    )
                }
            }}
        >
            Ordered
        </button>
    )
}
