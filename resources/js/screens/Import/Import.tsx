import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { call, Problem, type Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { plural } from '../../app/format'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'

type Preview = Schemas['Import']

/** Readings from a file: every line is looked at first, and all go in or none. */
export function Import() {
    const number = Number(useParams().number)
    const job = useJob(number)
    const client = useQueryClient()
    const { value: csv, change: setCsv } = useDraft(`import:${number}`, '')
    const [preview, setPreview] = useState<Preview | null>(null)
    const [error, setError] = useState('')
    const send = async (enter: boolean, text = csv) => {
        setError('')
        try {
            const answer = await call<Preview>('POST', `/jobs/${number}/import`, { csv: text, enter })
            setPreview(answer)
            if (answer.entered) {
                setCsv('')
                void client.invalidateQueries({ queryKey: ['job', number] })
            }
        } catch (problem) {
            setPreview(null)
            setError(
                problem instanceof Problem
                    ? problem.message
                    : 'The shop’s server does not answer; the text stays here.',
            )
        }
    }
    return (
        <JobPage
            job={job}
            title="Read in a file"
            sub="CSV with a head line: place, reading, setting, deviation, passes, refuses, hole, shaft, tool"
        >
            {() => (
                <div className="bg-base-100 p-5">
                    <label className="btn h-12 cursor-pointer px-5">
                        Choose a file
                        <input
                            type="file"
                            accept=".csv,text/csv,text/plain"
                            className="sr-only"
                            onChange={async (event) => {
                                const text = (await event.target.files?.[0]?.text()) ?? ''
                                setCsv(text)
                                void send(false, text)
                            }}
                        />
                    </label>
                    <textarea
                        aria-label="The file’s text"
                        className="textarea mt-3 h-44 w-full font-mono text-sm"
                        placeholder={'place,reading,tool\nbore.1.across.30,55.006 mm,b1'}
                        value={csv}
                        onChange={(event) => setCsv(event.target.value)}
                    />
                    <p role="alert" className="min-h-6 font-bold text-error">
                        {error}
                    </p>
                    <div className="flex flex-wrap items-center gap-3">
                        <button type="button" className="btn btn-neutral h-12 px-6" onClick={() => void send(false)}>
                            Look at it
                        </button>
                        <button
                            type="button"
                            className="btn btn-primary h-12 px-6"
                            disabled={!preview || preview.wrong > 0 || preview.rows.length === 0 || preview.entered}
                            onClick={() => void send(true)}
                        >
                            Enter {preview ? plural(preview.rows.length, 'reading') : 'them'}
                        </button>
                        <p role="status" className="font-bold">
                            {preview?.entered
                                ? `${plural(preview.rows.length, 'reading')} entered.`
                                : preview
                                  ? preview.wrong > 0
                                      ? `${plural(preview.wrong, 'line')} cannot be read; nothing is entered until all can.`
                                      : 'Every line can be read.'
                                  : ''}
                        </p>
                        {preview?.entered && (
                            <Link className="underline" to={`/jobs/${number}`}>
                                Back to the build
                            </Link>
                        )}
                    </div>
                    {preview && (
                        <table className="mt-4 w-full text-left">
                            <tbody>
                                {preview.rows.map((row) => (
                                    <tr key={row.line} className="border-t border-line align-top">
                                        <td className="py-1 pr-3 text-quiet">line {row.line}</td>
                                        <td className="py-1 pr-3">{row.place}</td>
                                        <td className="py-1 pr-3 font-bold">{row.reading}</td>
                                        <td className="py-1">
                                            {row.error && (
                                                <span className="font-bold text-error">
                                                    column {row.column}: {row.error}
                                                </span>
                                            )}
                                        </td>
                                    </tr>
                                ))}
                            </tbody>
                        </table>
                    )}
                </div>
            )}
        </JobPage>
    )
}
