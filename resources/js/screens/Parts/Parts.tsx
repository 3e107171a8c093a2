import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useParams } from 'react-router'
import { call, type EntryKind, type Job, type Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { clock, day, dayKey, plural } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useJob, useShop } from '../../app/queries'
import { Choice } from '../../parts/Choice'
import { Dialog } from '../../parts/Dialog'
import { JobPage } from '../../parts/JobPage'

type Part = Schemas['PlannedPart']
type Asked = 'order' | 'wrong' | 'reuse' | 'arrive'

const STATES: Record<Part['state'], string> = {
    needed: 'to get',
    ordered: 'on order',
    arrived: 'here',
    fitted: 'fitted',
    spent: 'spent, get another',
}

/** What the job takes: by when, where it is, and what may go back in. */
export function Parts() {
    const number = Number(useParams().number)
    const job = useJob(number)
    return (
        <JobPage job={job} title="Parts" sub="what the plan takes, by when, and where it is">
            {(data) => <List job={data} />}
        </JobPage>
    )
}

function List({ job }: { job: Job }) {
    const dates = useQuery({ queryKey: ['dates'], queryFn: () => call<Schemas['Dates']>('GET', '/dates') })
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: () => call<Schemas['ShelfPart'][]>('GET', '/shelf') })
    const [asked, setAsked] = useState<{ part: Part; what: Asked } | null>(null)
    const needs = dates.data?.jobs.find((each) => each.number === job.number)?.needs ?? []
    const by = (part: Part) => needs.find((need) => need.part === part.part)?.by ?? null
    const onShelf = (part: Part) =>
        shelf.data?.find((lies) => lies.part === part.part && [job.engine.sheet, ''].includes(lies.fits))?.count ?? 0
    const open = job.parts.planned
        .filter((part) => part.state !== 'fitted')
        .sort((one, other) => (by(one) ?? '9').localeCompare(by(other) ?? '9'))
    const fitted = job.parts.planned.filter((part) => part.state === 'fitted')
    const inColumns = job.stack.columns.length > 0
    const groups = inColumns ? byColumn(job.stack.columns, open) : [{ name: '', parts: open }]
    return (
        <div className="bg-base-100 p-5">
            {open.length === 0 && <p>Nothing is missing: every part that the plan takes is fitted.</p>}
            <div className={inColumns ? 'grid items-start gap-x-8 lg:grid-cols-2' : ''}>
                {groups.map(({ name, parts }) => (
                    <section
                        key={name}
                        aria-label={name || 'Parts'}
                        className={inColumns && name === BOTH ? 'lg:col-span-2' : ''}
                    >
                        {name && <h2 className="mt-3 border-b-2 border-base-content text-lg font-bold">{name}</h2>}
                        <ul>
                            {parts.map((part) => (
                                <li
                                    key={part.part}
                                    className={`grid items-center gap-x-5 gap-y-2 border-b border-line py-2.5 ${
                                        name === '' || name === BOTH ? 'lg:grid-cols-[10rem_1fr_auto]' : ''
                                    }`}
                                >
                                    <NeedBy job={job} part={part} by={by(part)} />
                                    <div className="leading-tight">
                                        <p className="text-lg font-bold">{part.part}</p>
                                        <p className={part.wrong ? 'font-bold text-error' : ''}>{standing(part)}</p>
                                        <p className="text-sm text-quiet">{reuse(part)}</p>
                                    </div>
                                    <Actions
                                        job={job}
                                        part={part}
                                        onShelf={onShelf(part)}
                                        onAsk={(what) => setAsked({ part, what })}
                                    />
                                </li>
                            ))}
                        </ul>
                    </section>
                ))}
            </div>
            {fitted.length > 0 && (
                <p className="mt-4 text-quiet">Fitted: {fitted.map((part) => part.part.toLowerCase()).join(' · ')}.</p>
            )}
            {asked && <Ask job={job} part={asked.part} what={asked.what} onClose={() => setAsked(null)} />}
        </div>
    )
}

const BOTH = 'For the whole engine'

/** One column of a V beside the other, and what serves both under them. */
function byColumn(columns: string[], parts: Part[]): { name: string; parts: Part[] }[] {
    const own = columns.map((name, column) => ({
        name: name.charAt(0).toUpperCase() + name.slice(1),
        parts: parts.filter((part) => part.column === column),
    }))
    const both = { name: BOTH, parts: parts.filter((part) => part.column === null) }
    return [...own, both].filter((group) => group.parts.length > 0)
}

/** The day it is needed on, struck where what was promised comes after it. */
function NeedBy({ job, part, by }: { job: Job; part: Part; by: string | null }) {
    if (by === null) {
        return <span className="text-sm text-quiet">no step waits for it</span>
    }
    const needed = dayKey(by, job.zone)
    const late = part.promised !== null && part.promised > needed
    return (
        <span className="leading-tight">
            <span className="block text-sm text-quiet">needed by</span>
            <b className="text-lg">{day(needed)}</b> <span className="text-sm">{clock(by, job.zone)}</span>
            {late && <span className="block text-sm font-bold text-error">comes after that</span>}
        </span>
    )
}

function standing(part: Part): string {
    if (part.wrong) {
        return `came wrong: ${part.why}`
    }
    if (part.state === 'ordered' && part.promised) {
        return `on order, promised for ${day(part.promised)}`
    }
    const state = STATES[part.state]
    return part.why && part.why !== 'arrived' ? `${state}, ${part.why}` : state
}

const reuse = (part: Part): string =>
    part.reuse === null
        ? ''
        : part.reuse === 'reuse if'
          ? `May go back if ${part.condition}.`
          : `${part.reuse.charAt(0).toUpperCase() + part.reuse.slice(1)}. ${part.condition}`

function Actions({
    job,
    part,
    onShelf,
    onAsk,
}: {
    job: Job
    part: Part
    onShelf: number
    onAsk: (what: Asked) => void
}) {
    const client = useQueryClient()
    const take = async () => {
        await outbox.add(job.number, 'part_taken', { part: part.part }, `From the shelf: ${part.part}`)
        await client.invalidateQueries({ queryKey: ['shelf'] })
    }
    const here = part.state === 'arrived'
    return (
        <p className="no-print flex flex-wrap gap-2">
            {!here && onShelf > 0 && (
                <Action name="From the shelf" part={part} onPress={() => void take()}>
                    From the shelf ({onShelf})
                </Action>
            )}
            {!here && part.mayGoBack && (
                <Action name="The old one goes back" part={part} onPress={() => onAsk('reuse')} />
            )}
            {!here && part.state !== 'ordered' && <Action name="Ordered" part={part} onPress={() => onAsk('order')} />}
            {part.state === 'ordered' && <Action name="It is here" part={part} onPress={() => onAsk('arrive')} />}
            {(here || part.state === 'ordered') && (
                <Action name="Wrong part" part={part} onPress={() => onAsk('wrong')} />
            )}
        </p>
    )
}

function Action({
    name,
    part,
    onPress,
    children,
}: {
    name: string
    part: Part
    onPress: () => void
    children?: React.ReactNode
}) {
    return (
        <button type="button" className="btn h-12 px-4" aria-label={`${name}: ${part.part}`} onClick={onPress}>
            {children ?? name}
        </button>
    )
}

const QUESTIONS: Record<Asked, { title: string; kind: EntryKind; label: string; key: string; required: boolean }> = {
    order: { title: 'Ordered', kind: 'part_ordered', label: 'Promised for', key: 'promised', required: false },
    arrive: {
        title: 'It is here',
        kind: 'part_arrived',
        label: 'Note: what it was checked by',
        key: 'note',
        required: false,
    },
    wrong: { title: 'Wrong part', kind: 'part_wrong', label: 'What is wrong with it', key: 'reason', required: true },
    reuse: {
        title: 'The old one goes back',
        kind: 'part_reused',
        label: 'What was seen of it',
        key: 'reason',
        required: true,
    },
}

/** The one thing that has to be said with it; an arrival may carry a photograph. */
function Ask({ job, part, what, onClose }: { job: Job; part: Part; what: Asked; onClose: () => void }) {
    const draft = useDraft<{ text: string; photo: string | null; from?: string }>(
        `part:${job.number}:${what}:${part.part}`,
        { text: '', photo: null },
    )
    const { text, photo, from = '' } = draft.value
    const suppliers = useShop().data?.suppliers ?? []
    const question = QUESTIONS[what]
    const write = () => {
        void outbox.add(
            job.number,
            question.kind,
            {
                part: part.part,
                ...(text.trim() ? { [question.key]: text.trim() } : {}),
                ...(photo ? { photo } : {}),
                ...(what === 'order' ? { for: [], ...(from ? { from } : {}) } : {}),
            },
            `${question.title}: ${part.part}`,
            { id: draft.take() },
        )
        onClose()
    }
    const photograph = async (file: File | undefined) => {
        if (file) {
            draft.change({ ...draft.value, photo: await outbox.keepPhoto(file) })
        }
    }
    return (
        <Dialog open onClose={onClose} title={`${question.title}: ${part.part.toLowerCase()}`}>
            <form
                className="grid gap-3"
                onSubmit={(event) => {
                    event.preventDefault()
                    write()
                }}
            >
                {what === 'order' && suppliers.length > 0 && (
                    <Choice
                        label="From"
                        options={suppliers.map(({ name, days }) => [name, `${name}, ${plural(days, 'day')}`])}
                        chosen={from}
                        onChoose={(name) =>
                            draft.change({
                                photo,
                                from: name,
                                text: suppliers.find((each) => each.name === name)?.here ?? text,
                            })
                        }
                    />
                )}
                <label className="block">
                    <span className="font-bold">{question.label}</span>
                    <input
                        type={what === 'order' ? 'date' : 'text'}
                        className="input mt-1 h-12 w-full"
                        value={text}
                        onChange={(event) => draft.change({ ...draft.value, text: event.target.value })}
                    />
                </label>
                {what === 'reuse' && part.reuse === 'reuse if' && <p>It may go back if {part.condition}.</p>}
                {what === 'arrive' && (
                    <label className="block">
                        <span className="font-bold">Photograph</span>
                        <input
                            type="file"
                            accept="image/*"
                            className="mt-1 block min-h-12"
                            onChange={(event) => void photograph(event.target.files?.[0])}
                        />
                        {photo && <span className="text-sm">kept with the arrival</span>}
                    </label>
                )}
                <button
                    type="submit"
                    className="btn btn-primary h-12"
                    disabled={question.required && text.trim() === ''}
                >
                    Into the log
                </button>
            </form>
        </Dialog>
    )
}
