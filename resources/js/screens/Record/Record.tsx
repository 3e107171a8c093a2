import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import { useDraft } from '../../app/drafts'
import { day } from '../../app/format'
import { outbox } from '../../app/outbox'
import { type RecordDocument, useJob, useRecord } from '../../app/queries'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Dialog } from '../../parts/Dialog'
import { Joints } from './Joints'

/** "24 Nov 09:41", as the record gives it in the shop's own time. */
const when = (instant: string) => `${day(instant.slice(0, 10)).replace(/^\w+ /, '')} ${instant.slice(11, 16)}`

/** What goes out with the machine: print-ready on A4, and as JSON and CSV. */
export function Record() {
    const number = Number(useParams().number)
    const record = useRecord(number)
    if (!record.data) {
        return <p className="p-6">{record.isError ? 'The record cannot be had now. Trying again.' : 'One moment.'}</p>
    }
    return (
        <main className="mx-auto w-full max-w-[60rem] p-4 print:max-w-none print:p-0">
            <div className="no-print mb-4 flex flex-wrap gap-3">
                <button type="button" className="btn btn-neutral h-12 px-6" onClick={() => window.print()}>
                    Print
                </button>
                <a className="btn h-12 px-6" href={`/api/jobs/${number}/record.pdf`}>
                    PDF
                </a>
                <a className="btn h-12 px-6" href={`/api/jobs/${number}/record.json`}>
                    JSON
                </a>
                <a className="btn h-12 px-6" href={`/api/jobs/${number}/record.csv`}>
                    CSV
                </a>
                <GoesOut number={number} />
            </div>
            <article className="bg-base-100 p-8 print:bg-white print:p-0 print:text-[10.5pt]">
                <Heading record={record.data} />
                <Verdicts record={record.data} />
                <BeforeAndAfter record={record.data} />
                <Decisions record={record.data} />
                <Readings record={record.data} />
                <Joints joints={record.data.joints} time={when} />
                <Chapters chapters={record.data.chapters} />
                <Steps record={record.data} />
                <HandOver record={record.data} />
                <Log record={record.data} />
                <p className="mt-6 border-t-2 border-base-content pt-2 text-sm font-bold">{record.data.caution}</p>
                <Chain chain={record.data.chain} />
            </article>
        </main>
    )
}

/** What the whole log is known by: whoever holds this record can tell later whether a line of it was changed. */
function Chain({ chain }: { chain: RecordDocument['chain'] }) {
    return (
        <p className="mt-1 text-xs break-all text-quiet">
            {chain.entries} entries, the last known by {chain.hash ?? 'none'}. Each carries the mark of the one before
            it. The whole shop’s log that day: {chain.shop}
        </p>
    )
}

/** The machine leaves the shop; nothing may be left in it and nothing owed. */
function GoesOut({ number }: { number: number }) {
    const { data: job } = useJob(number)
    const navigate = useNavigate()
    const [open, setOpen] = useState(false)
    const draft = useDraft(`hand-over:${number}`, '')
    const note = draft.value
    if (!job) {
        return null
    }
    if (job.closing.handedOver) {
        return <p className="flex items-center font-bold">Handed over {when(job.closing.handedOver)}</p>
    }
    const left = [
        ...job.planning.ledger.map((item) => `${item.what} is still in`),
        ...job.planning.debts.map((debt) => `${debt.what} is owed its torque`),
    ]
    const write = async () => {
        await outbox.add(number, 'handed_over', note.trim() ? { note: note.trim() } : {}, 'Handed over', {
            id: draft.take(),
        })
        setOpen(false)
        navigate('/')
    }
    return (
        <>
            <button type="button" className="btn ml-auto h-12 px-6" onClick={() => setOpen(true)}>
                Hand over
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="The machine goes out">
                {left.length > 0 ? (
                    <p>Not yet: {left.join('; ')}.</p>
                ) : (
                    <form
                        className="grid gap-3"
                        onSubmit={(event) => {
                            event.preventDefault()
                            void write()
                        }}
                    >
                        <p>
                            It leaves the floor; its record stays, and a comeback will show it.
                            {job.closing.openEnds.length > 0 && ` Stays open: ${job.closing.openEnds.join('; ')}.`}
                        </p>
                        <label className="block">
                            <span className="font-bold">What was said to the owner</span>
                            <input
                                className="input mt-1 h-12 w-full"
                                value={note}
                                onChange={(event) => draft.change(event.target.value)}
                            />
                        </label>
                        <button type="submit" className="btn btn-primary h-12">
                            Hand it over
                        </button>
                    </form>
                )}
            </Dialog>
        </>
    )
}

function Heading({ record }: { record: RecordDocument }) {
    const { engine, job } = record
    return (
        <header className="grid grid-cols-[1fr_auto] gap-4 border-b-2 border-base-content pb-3">
            <div>
                <h1 className="text-2xl font-bold">
                    {engine.title}, job {job.number}
                </h1>
                <p>
                    {engine.description} · {engine.bore.value} × {engine.stroke.value} mm · {engine.displacement.value}{' '}
                    cm³
                </p>
                <p className="mt-1">
                    <b>{job.owner}</b>
                    {job.complaint && `: ${job.complaint}`}
                </p>
            </div>
            <p className="text-right text-sm text-quiet">
                {record.shop}
                <br />
                record of {when(record.made)}
            </p>
        </header>
    )
}

function Section({ title, children }: { title: string; children: React.ReactNode }) {
    return (
        <section className="mt-5 break-inside-avoid-page">
            <h2 className="text-lg font-bold">{title}</h2>
            {children}
        </section>
    )
}

/** Tables of what else was done: thicknesses, timing, clearances, tests, running in, parts, people. */
function Chapters({ chapters }: { chapters: RecordDocument['chapters'] }) {
    return chapters.map((chapter) => (
        <Section key={chapter.title} title={chapter.title}>
            <table className="w-full border-t border-base-content text-left text-sm">
                <thead>
                    <tr className="text-quiet">
                        {chapter.columns.map((column) => (
                            <th key={column} className="py-1 pr-3 font-normal">
                                {column}
                            </th>
                        ))}
                    </tr>
                </thead>
                <tbody>
                    {chapter.rows.map((row) => (
                        <tr key={row.join('|')} className="border-t border-line align-top">
                            {row.map((cell, index) => (
                                <td
                                    key={chapter.columns[index]}
                                    className={`py-1 pr-3 ${index === 0 ? 'font-bold' : ''}`}
                                >
                                    {cell}
                                </td>
                            ))}
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    ))
}

function Verdicts({ record }: { record: RecordDocument }) {
    return (
        <Section title="What was judged">
            <table className="w-full text-left">
                <thead className="text-sm text-quiet">
                    <tr>
                        <th className="py-1 pr-3 font-normal">what</th>
                        <th className="py-1 pr-3 font-normal">figure, mm</th>
                        <th className="py-1 pr-3 font-normal">verdict</th>
                        <th className="py-1 font-normal">by whose limit, and why</th>
                    </tr>
                </thead>
                <tbody>
                    {judged(record).map((item) => (
                        <tr key={item.name} className="border-t border-line align-top">
                            <td className="py-1.5 pr-3">{item.name}</td>
                            <td className="py-1.5 pr-3 font-bold">
                                {item.figure?.replaceAll(' mm', '') ?? '–'}
                                {item.doubt && (
                                    <span className="font-normal text-quiet"> ± {item.doubt.value.toFixed(3)}</span>
                                )}
                            </td>
                            <td className="py-1.5 pr-3">
                                <span className="flex items-center gap-1.5 font-bold">
                                    <VerdictMark state={item.verdict?.state ?? null} size={18} />
                                    {item.words}
                                </span>
                            </td>
                            <td className="py-1.5 text-sm">
                                {item.verdict?.reason ?? 'Not measured.'}
                                {item.chosen_because && <> Source chosen because: {item.chosen_because}.</>}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    )
}

/** What was read, or has a limit to be read against on every engine of its kind. */
const judged = (record: RecordDocument) =>
    record.verdicts.filter((item) => item.verdict !== null || item.range_by !== null)

function BeforeAndAfter({ record }: { record: RecordDocument }) {
    if (record.before_and_after.length === 0) {
        return null
    }
    return (
        <Section title="Before and after">
            <table className="w-full text-left">
                <tbody>
                    {record.before_and_after.map((row) => (
                        <tr key={row.name} className="border-t border-line align-top">
                            <td className="py-1 pr-3">{row.name}</td>
                            <td className="py-1 pr-3 text-quiet">{row.before}</td>
                            <td className="py-1 font-bold">
                                {row.after ?? `to be read again${row.why ? `, ${row.why}` : ''}`}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    )
}

function Decisions({ record }: { record: RecordDocument }) {
    if (record.decisions.length === 0) {
        return null
    }
    return (
        <Section title="What was decided">
            {record.decisions.map((line) => (
                <p key={line} className="border-t border-line py-1">
                    {line}
                </p>
            ))}
        </Section>
    )
}

function Readings({ record }: { record: RecordDocument }) {
    return (
        <Section title="What was read">
            {record.readings.length === 0 && <p className="text-quiet">Nothing yet.</p>}
            <table className="w-full text-left">
                <tbody>
                    {record.readings.map((reading) => (
                        <tr key={reading.place} className="border-t border-line align-top">
                            <td className="py-1 pr-3">{reading.name}</td>
                            <td className="py-1 pr-3 font-bold">{reading.as_typed}</td>
                            <td className="py-1 pr-3 whitespace-nowrap">
                                {reading.value && reading.as_typed.includes('from')
                                    ? `= ${reading.value.value.toFixed(3)} ${reading.value.unit}`
                                    : ''}
                            </td>
                            <td className="py-1 pr-3 text-sm">
                                {reading.tool}
                                <span className="block text-quiet">{reading.taken_with}</span>
                            </td>
                            <td className="py-1 text-sm whitespace-nowrap">
                                {when(reading.at)} <b>{reading.by}</b>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </Section>
    )
}

function Steps({ record }: { record: RecordDocument }) {
    const done = record.steps.filter((step) => step.done)
    return (
        <Section title="What was fitted">
            {done.length === 0 && <p className="text-quiet">Nothing yet.</p>}
            <ol>
                {done.map((step) => (
                    <li key={step.name} className="flex justify-between gap-4 border-t border-line py-1">
                        <span>{step.name}</span>
                        <span className="text-sm whitespace-nowrap">
                            {step.at && when(step.at)} <b>{step.by}</b>
                        </span>
                    </li>
                ))}
            </ol>
        </Section>
    )
}

/** What was waived by name, and what stays open when the machine goes out. */
function HandOver({ record }: { record: RecordDocument }) {
    return (
        <>
            {record.waived.length > 0 && (
                <Section title="Waived and accepted">
                    {record.waived.map((line) => (
                        <p key={line} className="border-t border-line py-1">
                            {line}
                        </p>
                    ))}
                </Section>
            )}
            {record.hand_over.length > 0 && (
                <Section title="Stays open at hand-over">
                    {record.hand_over.map((line) => (
                        <p key={line} className="border-t border-line py-1 font-bold">
                            {line}
                        </p>
                    ))}
                </Section>
            )}
        </>
    )
}

function Log({ record }: { record: RecordDocument }) {
    const lines = record.log.filter((line) => line.kind !== 'entry_struck')
    return (
        <section className="mt-5">
            <h2 className="text-lg font-bold">The slip</h2>
            {lines.map((line) => (
                <p key={line.id} className="grid grid-cols-[7rem_1fr] border-t border-dashed border-line py-1 text-sm">
                    <span className="text-quiet">{when(line.at)}</span>
                    <span>
                        {line.struck ? <s>{line.text}</s> : line.text} <b>{line.by}</b>
                        {line.struck && (
                            <>
                                {' '}
                                struck out: {line.struck.reason} <b>{line.struck.by}</b>
                            </>
                        )}
                        {line.photo && (
                            <img
                                src={`/api/photos/${line.photo}`}
                                alt={line.text}
                                className="mt-1 max-h-64 max-w-full border border-line print:max-h-[6cm]"
                            />
                        )}
                    </span>
                </p>
            ))}
        </section>
    )
}
