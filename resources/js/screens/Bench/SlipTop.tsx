import { type FormEvent, useEffect, useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { day } from '../../app/format'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'

/** What stands above the running log: waits with their clocks, parts that are coming, what must come out, what is owed. */
export function SlipTop({ job }: { job: Job }) {
    return (
        <>
            {job.waits.map((wait) => (
                <WaitCard key={wait.id} job={job} wait={wait} />
            ))}
            {job.parts.map((part) => (
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
            {job.ledger.map((item) => (
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
            {job.debts.map((debt) => (
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
            <More job={job} />
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

function Answer({
    job,
    kind,
    payload,
    label,
    children,
}: {
    job: Job
    kind: string
    payload: unknown
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

/** "06:40", counted down by the second; null once it is due. */
export function useLeft(due: string): string | null {
    const [now, setNow] = useState(() => Date.now())
    useEffect(() => {
        const timer = setInterval(() => setNow(Date.now()), 1000)
        return () => clearInterval(timer)
    }, [])
    const seconds = Math.ceil((new Date(due).getTime() - now) / 1000)
    if (seconds <= 0) {
        return null
    }
    const two = (part: number) => String(part).padStart(2, '0')
    const hours = Math.floor(seconds / 3600)
    return `${hours > 0 ? `${hours}:` : ''}${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`
}

interface Kind {
    kind: string
    title: string
    fields: [string, string][]
    label: (values: Record<string, string>) => string
    extra?: Record<string, unknown>
    withSlab?: boolean
    withStep?: boolean
}

const KINDS: Kind[] = [
    {
        kind: 'ledger_in',
        title: 'Put in, must come out',
        fields: [['what', 'What: rag, prop, tie, lock']],
        label: (v) => `Put in: ${v.what}`,
        withSlab: true,
    },
    {
        kind: 'ledger_in',
        title: 'Dropped something',
        fields: [['what', 'What fell']],
        label: (v) => `Dropped: ${v.what}`,
        extra: { dropped: true },
        withSlab: true,
    },
    {
        kind: 'debt_owed',
        title: 'Left snug, owed its torque',
        fields: [
            ['what', 'Which fastener'],
            ['reason', 'Why it cannot be torqued now'],
            ['release', 'What releases it'],
        ],
        label: (v) => `Owed: ${v.what}`,
    },
    {
        kind: 'slab_provisional',
        title: 'On for now, to read or set',
        fields: [['reason', 'What for']],
        label: (v) => `On for now: ${v.reason}`,
        withSlab: true,
    },
    {
        kind: 'wait_started',
        title: 'Something has to wait',
        fields: [
            ['what', 'What waits: plates soaking, sealant skinning'],
            ['time', 'How long, as 20 min or 12 h'],
            ['seen', 'Over when, if a person has to see it'],
        ],
        label: (v) => `Waiting: ${v.what}`,
        withStep: true,
    },
    {
        kind: 'part_ordered',
        title: 'A part was ordered',
        fields: [
            ['part', 'Which part'],
            ['promised', 'Promised for'],
        ],
        label: (v) => `Ordered: ${v.part}`,
    },
    {
        kind: 'open_end',
        title: 'Stays open at hand-over',
        fields: [['text', 'What, and who looks after it']],
        label: (v) => `Stays open: ${v.text}`,
    },
]

/** The less frequent things that happen on a bench, behind one button. */
function More({ job }: { job: Job }) {
    const [open, setOpen] = useState(false)
    const [kind, setKind] = useState<Kind | null>(null)
    const close = () => {
        setOpen(false)
        setKind(null)
    }
    return (
        <>
            <button type="button" className="btn mb-2 h-12 w-full" onClick={() => setOpen(true)}>
                Put in, dropped, owed, ordered…
            </button>
            <Dialog open={open} onClose={close} title={kind?.title ?? 'What happened'}>
                {kind ? (
                    <KindForm job={job} kind={kind} onDone={close} />
                ) : (
                    <ul className="grid gap-2">
                        {KINDS.map((each) => (
                            <li key={each.title}>
                                <button
                                    type="button"
                                    className="btn h-13 w-full justify-start text-left"
                                    onClick={() => setKind(each)}
                                >
                                    {each.title}
                                </button>
                            </li>
                        ))}
                    </ul>
                )}
            </Dialog>
        </>
    )
}

function KindForm({ job, kind, onDone }: { job: Job; kind: Kind; onDone: () => void }) {
    const draft = useDraft<Record<string, string>>(`happened:${job.number}:${kind.title}`, {})
    const { slab = job.slabs[0]?.id ?? '', step = '', ...values } = draft.value
    const set = (name: string, value: string) => draft.change({ ...draft.value, [name]: value })
    const missing =
        kind.fields.some(([name], index) => index === 0 && !values[name]?.trim()) ||
        (kind.kind === 'debt_owed' && !values.reason?.trim()) ||
        (kind.kind === 'wait_started' && !values.time?.trim())
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (missing) {
            return
        }
        const filled = Object.fromEntries(Object.entries(values).filter(([, value]) => value.trim() !== ''))
        void outbox.add(
            job.number,
            kind.kind,
            { ...filled, ...(kind.withSlab ? { slab } : {}), ...(step ? { step } : {}), ...kind.extra },
            kind.label(values),
            { id: draft.take() },
        )
        onDone()
    }
    return (
        <form onSubmit={submit} className="grid gap-3">
            {kind.fields.map(([name, label], index) => (
                <label key={name} className="block">
                    <span className="font-bold">{label}</span>
                    <input
                        // biome-ignore lint/a11y/noAutofocus: the choice just made asks for this
                        autoFocus={index === 0}
                        type={name === 'promised' ? 'date' : 'text'}
                        className="input mt-1 h-12 w-full"
                        value={values[name] ?? ''}
                        onChange={(event) => set(name, event.target.value)}
                    />
                </label>
            ))}
            {kind.withSlab && (
                <label className="block">
                    <span className="font-bold">Where</span>
                    <select
                        className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                        value={slab}
                        onChange={(event) => set('slab', event.target.value)}
                    >
                        {job.slabs.map((each) => (
                            <option key={each.id} value={each.id}>
                                {each.name}
                            </option>
                        ))}
                    </select>
                </label>
            )}
            {kind.withStep && (
                <label className="block">
                    <span className="font-bold">Which step waits for it</span>
                    <select
                        className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                        value={step}
                        onChange={(event) => set('step', event.target.value)}
                    >
                        <option value="">none, only call me</option>
                        {job.steps
                            .filter((each) => each.state !== 'done')
                            .map((each) => (
                                <option key={each.id} value={each.id}>
                                    {each.name}
                                </option>
                            ))}
                    </select>
                </label>
            )}
            <button type="submit" className="btn btn-primary h-12" disabled={missing}>
                Into the log
            </button>
        </form>
    )
}
