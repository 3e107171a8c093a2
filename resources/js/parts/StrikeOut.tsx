import { useState } from 'react'
import { outbox } from '../app/outbox'
import { Dialog } from './Dialog'
import { ReasonForm } from './ReasonForm'

/** Takes an entry back, with a reason; it stays on the slip, struck out. */
export function StrikeOut({ job, entry, what }: { job: number; entry: string; what: string }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                aria-label={`Strike out: ${what}`}
                onClick={() => setOpen(true)}
            >
                strike
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title={`Strike out: ${what}`}>
                <ReasonForm
                    keep={`strike:${entry}`}
                    label="Why it does not count"
                    hint="the stop gave, read on the wrong side"
                    confirm="Strike it out"
                    onReason={(reason, id) => {
                        void outbox.add(job, 'entry_struck', { entry, reason }, `Struck out: ${reason}`, { id })
                        setOpen(false)
                    }}
                />
            </Dialog>
        </>
    )
}
