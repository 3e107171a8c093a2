import { useParams } from 'react-router'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'
import { Slots } from './Slots'

/** Bolt boards at true scale and slots for what goes back where it was. */
export function Trays() {
    const number = Number(useParams().number)
    const job = useJob(number)
    return (
        <JobPage job={job} title="Trays" sub="bolt boards at true scale, from above; push each bolt through its hole">
            {(data) => (
                <>
                    <a className="btn no-print mb-3 h-12 px-6" href={`/api/jobs/${number}/trays.pdf`}>
                        All boards as PDF
                    </a>
                    {data.trays.length === 0 && <p>The sheet names no fasteners yet; enter them in the spec book.</p>}
                    <div className="flex flex-wrap gap-4">
                        {data.trays.map((slab) => (
                            <figure key={slab} className="max-w-full overflow-x-auto bg-white p-3">
                                <img
                                    src={`/api/jobs/${number}/trays/${slab}.svg`}
                                    alt={`Bolt board of the ${data.slabs.find((each) => each.id === slab)?.name ?? slab}`}
                                />
                            </figure>
                        ))}
                    </div>
                    <Slots job={data} />
                </>
            )}
        </JobPage>
    )
}
