import { type FormEvent, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import type { Schemas } from '../../app/api'
import { readIn } from '../../app/sheetDrafts'
import { useThought } from '../../app/units'
import { useKeepSheet, useSheets } from '../../app/useSheets'
import { VerdictMark } from '../../drawings/VerdictMark'
import { FileText } from '../../parts/FileText'
import { Compare } from './Compare'
import { LikeThis } from './LikeThis'
import { LimitsTable } from './LimitsTable'
import { OnPaper } from './OnPaper'
import { TorqueSection } from './TorqueSection'

type Sheet = Schemas['Sheet']

/** Engine sheets: limits with their sources side by side, edited with history, in and out as files. */
export function SpecBook() {
    const { slug } = useParams()
    const navigate = useNavigate()
    const sheets = useSheets()
    if (!sheets.data) {
        return (
            <p className="p-6">{sheets.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const chosen = sheets.data.find((sheet) => sheet.slug === slug) ?? sheets.data[0]
    return (
        <main className="grid min-h-0 flex-1 md:grid-cols-[16.5rem_minmax(0,1fr)] print:block">
            <nav aria-label="Sheets" className="no-print bg-base-300 p-2">
                <h1 className="px-2 py-1 text-xl font-bold">Spec book</h1>
                {sheets.data.map((sheet) => (
                    <button
                        key={sheet.slug}
                        type="button"
                        aria-current={sheet === chosen}
                        onClick={() => navigate(`/spec-book/${sheet.slug}`)}
                        className={`block min-h-13 w-full rounded-md border-3 px-2 py-1 text-left leading-tight ${
                            sheet === chosen ? 'border-primary bg-tint' : 'border-transparent hover:border-line'
                        }`}
                    >
                        <b>{sheet.title}</b>
                        <br />
                        <span className="text-sm text-quiet">{sheet.description}</span>
                    </button>
                ))}
                <NewSheet />
            </nav>
            {chosen && <SheetPage key={`${chosen.slug}/${chosen.version}`} sheet={chosen} sheets={sheets.data} />}
        </main>
    )
}

function SheetPage({ sheet, sheets }: { sheet: Sheet; sheets: Sheet[] }) {
    const [work, setWork] = useState<'document' | 'limits' | 'like' | null>(null)
    const leave = () => setWork(null)
    const thought = useThought()
    const sources = [...new Set(sheet.limits.flatMap((limit) => limit.sources.map((source) => source.source)))]
    return (
        <div className="min-w-0 overflow-x-auto bg-base-100 px-5 py-4">
            <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <h2 className="text-2xl font-bold">{sheet.title}</h2>
                <p className="text-quiet">
                    {sheet.facts} · version {sheet.version} of {sheet.versions[0]?.at}
                </p>
                <span className="no-print ml-auto flex flex-wrap gap-2">
                    <a className="btn h-12 px-4" href="#torque">
                        Torque
                    </a>
                    <a className="btn h-12 px-4" href={`/api/sheets/${sheet.slug}/sheet.json`}>
                        JSON
                    </a>
                    <a className="btn h-12 px-4" href={`/api/sheets/${sheet.slug}/limits.csv`}>
                        Limits as CSV
                    </a>
                    <button type="button" className="btn h-12 px-4" onClick={() => window.print()}>
                        Print
                    </button>
                    <button type="button" className="btn h-12 px-4" onClick={() => setWork('like')}>
                        One like it
                    </button>
                    <button
                        type="button"
                        className="btn h-12 px-4"
                        onClick={() => setWork(work === 'limits' ? null : 'limits')}
                    >
                        {work === 'limits' ? 'Leave as it is' : 'Limits from a table'}
                    </button>
                    <button
                        type="button"
                        className="btn h-12 px-4"
                        onClick={() => setWork(work === 'document' ? null : 'document')}
                    >
                        {work === 'document' ? 'Leave as it is' : 'Document'}
                    </button>
                    <Link className="btn btn-primary h-12 px-4" to={`/spec-book/${sheet.slug}/edit/report`}>
                        Edit
                    </Link>
                </span>
            </div>
            {work === 'like' && <LikeThis sheet={sheet} onClose={leave} />}
            {work === 'document' ? (
                <Editor document={sheet.document} onDone={leave} />
            ) : work === 'limits' ? (
                <LimitsTable slug={sheet.slug} onDone={leave} />
            ) : (
                <>
                    <OnPaper sheet={sheet} />
                    {sheet.consequences.length > 0 && <Changes sheet={sheet} />}
                    <table className="mt-3 w-full text-left print:text-sm">
                        <thead className="text-sm text-quiet">
                            <tr>
                                <th className="py-1 pr-4 font-normal">quantity</th>
                                {sources.map((source) => (
                                    <th key={source} className="py-1 pr-4 font-normal">
                                        {source}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {sheet.limits.map((limit) => (
                                <tr key={limit.quantity + limit.of} className="border-t border-line align-top">
                                    <td className="py-2 pr-4">
                                        {limit.quantity}
                                        {limit.of && (
                                            <span className="text-quiet">, {limit.of.replaceAll('_', ' ')}</span>
                                        )}
                                    </td>
                                    {sources.map((name) => {
                                        const source = limit.sources.find((each) => each.source === name)
                                        return (
                                            <td key={name} className="py-2 pr-4">
                                                {source && (
                                                    <>
                                                        <span
                                                            className={
                                                                source.rulesRange || source.rulesService
                                                                    ? 'font-bold'
                                                                    : 'text-quiet'
                                                            }
                                                        >
                                                            {thought(source.text)}
                                                        </span>
                                                        <span className="block text-sm text-quiet">
                                                            {[
                                                                source.rulesRange && 'rules the range',
                                                                source.rulesService && 'rules the service limit',
                                                            ]
                                                                .filter(Boolean)
                                                                .join(', ')}
                                                        </span>
                                                    </>
                                                )}
                                            </td>
                                        )
                                    })}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                    <TimingSection sheet={sheet} />
                    <TorqueSection sheet={sheet} />
                    <div className="no-print">
                        <Compare sheet={sheet} sheets={sheets} />
                    </div>
                </>
            )}
        </div>
    )
}

/** What the sheet says of ignition, cams, wheels and marks. */
function TimingSection({ sheet }: { sheet: Sheet }) {
    const thought = useThought()
    return sheet.timing.length === 0 ? null : (
        <section aria-label="Timing" className="mt-5">
            <h3 className="font-bold">Timing, valves and closing</h3>
            <dl>
                {sheet.timing.map((each) => (
                    <div
                        key={each.title}
                        className="grid gap-x-4 border-t border-line py-1.5 sm:grid-cols-[7rem_minmax(0,1fr)]"
                    >
                        <dt className="text-quiet">{each.title}</dt>
                        <dd>
                            {each.lines.map((line) => (
                                <p key={line} className="leading-snug">
                                    {thought(line)}
                                </p>
                            ))}
                        </dd>
                    </div>
                ))}
            </dl>
        </section>
    )
}

/** What parts of another make change, each seen to or not. */
function Changes({ sheet }: { sheet: Sheet }) {
    return (
        <section aria-label="What other parts change" className="mt-3 border-2 border-base-content p-3">
            <h3 className="font-bold">Other parts than the maker’s, and what they change</h3>
            {sheet.consequences.map((each) => (
                <p key={each.part + each.text} className="flex items-start gap-2 pt-1">
                    <VerdictMark state={each.isWrong ? 'out' : each.isConfirmed ? 'within' : 'unsure'} size={19} />
                    <span>
                        <b>{each.part}</b>: {each.text}{' '}
                        <span className="text-quiet">{each.isConfirmed ? 'seen to' : 'not confirmed yet'}</span>
                    </span>
                </p>
            ))}
        </section>
    )
}

function Editor({ document, onDone }: { document: string; onDone: () => void }) {
    const navigate = useNavigate()
    const [text, setText] = useState(document)
    const { keep, error } = useKeepSheet()
    const submit = async (event: FormEvent) => {
        event.preventDefault()
        const sheet = await keep(text)
        if (sheet) {
            navigate(`/spec-book/${sheet.slug}`)
            onDone()
        }
    }
    return (
        <form onSubmit={(event) => void submit(event)} className="mt-3">
            <label className="text-sm text-quiet" htmlFor="sheet-document">
                The sheet as one document; quantities are texts with their unit. Keeping it makes a new version, running
                jobs keep theirs.
            </label>
            <textarea
                id="sheet-document"
                spellCheck={false}
                className="textarea mt-1 h-[55dvh] w-full font-mono text-sm leading-snug"
                value={text}
                onChange={(event) => setText(event.target.value)}
            />
            <p role="alert" className="min-h-6 font-bold text-error">
                {error}
            </p>
            <button type="submit" className="btn btn-primary h-12 px-8">
                Keep as a new version
            </button>
        </form>
    )
}

/** A sheet from a file: what it says and contradicts is shown before it is kept. */
function NewSheet() {
    const navigate = useNavigate()
    const [wrong, setWrong] = useState('')
    const read = (text: string) => {
        const document = documentOf(text)
        if (typeof document === 'string') {
            setWrong(document)
            return
        }
        readIn(document)
        navigate(`/spec-book/${encodeURIComponent(document.id)}/edit/report`)
    }
    return (
        <>
            <FileText label="Read in a sheet" accept="application/json,.json" onText={read} />
            {wrong && (
                <p role="alert" className="mt-1 px-1 text-sm font-bold text-error">
                    {wrong}
                </p>
            )}
        </>
    )
}

/** The sheet in a file, or what is wrong with it. */
function documentOf(text: string): (Record<string, unknown> & { id: string }) | string {
    try {
        const document = JSON.parse(text)
        return typeof document?.id === 'string' && /^[\w.-]+$/.test(document.id)
            ? document
            : 'This is no sheet: it needs an id, such as "ulvane-139r".'
    } catch (problem) {
        return `This is not JSON: ${problem instanceof Error ? problem.message : ''}`
    }
}
