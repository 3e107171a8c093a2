import type { Job } from '../../app/api'
import { withUnit } from '../../app/format'
import { useTypedUnit } from '../../app/units'
import type { ValveOnBench } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { StrikeOut } from '../../parts/StrikeOut'

const BLANK = { taken: '' }

/** How much comes off a stem and when to stop; each time it is ground stands in the log, and wants another reading. */
export function GroundStem({ job, valve }: { job: Job; valve: ValveOnBench }) {
    const unit = useTypedUnit('length')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `ground:${valve.id}`,
        BLANK,
        'valves',
    )
    return (
        <div>
            {valve.grind ? (
                <form
                    aria-label={`Stem of ${valve.id}`}
                    className="mt-1 flex flex-wrap items-end gap-3"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (typed.taken.trim() !== '' && !isSending) {
                            void enter(
                                'stem_ground',
                                { valve: valve.id, taken: withUnit(typed.taken, unit) },
                                `${valve.id} ground ${typed.taken}`,
                            )
                        }
                    }}
                >
                    <p className="min-w-60 flex-1 leading-snug">
                        <b className="text-lg">Take off {valve.grind.aim}</b>, from {valve.grind.atLeast} and never more
                        than {valve.grind.atMost}: a stem cannot be ground longer. A little, wiped, and read again;
                        square to the stem, the end not left burred. Eye protection.
                    </p>
                    <Field
                        label={`ground off, ${unit}`}
                        className="w-28"
                        value={typed.taken}
                        onChange={(taken) => setTyped({ taken })}
                    />
                    <button type="submit" className="btn h-12 px-4" disabled={isSending}>
                        Ground
                    </button>
                </form>
            ) : (
                valve.state === 'out' && (
                    <p className="leading-snug">
                        Loose cannot be ground away: the seat cut deeper lowers the valve, or another valve with a
                        longer stem.
                    </p>
                )
            )}
            <Refused refusal={refusal} />
            {valve.ground.map((each) => (
                <p key={each.entry} className="text-sm text-quiet">
                    {each.words}, {each.by} <StrikeOut job={job.number} entry={each.entry} what={each.words} />
                </p>
            ))}
        </div>
    )
}
