import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { call, type Schemas } from '../../app/api'

/** What stands on which bench; a machine is put there with a touch. */
export function Benches({ benches, jobs }: { benches: Schemas['Bench'][]; jobs: Schemas['FloorJob'][] }) {
    const client = useQueryClient()
    const [failed, setFailed] = useState('')
    const put = async (bench: string, job: string) => {
        try {
            const after = await call<Schemas['Bench'][]>('POST', '/benches', {
                bench,
                job: job === '' ? null : Number(job),
            })
            client.setQueryData<Schemas['Floor']>(['floor'], (floor) => floor && { ...floor, benches: after })
            setFailed('')
        } catch (problem) {
            setFailed(problem instanceof Error ? problem.message : 'This did not work.')
        }
    }
    if (benches.length === 0) {
        return null
    }
    return (
        <section aria-label="Benches" className="mt-3 max-sm:order-last">
            <ul className="grid grid-cols-1 gap-2 sm:grid-cols-2 lg:grid-cols-[repeat(auto-fit,minmax(15rem,1fr))]">
                {benches.map((bench) => {
                    const standing = jobs.find((job) => job.number === bench.job)
                    return (
                        <li
                            key={bench.name}
                            className="flex items-center gap-3 border-b-4 border-base-content px-1 pb-1"
                        >
                            <b className="whitespace-nowrap">{bench.name}</b>
                            <select
                                aria-label={`What stands on ${bench.name}`}
                                className="h-11 min-w-0 flex-1 rounded-field border border-line bg-base-100 px-2"
                                value={standing ? String(standing.number) : ''}
                                onChange={(event) => void put(bench.name, event.target.value)}
                            >
                                <option value="">free</option>
                                {jobs.map((job) => (
                                    <option key={job.number} value={job.number}>
                                        {job.title}, job {job.number}
                                    </option>
                                ))}
                            </select>
                            {standing && (
                                <Link
                                    className="btn h-11 px-3"
                                    aria-label={`To the job on ${bench.name}`}
                                    to={`/jobs/${standing.number}`}
                                >
                                    →
                                </Link>
                            )}
                        </li>
                    )
                })}
            </ul>
            <p role="alert" className="font-bold text-error empty:hidden">
                {failed}
            </p>
        </section>
    )
}
