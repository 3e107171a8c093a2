import type { UseQueryResult } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import type { Job } from '../app/api'

/** A page of one job beside its build screen: heading, print button, and the work itself once the job is there. */
export function JobPage({
    job,
    title,
    sub,
    children,
}: {
    job: UseQueryResult<Job>
    title: string
    sub: string
    children: (job: Job) => ReactNode
}) {
    if (!job.data) {
        return <p className="p-6">{job.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    return (
        <main
            data-seq={job.data.log.lastSeq}
            className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6 print:max-w-none print:p-0"
        >
            <div className="mb-3 flex flex-wrap items-baseline gap-x-4">
                <h1 className="text-2xl font-bold">
                    {title}, {job.data.title}
                </h1>
                <p className="text-quiet">
                    job {job.data.number} · {sub}
                </p>
                <button type="button" className="btn no-print ml-auto h-12 px-5" onClick={() => window.print()}>
                    Print
                </button>
            </div>
            {children(job.data)}
        </main>
    )
}
