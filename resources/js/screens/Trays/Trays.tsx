import { useParams } from 'react-router'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'

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

/** One slot a part that has run together with another: rings and pistons by cylinder, valve parts by valve. */
function Slots({ job }: { job: NonNullable<ReturnType<typeof useJob>['data']> }) {
    const valves = [
        ...new Set(
            job.spots.filter((spot) => spot.quantity === 'valve_guide').map((spot) => `${spot.cylinder}/${spot.part}`),
        ),
    ]
    return (
        <section aria-label="Slots" className="mt-4 bg-base-100 p-4">
            <h2 className="font-bold">Slots</h2>
            <div
                className="mt-2 grid gap-2"
                style={{ gridTemplateColumns: `repeat(${job.drawing.cylinders.length}, minmax(0, 1fr))` }}
            >
                {job.drawing.cylinders.map((cylinder) => (
                    <div key={cylinder.id} className="border-2 border-base-content p-2">
                        <p className="font-bold">{cylinder.name}</p>
                        <p className="mt-1 border border-line p-2 text-sm">piston, pin, rings from the top</p>
                        {valves
                            .filter((valve) => valve.startsWith(`${cylinder.id}/`))
                            .map((valve) => (
                                <p key={valve} className="mt-1 border border-line p-2 text-sm">
                                    {valve.includes('in', valve.indexOf('/') + 1) && !valve.includes('ex')
                                        ? 'inlet'
                                        : 'exhaust'}{' '}
                                    {valve.split('/')[1]}: valve, spring, lifter or shim, rocker, rod
                                </p>
                            ))}
                    </div>
                ))}
            </div>
        </section>
    )
}
