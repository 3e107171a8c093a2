import { type FormEvent, useState } from 'react'
import type { Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'
import { ErrandPicker } from '../../parts/ErrandPicker'

/** What the job is for; it may turn out to be for more, or for less, and says why. */
export function ErrandsButton({ job, className }: { job: Job; className: string }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <button type="button" className={className} onClick={() => setOpen(true)}>
                For: {job.planning.brief.errands.join(', ')}
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="What the job is for">
                <ErrandsForm job={job} onClose={() => setOpen(false)} />
            </Dialog>
        </>
    )
}

function ErrandsForm({ job, onClose }: { job: Job; onClose: () => void }) {
    const { errands: now, offered } = job.planning.brief
    const draft = useDraft(`errands:${job.number}`, { errands: now, reason: '' })
    const { errands, reason } = draft.value
    const same = errands.length === now.length && errands.every((each) => now.includes(each))
    const submit = (event: FormEvent) => {
        event.preventDefault()
        const body = { errands, reason: reason.trim() }
        void outbox.add(job.number, 'errands_changed', body, `The job is for: ${errands.join(', ')}`, {
            id: draft.take(),
        })
        onClose()
    }
    return (
        <form onSubmit={submit} className="space-y-4">
            <div className="max-h-[52dvh] overflow-y-auto">
                <ErrandPicker
                    offered={offered}
                    chosen={errands}
                    onChange={(next) => draft.change({ errands: next, reason })}
                />
            </div>
            <label className="block">
                <span className="font-bold">Why it changes</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={reason}
                    onChange={(event) => draft.change({ errands, reason: event.target.value })}
                />
            </label>
            <p className="text-sm text-quiet">What is done stays done. Steps that are new stand open.</p>
            <button
                type="submit"
                className="btn btn-primary h-13 w-full text-lg"
                disabled={same || errands.length === 0 || reason.trim() === ''}
            >
                Let it be for these
            </button>
        </form>
    )
}
