import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'
import { Slots } from './Slots'

const nameOf = (job: Job, slab: string) => job.stack.slabs.find((each) => each.id === slab)?.name ?? slab

/** The boards of a V column by column, and what serves both after them; of any other engine all in one. */
function columnsOf(job: Job): { name: string; trays: string[] }[] {
    const columnOf = (tray: string) => job.stack.slabs.find((slab) => slab.id === tray)?.column ?? null
    const own = job.stack.columns.map((name, column) => ({
        name: name.charAt(0).toUpperCase() + name.slice(1),
        trays: job.stack.trays.filter((tray) => columnOf(tray) === column),
    }))
    return [...own, { name: '', trays: job.stack.trays.filter((tray) => columnOf(tray) === null) }].filter(
        (group) => group.trays.length > 0,
    )
}

/** One board as the server draws it, in the page itself so that it is set in the product's type; true scale in print. */
function Board({ job, slab, name }: { job: number; slab: string; name: string }) {
    const board = useQuery({
        queryKey: ['board', job, slab],
        queryFn: async () => (await fetch(`/api/jobs/${job}/trays/${slab}.svg`, { credentials: 'same-origin' })).text(),
    })
    return (
        <figure
            role="img"
            aria-label={`Bolt board of the ${name}`}
            className="bolt-board max-w-full bg-white p-3 text-black print:break-after-page print:p-0"
            // biome-ignore lint/security/noDangerouslySetInnerHtml: drawn by the shop's own server, every text in it escaped
            dangerouslySetInnerHTML={{ __html: board.data ?? '' }}
        />
    )
}

/** Bolt boards at true scale and slots for what goes back where it was. */
export function Trays() {
    const number = Number(useParams().number)
    const job = useJob(number)
    return (
        <JobPage
            job={job}
            title="Trays"
            sub="bolt boards from above, true scale in print; push each bolt through its hole"
        >
            {(data) => (
                <>
                    <a className="btn no-print mb-3 h-12 px-6" href={`/api/jobs/${number}/trays.pdf`}>
                        All boards as PDF
                    </a>
                    {data.stack.trays.length === 0 && (
                        <p>The sheet names no fasteners yet; enter them in the spec book.</p>
                    )}
                    <div className="grid items-start gap-4 md:grid-cols-2 print:block">
                        {columnsOf(data).map(({ name, trays }) => (
                            <section key={name} aria-label={name || 'Boards'} className={name ? '' : 'contents'}>
                                {name && <h2 className="mb-2 text-lg font-bold">{name}</h2>}
                                <div className={name ? 'grid gap-4' : 'contents'}>
                                    {trays.map((slab) => (
                                        <Board key={slab} job={number} slab={slab} name={nameOf(data, slab)} />
                                    ))}
                                </div>
                            </section>
                        ))}
                    </div>
                    <Slots job={data} />
                </>
            )}
        </JobPage>
    )
}
