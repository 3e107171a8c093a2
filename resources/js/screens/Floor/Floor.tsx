import { Link } from 'react-router'
import { day, plural, weekday } from '../../app/format'
import { useFloor } from '../../app/queries'
import { ComesBack } from '../../parts/ComesBack'
import { Benches } from './Benches'
import { JobStrip } from './JobStrip'

/** Every job as a wide strip; what can be worked now comes first. */
export function Floor() {
    const floor = useFloor()
    if (!floor.data) {
        return (
            <p className="p-6">{floor.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const workable = floor.data.jobs.filter((job) => job.next.canBeWorked)
    const waiting = floor.data.jobs.filter((job) => !job.next.canBeWorked)
    const first = floor.data.jobs.find((job) => job.promised)?.promised
    return (
        <main className="mx-auto flex w-full max-w-[1320px] flex-col px-4 py-4 md:px-6">
            <div className="flex flex-wrap items-baseline gap-x-5">
                <Link className="btn btn-neutral order-last ml-auto h-12 self-center px-6" to="/intake">
                    A machine comes in
                </Link>
                <h1 className="text-2xl font-bold">
                    {weekday(floor.data.today)},{' '}
                    {workable.length > 0 ? `${plural(workable.length, 'job')} can be worked` : 'nothing can be worked'}
                </h1>
                <p className="text-quiet">
                    {plural(floor.data.jobs.length, 'job')} on the floor
                    {first && ` · first promised for ${day(first)}`}
                </p>
            </div>
            <Benches benches={floor.data.benches ?? []} jobs={floor.data.jobs} />
            {floor.data.jobs.length === 0 && <p className="mt-6">No engine is on the floor. A job begins at intake.</p>}
            <Group title="Can be worked now" jobs={workable} lead />
            <Group title="Waiting" jobs={waiting} />
            <ComesBack all={floor.data.comesBack} />
        </main>
    )
}

function Group({
    title,
    jobs,
    lead = false,
}: {
    title: string
    jobs: Parameters<typeof JobStrip>[0]['job'][]
    lead?: boolean
}) {
    if (jobs.length === 0) {
        return null
    }
    return (
        <section aria-label={title} className="mt-4">
            <h2 className="mb-1.5 text-sm font-bold text-quiet">{title}</h2>
            <ul className="space-y-2.5">
                {jobs.map((job, index) => (
                    <li key={job.number}>
                        <JobStrip job={job} isNext={lead && index === 0} />
                    </li>
                ))}
            </ul>
        </section>
    )
}
