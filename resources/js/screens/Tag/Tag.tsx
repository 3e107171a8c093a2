import { useParams } from 'react-router'
import type { Job } from '../../app/api'
import { dayAndYear } from '../../app/format'
import { useJob } from '../../app/queries'
import { shopName } from '../../app/shop'
import { QrCode } from '../../drawings/QrCode'
import { JobPage } from '../../parts/JobPage'

/** What hangs on the machine: its number from across the shop, whose it is, when it is promised, and a code that opens its job. */
export function Tag() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Job tag" sub="printed 105 × 148 mm, for the handlebar">
            {(data) => <Paper job={data} />}
        </JobPage>
    )
}

const LOCAL = /^(127\.|localhost$|\[::1\]$)/

function Paper({ job }: { job: Job }) {
    const address = `${window.location.origin}/jobs/${job.number}`
    return (
        <>
            <article
                aria-label={`Tag of job ${job.number}`}
                className="flex h-[148mm] w-[105mm] max-w-full flex-col border-2 border-black bg-white p-[6mm] text-black print:border-0"
            >
                {/* the string goes through here */}
                <span className="mx-auto size-[7mm] shrink-0 rounded-full border-2 border-black" />
                <p className="text-center text-sm">{shopName}</p>
                <p className="text-center text-[30mm] leading-none font-bold">{job.number}</p>
                <p className="mt-[2mm] text-center text-xl leading-tight font-bold">{job.title}</p>
                <dl className="mt-[3mm] grid grid-cols-[auto_1fr] gap-x-[3mm] border-t-2 border-black pt-[2mm] text-lg leading-snug">
                    <dt>For</dt>
                    <dd className="font-bold">{job.closing.owner}</dd>
                    <dt>Promised</dt>
                    <dd className="font-bold">
                        {job.closing.promise.day === null ? 'no day named' : dayAndYear(job.closing.promise.day)}
                    </dd>
                </dl>
                <div className="mt-auto flex items-end gap-[4mm]">
                    <QrCode text={address} label={`Code of ${address}`} className="size-[38mm] shrink-0" />
                    <p className="text-xs break-all">{address}</p>
                </div>
            </article>
            {LOCAL.test(window.location.hostname) && (
                <p className="no-print mt-3 max-w-prose">
                    Opened here by this machine’s own address, which a tablet’s camera cannot follow. Print the tag from
                    the address that the tablets use.
                </p>
            )}
        </>
    )
}
