import type { EntryKind, Job, Payloads, Schemas } from '../../app/api'
import { day } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useLeft } from '../../app/useLeft'
import { Happened } from './Happened'

/** What stands above the running log: waits with their clocks, parts that are coming, what must come out, what is owed. */
export function SlipTop({ job }: { job: Job }) {
    return (
        <>
            {job.planning.waits.map((wait) => (
                <WaitCard key={wait.id} job={job} wait={wait} />
            ))}
            {job.parts.orders.map((part) => (
                <Card
                    key={part.part}
                    title={part.part}
                    sub={part.promised ? `on order, promised for ${day(part.promised)}` : 'on order, no day promised'}
                >
                    <Answer job={job} kind="part_arrived" payload={{ part: part.part }} label={`Arrived: ${part.part}`}>
                        It is here
                    </Answer>
                </Card>
            ))}
            {job.planning.ledger.map((item) => (
                <Card
                    key={item.what}
                    title={item.what}
                    sub={
                        item.dropped
                            ? `dropped, ${item.by}: nothing closes until it is found`
                            : `put in by ${item.by}, must come out`
                    }
                >
                    <Answer job={job} kind="ledger_out" payload={{ what: item.what }} label={`Out again: ${item.what}`}>
                        {item.dropped ? 'Found' : 'It is out'}
                    </Answer>
                </Card>
            ))}
            {job.planning.debts.map((debt) => (
                <Card
                    key={debt.what}
                    title={`${debt.what}: owed its torque`}
                    sub={`${debt.reason}${debt.release ? `; due when ${debt.release}` : ''}`}
                >
                    <Answer
                        job={job}
                        kind="debt_paid"
                        payload={{ what: debt.what }}
                        label={`Torqued as owed: ${debt.what}`}
                    >
                        Torqued
                    </Answer>
                </Card>
            ))}
            <Happened job={job} />
        </>
    )
}

function Card({ title, sub, children }: { title: string; sub: string; children: React.ReactNode }) {
    return (
        <section className="mb-2 rounded-box border-2 border-base-content bg-base-100 p-3">
            <p className="leading-tight font-bold">{title.charAt(0).toUpperCase() + title.slice(1)}</p>
            <p className="text-sm text-quiet">{sub}</p>
            {children}
        </section>
    )
}

function Answer<K extends EntryKind>({
    job,
    kind,
    payload,
    label,
    children,
}: {
    job: Job
    kind: K
    payload: Payloads[K]
    label: string
    children: React.ReactNode
}) {
    return (
        <button
            type="button"
            className="mt-2 h-12 w-full rounded-field border-2 border-base-content font-bold"
            onClick={() => void outbox.add(job.number, kind, payload, label)}
        >
            {children}
        </button>
    )
}

/** A wait with its clock; some are over only when a person has seen it. */
function WaitCard({ job, wait }: { job: Job; wait: Schemas['Wait'] }) {
    const left = useLeft(wait.due)
    return (
        <section aria-label={wait.name} className="mb-2 rounded-box border-2 border-base-content bg-base-100 p-3">
            <p className="leading-tight">{wait.name}</p>
            <p className="text-3xl leading-tight font-bold" role="timer">
                {left === null ? 'due' : left}
            </p>
            {wait.seen && (
                <>
                    <p className="text-sm text-quiet">over when {wait.seen}</p>
                    <Answer job={job} kind="wait_seen" payload={{ wait: wait.id }} label={`Seen: ${wait.seen}`}>
                        {wait.seen.charAt(0).toUpperCase() + wait.seen.slice(1)}
                    </Answer>
                </>
            )}
        </section>
    )
}
