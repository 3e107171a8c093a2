import { Link } from 'react-router'
import type { Schemas } from '../../app/api'
import { day } from '../../app/format'
import { useLeft } from '../../app/useLeft'
import { MiniStack } from '../../drawings/MiniStack'

/** One job: its engine as a stack, the next move in words, what it waits for, when it was promised. */
export function JobStrip({ job, isNext }: { job: Schemas['FloorJob']; isNext: boolean }) {
    return (
        <Link
            to={`/jobs/${job.number}`}
            className={`grid min-h-33 grid-cols-[6.5rem_1fr] overflow-hidden rounded-box bg-base-100 md:grid-cols-[7.5rem_15rem_1fr_11rem] ${
                isNext ? 'outline-3 outline-primary' : 'hover:outline-2 hover:outline-line'
            }`}
        >
            <div className="row-span-3 flex items-center bg-base-200 p-2 md:row-span-1">
                <MiniStack job={job} />
            </div>
            <div className="border-line p-3 md:border-r">
                <p className="text-lg leading-tight font-bold">{job.title}</p>
                <p className="mt-0.5 text-sm text-quiet">
                    job {job.number} · {job.description}
                </p>
                <p className="text-sm text-quiet">{job.owner}</p>
                <Progress share={job.progress} />
            </div>
            <div className="p-3 pt-0 md:pt-3">
                <p className="text-xl leading-snug font-bold">{job.next.text}</p>
                <p className="mt-1 text-quiet">{job.next.why}</p>
                {job.shortMoves.length > 0 && (
                    <p className="mt-1 text-sm text-quiet">
                        {job.next.canBeWorked ? 'in a short slot' : 'until then'}, {job.shortMoves[0]}
                    </p>
                )}
                {(job.parts.length > 0 || job.waits.length > 0) && (
                    <ul className="mt-2 flex flex-wrap gap-2">
                        {job.waits.map((wait) => (
                            <li
                                key={wait.id}
                                className="rounded border-2 border-base-content px-2 py-0.5 text-sm font-bold"
                            >
                                {wait.name} <Left due={wait.due} />
                            </li>
                        ))}
                        {job.parts.map((part) => (
                            <li
                                key={part.part}
                                className="rounded border-2 border-base-content px-2 py-0.5 text-sm font-bold"
                            >
                                on order: {part.part}
                                {part.promised && `, ${day(part.promised)}`}
                            </li>
                        ))}
                    </ul>
                )}
            </div>
            <div className="p-3 pt-0 md:pt-3 md:text-right">
                {job.promised && (
                    <>
                        <p className={`text-lg font-bold ${job.late ? 'text-error' : ''}`}>{day(job.promised)}</p>
                        <p className="text-sm text-quiet">
                            about {Math.max(1, Math.round(job.minutesLeft / 60))} h of work
                        </p>
                        <p className={`text-sm ${job.late ? 'font-bold text-error' : 'text-quiet'}`}>
                            {job.promisedInWords}
                        </p>
                    </>
                )}
            </div>
        </Link>
    )
}

function Left({ due }: { due: string }) {
    return <span role="timer">{useLeft(due) ?? 'due'}</span>
}

function Progress({ share }: { share: number }) {
    return (
        <svg viewBox="0 0 200 8" className="mt-3 w-full" preserveAspectRatio="none" aria-hidden="true">
            <rect width="200" height="8" rx="3" className="fill-base-300" />
            <rect width={Math.max(2, 200 * share)} height="8" rx="3" className="fill-base-content" />
        </svg>
    )
}
