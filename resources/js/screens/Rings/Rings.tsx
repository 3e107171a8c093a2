import { useState } from 'react'
import { useParams } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useJob } from '../../app/queries'
import { useCalculation } from '../../app/useCalculation'
import { RingClockDrawing } from '../../drawings/RingClockDrawing'
import { JobPage } from '../../parts/JobPage'

const SCHOOLS: [Schemas['GapSchool'], string, string][] = [
    ['opposed', 'Two opposed', 'Longest way for gas from gap to gap; the common choice for two rings.'],
    ['thirds', 'Thirds', 'Keeps the oil rails apart as well; easy to see at a glance.'],
    ['quarters', 'Quarters', 'Off the pin and off the thrust faces.'],
    ['pegs', 'Pegs', 'The maker has pinned them clear of the ports; there is no choice.'],
    ['custom', 'By hand', 'The maker’s diagram, turned to its angles.'],
]

interface Clocking {
    angles: Record<string, { value: number }>
    separations: { between: [string, string]; value: { value: number } }[]
    conflicts: { kind: string; rings: string[]; why: string }[]
}

/** Where the ring gaps go, one crown a cylinder. */
export function Rings() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Ring clock" sub="seen on the crown, angles clockwise from the exhaust">
            {(data) => (
                <div className="grid gap-5">
                    {data.fitting.gaps.map((place) => (
                        <Clock key={place.cylinder} job={data} place={place} />
                    ))}
                </div>
            )}
        </JobPage>
    )
}

function Clock({ job, place }: { job: Job; place: Schemas['GapPlace'] }) {
    const [school, setSchool] = useState(place.school)
    const [angles, setAngles] = useState<Record<string, number>>(() =>
        Object.fromEntries(place.angles.map((each) => [each.ring, each.angle])),
    )
    const clocking = useClocking(place, school, angles)
    const shown = {
        ...place,
        angles: place.angles.map((each) => ({
            ...each,
            angle: clocking?.angles[each.ring]?.value ?? angles[each.ring] ?? each.angle,
        })),
    }
    const turn = (ring: string, angle: number) => {
        setSchool('custom')
        setAngles({ ...Object.fromEntries(shown.angles.map((each) => [each.ring, each.angle])), [ring]: angle })
    }
    const keep = () =>
        void outbox.add(
            job.number,
            'gaps_placed',
            {
                cylinder: place.cylinder,
                school,
                angles: Object.fromEntries(shown.angles.map((each) => [each.ring, `${each.angle} deg`])),
            },
            `Ring gaps placed, ${school}`,
        )
    const moved =
        school !== place.school || shown.angles.some((each, index) => each.angle !== place.angles[index]?.angle)
    return (
        <section
            aria-label={place.name}
            className="grid items-start gap-x-8 gap-y-4 bg-base-100 p-4 md:grid-cols-[minmax(0,24rem)_1fr]"
        >
            <div>
                <RingClockDrawing place={shown} conflicts={clocking?.conflicts ?? []} onTurn={turn} />
                {place.keepOff.length > 0 && (
                    <p className="text-center text-sm text-quiet">
                        shaded, no gap here: {[...new Set(place.keepOff.map((arc) => arc.why))].join(', ')}
                    </p>
                )}
            </div>
            <div>
                <h2 className="text-lg font-bold">{place.name.charAt(0).toUpperCase() + place.name.slice(1)}</h2>
                <p className="text-sm text-quiet">{place.isPlaced ? `placed, ${place.school}` : 'not placed yet'}</p>
                <ul className="mt-2">
                    {shown.angles.map((each) => (
                        <li key={each.ring} className="flex items-center gap-2 border-t border-line py-1">
                            <label className="flex-1" htmlFor={`${place.cylinder}-${each.ring}`}>
                                {each.name}
                            </label>
                            <input
                                id={`${place.cylinder}-${each.ring}`}
                                type="number"
                                className="input no-print h-11 w-22 text-lg font-bold"
                                value={Math.round(each.angle)}
                                onChange={(event) => turn(each.ring, (Number(event.target.value) + 360) % 360)}
                            />
                            <span className="hidden font-bold print:inline">{Math.round(each.angle)}</span>°
                        </li>
                    ))}
                </ul>
                <div className="mt-2" aria-live="polite">
                    {clocking?.conflicts.map((conflict) => (
                        <p
                            key={conflict.rings.join() + conflict.why}
                            className="flex items-start gap-2 text-sm font-bold text-error"
                        >
                            ✕ {conflict.rings.map((ring) => nameOf(place, ring)).join(' and ')}:{' '}
                            {conflict.kind === 'avoided' ? `over ${conflict.why}` : conflict.why}
                        </p>
                    ))}
                    {clocking?.conflicts.length === 0 && (
                        <p className="text-sm font-bold text-success">✓ clear all round</p>
                    )}
                </div>
                <fieldset className="no-print mt-3">
                    <legend className="font-bold">School</legend>
                    {SCHOOLS.filter(([id]) => id !== 'pegs' || place.school === 'pegs').map(([id, name, why]) => (
                        <label key={id} className="flex min-h-11 items-center gap-2">
                            <input
                                type="radio"
                                className="size-5"
                                name={`school-${place.cylinder}`}
                                checked={school === id}
                                onChange={() => setSchool(id)}
                            />
                            <span>
                                <b>{name}</b> <span className="text-sm text-quiet">{why}</span>
                            </span>
                        </label>
                    ))}
                </fieldset>
                <button
                    type="button"
                    className="btn btn-primary no-print mt-3 h-12 w-full"
                    disabled={!moved && place.isPlaced}
                    onClick={keep}
                >
                    They are placed so
                </button>
            </div>
        </section>
    )
}

const nameOf = (place: Schemas['GapPlace'], ring: string): string =>
    place.angles.find((each) => each.ring === ring)?.name ?? ring

/** Angles, separations and conflicts as the core has them. */
function useClocking(place: Schemas['GapPlace'], school: string, angles: Record<string, number>) {
    const own = school === 'custom' || school === 'pegs'
    return useCalculation<Clocking>('ring-clocking', {
        school,
        ...(own
            ? {
                  angles: Object.fromEntries(
                      place.angles.map((each) => [each.ring, `${angles[each.ring] ?? each.angle} deg`]),
                  ),
              }
            : { rings: place.angles.map((each) => each.ring) }),
        avoid: place.keepOff.map((arc) => ({ from: `${arc.from} deg`, to: `${arc.to} deg`, why: arc.why })),
    }).answer
}
