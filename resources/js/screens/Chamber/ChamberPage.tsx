import type { ReactNode } from 'react'
import { Link, useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useJob } from '../../app/queries'
import { Pages } from './Pages'

const TITLES = { thickness: 'Thickness', compression: 'Compression', ports: 'Ports' } as const

/** A page of one cylinder's room: its heading, the way to the others, and the work once the job is there. */
export function ChamberPage({
    page,
    sub,
    children,
}: {
    page: keyof typeof TITLES
    sub: (job: Job) => string
    children: (job: Job, cylinder: string) => ReactNode
}) {
    const { number, cylinder = '' } = useParams()
    const job = useJob(Number(number))
    if (!job.data) {
        return <p className="p-6">{job.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const { cylinders } = job.data.engine.drawing
    const of = cylinders.find((each) => each.id === cylinder)
    if (!of) {
        return <p className="p-6">This engine has no such cylinder.</p>
    }
    return (
        <main data-seq={job.data.log.lastSeq} className="flex-1 bg-base-100 px-4 pt-3 pb-6 md:px-6">
            <div className="mx-auto max-w-[1360px]">
                <div className="mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
                    <div>
                        <h1 className="text-2xl leading-tight font-bold">
                            {TITLES[page]}
                            {cylinders.length > 1 && `, ${of.name}`}
                        </h1>
                        <p className="text-quiet">
                            <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${number}`}>
                                {job.data.title} · job {number}
                            </Link>{' '}
                            · {sub(job.data)}
                        </p>
                    </div>
                    <Pages job={job.data} cylinder={cylinder} page={page} />
                </div>
                {children(job.data, cylinder)}
            </div>
        </main>
    )
}
