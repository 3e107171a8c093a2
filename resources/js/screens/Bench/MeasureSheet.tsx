import type { Job, Spot } from '../../app/api'
import { HowTaken } from '../../drawings/HowTaken'
import { VerdictMark } from '../../drawings/VerdictMark'
import { AssessmentRow } from './AssessmentRow'
import { assessmentOf } from './BoreSheet'
import { SpotRow } from './CylinderSheet'
import { ReadingField } from './ReadingField'
import type { Desk } from './useDesk'

const TITLES: Record<string, string> = {
    'as found': 'As it came in',
    'pin and rod': 'Pin and rod',
    crank: 'Crank',
    checks: 'By hand and eye',
    chamber: 'Deck, squish and ports',
    head: 'Joint face',
    valves: 'Valves',
    cam: 'Cams and clearance',
}

/** What hangs on a cylinder's own sheet. */
export const BARREL = ['piston', 'bore', 'rings']

/** Everything else this slab is read at, laid out by the part it belongs to. */
export function MeasureSheet({
    job,
    slab,
    desk,
    more,
    onMore,
}: {
    job: Job
    slab: string
    desk: Desk
    more: boolean
    onMore: (more: boolean) => void
}) {
    const spots = job.measuring.spots.filter((spot) => spot.slab === slab && !BARREL.includes(spot.group))
    const shown = spots.filter((spot) => more || spot.isExpected || spot.reading || spot.form === 'yes or no')
    const rings = job.measuring.spots.filter(
        (spot) => spot.slab === slab && BARREL.includes(spot.group) && !spot.isExpected,
    )
    const groups = [...new Set(shown.map((spot) => spot.group))]
    const hidden = spots.length - shown.length
    return (
        <>
            {groups.map((group) => (
                <section key={group} aria-label={TITLES[group]} className="mt-4">
                    <h2 className="border-t-2 border-base-content pt-1.5 font-bold">{TITLES[group] ?? group}</h2>
                    <Group job={job} spots={shown.filter((spot) => spot.group === group)} desk={desk} />
                </section>
            ))}
            {(hidden > 0 || rings.length > 0 || more) && (
                <button
                    type="button"
                    className="mt-3 min-h-12 text-left underline decoration-1 underline-offset-3"
                    onClick={() => onMore(!more)}
                >
                    {more
                        ? 'Only what this job asks for'
                        : `${hidden + rings.length} more places can be read here; this job does not ask for them`}
                </button>
            )}
        </>
    )
}

/** A few places stand in rows with their rulers; many of one kind stand side by side, the open one with its ruler. */
function Group({ job, spots, desk }: { job: Job; spots: Spot[]; desk: Desk }) {
    const kinds = [...new Set(spots.map((spot) => spot.quantity))]
    return kinds.map((kind) => {
        const places = spots.filter((spot) => spot.quantity === kind)
        const [first] = places
        if (!first || places.length < 3) {
            return places.map((spot) => <SpotRow key={spot.id} job={job} spot={spot} desk={desk} title={spot.name} />)
        }
        const looked = places.find((spot) => spot.id === desk.active?.id) ?? worst(job, places)
        const judged = looked && assessmentOf(job, desk, looked.id)
        return (
            <div key={kind} className="border-t border-line py-2">
                <div className="flex items-center gap-3">
                    <HowTaken sketch={first.sketch} width={84} />
                    <div>
                        <p className="leading-tight">{first.title}</p>
                        <p className="text-sm leading-tight text-quiet">{first.hint}</p>
                    </div>
                </div>
                <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1 xl:grid-cols-3">
                    {places.map((spot) => (
                        <div key={spot.id} className="min-w-0">
                            <p className="flex items-center gap-1.5 text-sm leading-tight text-quiet">
                                <VerdictMark
                                    state={assessmentOf(job, desk, spot.id)?.verdict?.state ?? null}
                                    size={15}
                                />
                                {place(spot)}
                            </p>
                            <ReadingField spot={spot} desk={desk} />
                        </div>
                    ))}
                </div>
                {looked && judged?.verdict && <AssessmentRow job={job} assessment={judged} title={place(looked)} />}
            </div>
        )
    })
}

const GRAVITY = ['out', 'unsure', 'worn', 'unknown']

function worst(job: Job, spots: Spot[]): Spot | undefined {
    const state = (spot: Spot) => job.measuring.assessments.find((item) => item.id === spot.id)?.verdict?.state ?? ''
    return [...spots]
        .filter((spot) => GRAVITY.includes(state(spot)))
        .sort((one, other) => GRAVITY.indexOf(state(one)) - GRAVITY.indexOf(state(other)))[0]
}

/** Where it is, without the quantity's own name. */
function place(spot: Spot): string {
    const name = spot.name.replace(new RegExp(spot.title, 'i'), '').replace(/^[ ,]+|[ ,]+$/g, '')
    const short = name.replace(/ (guide |)clearance|end gap| lobe height| seat width| spring free length/i, '')
    const tidy = short.replace(/ +,/g, ',').trim()
    return tidy.charAt(0).toUpperCase() + tidy.slice(1)
}

/** What is not as new on this slab, the worst first. */
export function WorstFirst({ job, slab, desk }: { job: Job; slab: string; desk: Desk }) {
    const bad = job.measuring.assessments
        .filter((item) => item.slab === slab && item.verdict && GRAVITY.slice(0, 3).includes(item.verdict.state))
        .sort((one, other) => GRAVITY.indexOf(one.verdict?.state ?? '') - GRAVITY.indexOf(other.verdict?.state ?? ''))
    if (bad.length < 2) {
        return null
    }
    return (
        <ul aria-label="The worst first" className="mt-2 flex flex-wrap gap-1.5">
            {bad.map((item) => (
                <li key={item.id}>
                    <button
                        type="button"
                        className="flex min-h-11 items-center gap-1.5 rounded-field border border-line px-2.5 text-sm hover:bg-base-200"
                        onClick={() => {
                            const spot = job.measuring.spots.find(
                                (each) => each.id === item.spots[item.spots.length - 1],
                            )
                            if (spot) {
                                desk.focus(spot)
                            }
                        }}
                    >
                        <VerdictMark state={item.verdict?.state ?? null} size={17} />
                        <b>{item.name}</b> {item.verdict?.words.replace('Out, ', '').toLowerCase()}
                        {item.acceptedBy && `, accepted by ${item.acceptedBy}`}
                    </button>
                </li>
            ))}
        </ul>
    )
}
