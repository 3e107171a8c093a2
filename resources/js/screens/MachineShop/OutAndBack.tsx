import type { FormEvent } from 'react'
import type { Job, Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { day } from '../../app/format'
import { outbox } from '../../app/outbox'

type Bore = Schemas['BoreAdvice']

/** Where a bore is that goes out: sent with its order, promised, back and looked over. */
export function OutAndBack({ job, bore }: { job: Job; bore: Bore }) {
    return (
        <section aria-label={`${bore.name}: out and back`} className="no-print my-2 border-2 border-base-content p-3">
            {bore.away === null ? <Sending job={job} bore={bore} /> : <Returning job={job} bore={bore} />}
        </section>
    )
}

function Sending({ job, bore }: { job: Job; bore: Bore }) {
    const draft = useDraft(`send:${job.number}:${bore.cylinder}`, { to: '', promised: '' })
    const { to, promised } = draft.value
    const send = (event: FormEvent) => {
        event.preventDefault()
        if (to.trim() !== '') {
            void outbox.add(
                job.number,
                'work_sent',
                { cylinder: bore.cylinder, to: to.trim(), ...(promised ? { promised } : {}) },
                `Sent out: ${bore.name}, to ${to.trim()}`,
                { id: draft.take() },
            )
        }
    }
    return (
        <form onSubmit={send} className="flex flex-wrap items-end gap-3">
            <label className="min-w-48 flex-1">
                <span className="font-bold">Goes to</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={to}
                    placeholder="the machine shop"
                    onChange={(event) => draft.change({ to: event.target.value, promised })}
                />
            </label>
            <label>
                <span className="font-bold">Promised for</span>
                <input
                    type="date"
                    className="input mt-1 h-12"
                    value={promised}
                    onChange={(event) => draft.change({ to, promised: event.target.value })}
                />
            </label>
            <button type="submit" className="btn btn-primary h-12 px-6" disabled={to.trim() === ''}>
                Sent out
            </button>
        </form>
    )
}

function Returning({ job, bore }: { job: Job; bore: Bore }) {
    const draft = useDraft(`back:${job.number}:${bore.cylinder}`, '')
    const back = (event: FormEvent) => {
        event.preventDefault()
        const note = draft.value.trim()
        void outbox.add(
            job.number,
            'work_back',
            { cylinder: bore.cylinder, ...(note ? { note } : {}) },
            `Back: ${bore.name}`,
            { id: draft.take() },
        )
    }
    return (
        <form onSubmit={back} className="flex flex-wrap items-end gap-3">
            <p className="w-full text-lg">
                <b>{bore.away}</b>
                {bore.promised ? `, promised for ${day(bore.promised)}` : ', no day promised'}
            </p>
            <label className="min-w-48 flex-1">
                <span className="font-bold">What came back</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={draft.value}
                    placeholder="anything seen at once; it is looked over and read at the bench"
                    onChange={(event) => draft.change(event.target.value)}
                />
            </label>
            <button type="submit" className="btn btn-primary h-12 px-6">
                It is back
            </button>
        </form>
    )
}
