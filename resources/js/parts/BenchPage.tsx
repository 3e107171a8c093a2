import type { ReactNode } from 'react'
import { Link, NavLink } from 'react-router'
import type { Job } from '../app/api'

/** A bench of one job: what it is called, whose it is, its pages. */
export function BenchPage({
    job,
    bench,
    title,
    about,
    pages,
    children,
}: {
    job: Job
    bench: string
    title: string
    about: string | null
    /** the end of the address and what it is called */
    pages: readonly (readonly [string, string])[]
    children: ReactNode
}) {
    return (
        <main data-seq={job.log.lastSeq} className="flex-1 bg-base-100 px-4 pt-3 pb-6 md:px-6 print:p-0">
            <div className="mx-auto max-w-[1360px]">
                <div className="mb-3 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
                    <div>
                        <h1 className="text-2xl leading-tight font-bold">{title}</h1>
                        <p className="text-quiet">
                            <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${job.number}`}>
                                {job.title} · job {job.number}
                            </Link>
                            {about && ` · ${about}`}
                        </p>
                    </div>
                    {pages.length > 1 && (
                        <nav aria-label={`Pages of ${title.toLowerCase()}`} className="no-print flex flex-wrap">
                            {pages.map(([to, words]) => (
                                <NavLink
                                    key={to}
                                    end
                                    to={`/jobs/${job.number}/${bench}${to === '' ? '' : `/${to}`}`}
                                    className={({ isActive }) =>
                                        `flex min-h-12 items-center border-b-4 px-3 font-bold ${isActive ? 'border-primary' : 'border-transparent text-quiet hover:border-line'}`
                                    }
                                >
                                    {words}
                                </NavLink>
                            ))}
                        </nav>
                    )}
                </div>
                {children}
            </div>
        </main>
    )
}
