import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
import type { ValveOnBench, Valves } from '../../app/useBenches'
import { PartsInOrder } from '../../drawings/PartsInOrder'
import { EntryForm } from '../../parts/EntryForm'
import { nameOf } from './ValveRow'

/** Rocker shafts and rod tubes in their order, every seal seen, and the rods by their length. */
export function SmallParts({ job, valves }: { job: Job; valves: Valves }) {
    const hasRods = valves.valves.some((valve) => valve.rodStated !== null)
    return (
        <div className="grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <div>
                {valves.rockerStack.length > 0 && (
                    <section aria-label="Rocker shaft">
                        <h2 className="text-lg font-bold">Rocker shaft, from the drive side</h2>
                        <PartsInOrder parts={valves.rockerStack} />
                    </section>
                )}
                {valves.tube.length > 0 && (
                    <section aria-label="Rod tube" className="mt-4">
                        <h2 className="text-lg font-bold">Rod tube, from below</h2>
                        <PartsInOrder parts={valves.tube} />
                        <p className="text-sm text-quiet">
                            A seal left out or rolled over leaks oil behind the barrel, and shows only hot.
                        </p>
                    </section>
                )}
            </div>
            <ol className="border-t-2 border-base-content">
                {valves.valves.map((valve) => (
                    <li key={valve.id} className="border-b border-line py-2">
                        <p className="leading-tight">
                            <b className="text-lg">{valve.id}</b> <span className="text-quiet">{nameOf(valve)}</span>
                        </p>
                        <div className="mt-1 flex flex-wrap items-end gap-2">
                            {hasRods && <RodLength job={job} valve={valve} />}
                            {valves.tube.length > 0 && (
                                <Seen
                                    job={job}
                                    valve={valve}
                                    stack="tube"
                                    isSeen={valve.tubeSeen}
                                    words="Tube: every seal seen"
                                />
                            )}
                            {valves.rockerStack.length > 0 && (
                                <Seen
                                    job={job}
                                    valve={valve}
                                    stack="rockers"
                                    isSeen={valve.rockersSeen}
                                    words="Rocker shaft in order"
                                />
                            )}
                        </div>
                    </li>
                ))}
            </ol>
        </div>
    )
}

function Seen({
    job,
    valve,
    stack,
    isSeen,
    words,
}: {
    job: Job
    valve: ValveOnBench
    stack: string
    isSeen: boolean
    words: string
}) {
    return isSeen ? (
        <p className="flex min-h-12 items-center font-bold">✓ {words}</p>
    ) : (
        <button
            type="button"
            className="btn h-12 px-3"
            aria-label={`${valve.id}: ${words}`}
            onClick={() =>
                void outbox.add(
                    job.number,
                    'order_seen',
                    { stack: stack as 'tube', valve: valve.id },
                    `${valve.id}: ${words}`,
                )
            }
        >
            {words}
        </button>
    )
}

function RodLength({ job, valve }: { job: Job; valve: ValveOnBench }) {
    return (
        <EntryForm
            job={job.number}
            kind="rod_read"
            keep={`rod:${valve.id}`}
            bench="valves"
            name={`Rod of ${valve.id}`}
            className="flex basis-full flex-wrap items-end gap-2"
            said={{ valve: valve.id }}
            fields={{ length: { label: `Rod of ${valve.id}`, className: 'w-32' } }}
            words={({ length }) => `Rod of ${valve.id}: ${length}`}
            button="Enter"
        >
            {(valve.rodStated || valve.rodRead) && (
                <p className="text-sm text-quiet">
                    {valve.rodStated && `${valve.rodStated} stated`}
                    {valve.rodRead && <b className="block text-base-content">read {valve.rodRead}</b>}
                </p>
            )}
        </EntryForm>
    )
}
