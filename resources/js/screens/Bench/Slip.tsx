import { type FormEvent, memo, useState } from 'react'
import { v7 as uuid } from 'uuid'
import type { Job, Schemas } from '../../app/api'
import { noteKey, useDraft } from '../../app/drafts'
import { clock, dayHeading } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { ReasonForm } from '../../parts/ReasonForm'
import { WaitingLine } from '../../parts/WaitingLine'
import { SlipTop } from './SlipTop'

type Line = Schemas['SlipLine']

/** The lines under the day on which they happened, in their order. */
function byDay(lines: Line[], zone: string): Map<string, Line[]> {
    const days = new Map<string, Line[]>()
    for (const line of lines) {
        const heading = dayHeading(line.at, zone)
        days.set(heading, [...(days.get(heading) ?? []), line])
    }
    return days
}

/** The running log in the shop's words, the newest on top; what was struck out stays to be read. */
export const Slip = memo(function Slip({ job }: { job: Job }) {
    const waiting = useWaiting(job.number)
    const days = byDay(job.log.slip, job.zone)
    return (
        <div className="p-4">
            <SlipTop job={job} />
            <NoteForm job={job} />
            {waiting.length > 0 && (
                <section aria-label="Not yet sent" className="mt-3">
                    <h2 className="font-bold">Kept here, not yet in the log</h2>
                    {waiting.map((entry) => (
                        <WaitingLine key={entry.id} entry={entry} zone={job.zone} />
                    ))}
                </section>
            )}
            {[...days].map(([heading, lines]) => (
                <section key={heading} className="mt-3">
                    <h2 className="font-bold">{heading}</h2>
                    {together(lines).map((few) => (
                        <Few key={few[0]?.id} job={job} lines={few} />
                    ))}
                </section>
            ))}
        </div>
    )
})

/** Pulls of one stage that follow one another stand together; every other line by itself. */
function together(lines: Line[]): Line[][] {
    const groups: Line[][] = []
    for (const line of lines) {
        const last = groups.at(-1)
        const before = last?.at(-1)
        if (last && before && isPullOfOneStage(before, line)) {
            last.push(line)
        } else {
            groups.push([line])
        }
    }
    return groups
}

const stageOf = ({ text }: Line): string => text.split(':')[0] ?? ''

const isPullOfOneStage = (one: Line, other: Line): boolean =>
    [one, other].every((line) => line.kind === 'bolt_pulled' && line.struckReason === null) &&
    one.by === other.by &&
    stageOf(one) === stageOf(other)

function Few({ job, lines }: { job: Job; lines: Line[] }) {
    const [last, ...earlier] = lines
    const first = earlier.at(-1)
    if (!last || !first) {
        return last ? <SlipLine job={job} line={last} /> : null
    }
    const bolts = lines.map(({ text }) => text.split(': ')[1] ?? '').reverse()
    return (
        <details className="border-t border-dashed border-line">
            <summary className="grid min-h-11 cursor-pointer grid-cols-[2.7rem_1fr] gap-x-1.5 py-2">
                <time dateTime={last.at} className="text-sm text-quiet">
                    {clock(last.at, job.zone)}
                </time>
                <span className="text-[0.94rem] leading-snug break-words">
                    {stageOf(last)}: {bolts.join(', ')} <b>{last.by}</b>
                </span>
            </summary>
            {lines.map((line) => (
                <SlipLine key={line.id} job={job} line={line} />
            ))}
        </details>
    )
}

function SlipLine({ job, line }: { job: Job; line: Line }) {
    const [striking, setStriking] = useState(false)
    return (
        <div className="grid grid-cols-[2.7rem_1fr_auto] gap-x-1.5 border-t border-dashed border-line py-2">
            <time dateTime={line.at} className="text-sm text-quiet">
                {clock(line.at, job.zone)}
            </time>
            <div className="min-w-0">
                <p className="text-[0.94rem] leading-snug break-words">
                    {line.struckReason === null ? line.text : <s className="text-quiet">{line.text}</s>}{' '}
                    <b>{line.by}</b>
                </p>
                {line.photo && (
                    <a href={`/api/photos/${line.photo}`} target="_blank" rel="noreferrer">
                        <img
                            src={`/api/photos/${line.photo}`}
                            alt={line.text}
                            className="mt-1 max-h-40 rounded"
                            loading="lazy"
                        />
                    </a>
                )}
                {line.struckReason !== null && (
                    <p className="text-sm leading-snug">
                        struck out: {line.struckReason} <b>{line.struckBy}</b>
                    </p>
                )}
                {striking && (
                    <div className="mt-2">
                        <ReasonForm
                            keep={`strike:${line.id}`}
                            label="Why it is struck out"
                            hint="why"
                            confirm="Strike out"
                            cancel="Keep"
                            onCancel={() => setStriking(false)}
                            onReason={(reason, id) => {
                                setStriking(false)
                                void outbox.add(
                                    job.number,
                                    'entry_struck',
                                    { entry: line.id, reason },
                                    `Struck out: ${line.text}, ${reason}`,
                                    { id },
                                )
                            }}
                        />
                    </div>
                )}
            </div>
            {line.mayBeStruck && !striking && (
                <button
                    type="button"
                    aria-label={`Strike out: ${line.text}`}
                    title="Strike out"
                    className="-my-1 -mr-2 grid size-11 place-items-center self-start rounded-field text-quiet hover:bg-base-300"
                    onClick={() => setStriking(true)}
                >
                    <svg viewBox="0 0 24 24" className="size-5" aria-hidden="true" fill="none" stroke="currentColor">
                        <path d="M5 7h14M5 17h9" strokeWidth="1.8" opacity="0.6" />
                        <path d="M3 12h18" strokeWidth="2.6" />
                    </svg>
                </button>
            )}
        </div>
    )
}

function NoteForm({ job }: { job: Job }) {
    const draft = useDraft(noteKey(job.number), '')
    const text = draft.value
    const write = () => {
        const words = text.trim()
        void outbox.add(job.number, 'note_written', { text: words }, words, { id: draft.take() })
    }
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (text.trim() !== '') {
            write()
        }
    }
    /** The picture waits in the outbox like anything else; what is typed from now on is the next note. */
    const photograph = (file: File | undefined) => {
        if (file) {
            const words = text.trim() || 'Photograph'
            const photo = { id: uuid(), picture: file }
            void outbox.add(job.number, 'note_written', { text: words, photo: photo.id }, words, {
                id: draft.take(),
                photo,
            })
        }
    }
    return (
        <form onSubmit={submit} className="flex gap-2">
            <input
                aria-label="A note for the slip"
                placeholder="Write a note"
                className="input h-12 min-w-0 flex-1"
                value={text}
                maxLength={2000}
                onChange={(event) => draft.change(event.target.value)}
            />
            <label className="btn h-12 cursor-pointer px-3" title="Photograph">
                <svg
                    viewBox="0 0 24 24"
                    className="size-6"
                    fill="none"
                    stroke="currentColor"
                    strokeWidth="1.8"
                    aria-hidden="true"
                >
                    <path d="M3 7h4l2-3h6l2 3h4v13H3z" />
                    <circle cx="12" cy="13" r="4" />
                </svg>
                <input
                    type="file"
                    accept="image/*"
                    capture="environment"
                    aria-label="Photograph for the slip"
                    className="sr-only"
                    onChange={(event) => {
                        photograph(event.target.files?.[0])
                        event.target.value = ''
                    }}
                />
            </label>
            <button type="submit" className="btn h-12" disabled={text.trim() === ''}>
                Write
            </button>
        </form>
    )
}
