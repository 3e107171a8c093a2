import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { call, type Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'
import { Beside } from './Beside'

/** What came in and why: the complaint with its suspects, what this kind of engine has taught, the earlier job beside this one. */
export function History() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Complaint and history" sub="a symptom leads to suspects, a suspect to a test">
            {(data) => <Sheet job={data} />}
        </JobPage>
    )
}

function Sheet({ job }: { job: Job }) {
    const [search, setSearch] = useSearchParams()
    const earlier = Number(search.get('with') ?? job.closing.earlier[0] ?? 0)
    return (
        <div className="grid gap-5">
            <section aria-label="Complaint" className="bg-base-100 p-5">
                <p className="text-xl font-bold">{job.closing.complaint || 'No complaint was written down.'}</p>
                <p className="text-quiet">{job.closing.owner}</p>
                {!job.closing.complaint && (
                    <p className="mt-1">
                        Ask {job.closing.owner} what it does and when, and write it as a note on the build. Until then
                        every suspect of an engine built like this stands below.
                    </p>
                )}
                <Suspects job={job} />
            </section>
            <Known job={job} />
            {job.closing.earlier.length === 0 && (
                <section aria-label="Was here before" className="bg-base-100 p-5">
                    <h2 className="text-lg font-bold">Not here before</h2>
                    <p>
                        When this owner brings this engine again, its readings stand here beside the new ones. What this
                        job teaches can be kept above for the next engine of its kind.
                    </p>
                </section>
            )}
            {job.closing.earlier.length > 0 && (
                <section aria-label="Was here before" className="bg-base-100 p-5">
                    <div className="flex flex-wrap items-center gap-3">
                        <h2 className="text-lg font-bold">It was here before</h2>
                        {job.closing.earlier.map((number) => (
                            <button
                                key={number}
                                type="button"
                                aria-pressed={number === earlier}
                                className={`h-12 rounded-field border-2 px-4 font-bold ${number === earlier ? 'border-base-content bg-base-content text-base-100' : 'border-line'}`}
                                onClick={() => setSearch({ with: String(number) })}
                            >
                                job {number}
                            </button>
                        ))}
                    </div>
                    {earlier > 0 && <Beside now={job.number} then={earlier} />}
                </section>
            )}
        </div>
    )
}

function Suspects({ job }: { job: Job }) {
    const [all, setAll] = useState(false)
    const spoken = job.closing.symptoms.filter((symptom) => symptom.isSpokenOf)
    const shown = all || spoken.length === 0 ? job.closing.symptoms : spoken
    return (
        <>
            <ul className="mt-3">
                {shown.map((symptom) => (
                    <li
                        key={symptom.symptom + symptom.suspect}
                        className="grid items-center gap-x-5 gap-y-1 border-t border-line py-2 md:grid-cols-[14rem_1fr_auto]"
                    >
                        <span className={symptom.isSpokenOf ? 'font-bold' : ''}>
                            {symptom.symptom.charAt(0).toUpperCase() + symptom.symptom.slice(1)}
                        </span>
                        <span className="leading-tight">
                            {symptom.suspect.charAt(0).toUpperCase() + symptom.suspect.slice(1)}
                            <span className="block text-sm text-quiet">Test: {symptom.test}</span>
                        </span>
                        <button
                            type="button"
                            className="btn h-12 px-4"
                            aria-label={`Found: ${symptom.suspect}`}
                            onClick={() =>
                                void outbox.add(
                                    job.number,
                                    'note_written',
                                    { text: `Found: ${symptom.suspect} (${symptom.symptom}).` },
                                    'Found',
                                )
                            }
                        >
                            Found so
                        </button>
                    </li>
                ))}
            </ul>
            {spoken.length > 0 && job.closing.symptoms.length > spoken.length && (
                <button
                    type="button"
                    className="min-h-12 underline decoration-1 underline-offset-3"
                    onClick={() => setAll(!all)}
                >
                    {all
                        ? 'Only what the complaint speaks of'
                        : `${job.closing.symptoms.length - spoken.length} other suspects`}
                </button>
            )}
        </>
    )
}

/** What the sheet has learned from earlier jobs, and the place to add to it. */
function Known({ job }: { job: Job }) {
    const { value: text, change: keep, clear } = useDraft(`finding:${job.number}`, '')
    const [error, setError] = useState('')
    const client = useQueryClient()
    const submit = async (event: FormEvent) => {
        event.preventDefault()
        try {
            await call('POST', `/sheets/${job.engine.sheet}/findings`, { text, from: `job ${job.number}` })
            clear()
            setError('')
            await client.invalidateQueries({ queryKey: ['job', job.number] })
            await client.invalidateQueries({ queryKey: ['sheets'] })
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'The finding was not kept.')
        }
    }
    return (
        <section aria-label="Known of this engine" className="bg-base-100 p-5">
            <h2 className="text-lg font-bold">Known of this engine</h2>
            {job.engine.sheetNote && <p className="mt-1">{job.engine.sheetNote}</p>}
            {job.engine.findings.map((finding) => (
                <p key={finding.text} className="mt-1 border-t border-line pt-1">
                    {finding.text} <span className="text-sm text-quiet">{finding.from}</span>
                </p>
            ))}
            {job.engine.newerSheet !== null && (
                <p className="mt-1 text-quiet">
                    Version {job.engine.newerSheet} of the sheet holds more; adopt it on the build, and it stands here
                    too.
                </p>
            )}
            <form onSubmit={submit} className="no-print mt-3 flex flex-wrap gap-3">
                <input
                    aria-label="A finding for the next engine of its kind"
                    placeholder="A finding for the next engine of its kind"
                    className="input h-12 min-w-72 flex-1"
                    value={text}
                    onChange={(event) => keep(event.target.value)}
                />
                <button type="submit" className="btn h-12 px-6" disabled={text.trim() === ''}>
                    Keep it on the sheet
                </button>
            </form>
            {error && (
                <p role="alert" className="mt-1 text-error">
                    {error}
                </p>
            )}
        </section>
    )
}
