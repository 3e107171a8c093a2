import type { Job, Schemas } from '../../app/api'
import { day } from '../../app/format'
import { EntryForm } from '../../parts/EntryForm'

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
    return (
        <EntryForm
            job={job.number}
            kind="work_sent"
            keep={`send:${bore.cylinder}`}
            bench="machine-shop"
            name={`${bore.name} goes out`}
            said={{ cylinder: bore.cylinder }}
            fields={{
                to: { label: 'Goes to', placeholder: 'the machine shop', className: 'min-w-48 flex-1' },
                promised: { label: 'Promised for', className: '' },
            }}
            words={({ to }) => `Sent out: ${bore.name}, to ${to}`}
            button="Sent out"
            isNext
        />
    )
}

function Returning({ job, bore }: { job: Job; bore: Bore }) {
    return (
        <EntryForm
            job={job.number}
            kind="work_back"
            keep={`back:${bore.cylinder}`}
            bench="machine-shop"
            name={`${bore.name} comes back`}
            said={{ cylinder: bore.cylinder }}
            fields={{
                note: {
                    label: 'What came back',
                    placeholder: 'anything seen at once; it is looked over and read at the bench',
                    className: 'min-w-48 flex-1',
                },
            }}
            words={() => `Back: ${bore.name}`}
            button="It is back"
            isNext
        >
            <p className="w-full text-lg">
                <b>{bore.away}</b>
                {bore.promised ? `, promised for ${day(bore.promised)}` : ', no day promised'}
            </p>
        </EntryForm>
    )
}
