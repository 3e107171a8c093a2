import type { Job } from '../../app/api'
import type { ValveOnBench } from '../../app/useBenches'
import { EntryForm } from '../../parts/EntryForm'
import { StrikeOut } from '../../parts/StrikeOut'

/** How much comes off a stem and when to stop; each time it is ground stands in the log, and wants another reading. */
export function GroundStem({ job, valve }: { job: Job; valve: ValveOnBench }) {
    return (
        <div>
            {valve.grind ? (
                <EntryForm
                    job={job.number}
                    kind="stem_ground"
                    keep={`ground:${valve.id}`}
                    bench="valves"
                    name={`Stem of ${valve.id}`}
                    className="mt-1 flex flex-wrap items-end gap-3"
                    said={{ valve: valve.id }}
                    fields={{ taken: 'ground off' }}
                    words={({ taken }) => `${valve.id} ground ${taken}`}
                    button="Ground"
                >
                    <p className="min-w-60 flex-1 leading-snug">
                        <b className="text-lg">Take off {valve.grind.aim}</b>, from {valve.grind.atLeast} and never more
                        than {valve.grind.atMost}: a stem cannot be ground longer. A little, wiped, and read again;
                        square to the stem, the end not left burred. Eye protection.
                    </p>
                </EntryForm>
            ) : (
                valve.state === 'out' && (
                    <p className="leading-snug">
                        Loose cannot be ground away: the seat cut deeper lowers the valve, or another valve with a
                        longer stem.
                    </p>
                )
            )}
            {valve.ground.map((each) => (
                <p key={each.entry} className="text-sm text-quiet">
                    {each.words}, {each.by} <StrikeOut job={job.number} entry={each.entry} what={each.words} />
                </p>
            ))}
        </div>
    )
}
