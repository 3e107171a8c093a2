import type { Job, Spot } from '../../app/api'
import { HowTaken } from '../../drawings/HowTaken'
import { AssessmentRow } from './AssessmentRow'
import { assessmentOf, BoreSheet, DecideBore } from './BoreSheet'
import { ReadingField } from './ReadingField'
import type { Desk } from './useDesk'

/** The readings of one cylinder with what they mean: piston, bore, clearance, rings. */
export function CylinderSheet({
    job,
    slab,
    cylinder,
    desk,
    all,
}: {
    job: Job
    slab: string
    cylinder: string
    desk: Desk
    /** Whether what the job does not ask for is shown too. */
    all: boolean
}) {
    const spots = job.measuring.spots.filter((spot) => spot.cylinder === cylinder && spot.slab === slab)
    const of = (group: string) =>
        spots.filter((spot) => spot.group === group && (all || spot.isExpected || spot.reading))
    const clearance = assessmentOf(job, desk, `piston_clearance.${cylinder}`)
    return (
        <div className="mt-2">
            {of('piston').map((spot) => (
                <Row key={spot.id} title={spot.title} hint={spot.hint} sketch={spot.sketch}>
                    <ReadingField spot={spot} desk={desk} />
                </Row>
            ))}
            {of('bore').length > 0 && <BoreSheet job={job} bores={of('bore')} desk={desk} />}
            {of('bore').length > 0 && clearance && <AssessmentRow job={job} assessment={clearance} title="Clearance" />}
            {of('bore').length > 0 && <DecideBore job={job} cylinder={cylinder} />}
            {of('rings').map((spot) => (
                <SpotRow key={spot.id} job={job} spot={spot} desk={desk} />
            ))}
        </div>
    )
}

/** One place: its reading, and its verdict below. */
export function SpotRow({ job, spot, desk, title = spot.label }: { job: Job; spot: Spot; desk: Desk; title?: string }) {
    const judged = assessmentOf(job, desk, spot.id)
    return (
        <div>
            <Row title={title} hint={spot.hint} sketch={spot.sketch}>
                <ReadingField spot={spot} desk={desk} />
            </Row>
            {judged?.verdict && <AssessmentRow job={job} assessment={judged} title="" />}
        </div>
    )
}

export function Row({
    title,
    hint,
    sketch,
    children,
}: {
    title: string
    hint: string
    sketch: string
    children: React.ReactNode
}) {
    return (
        <div className="grid items-center gap-x-4 gap-y-1 border-t border-line py-2 sm:grid-cols-[15rem_1fr]">
            <div className="flex items-center gap-3">
                <HowTaken sketch={sketch} width={64} />
                <div>
                    <p className="leading-tight">{title}</p>
                    <p className="text-sm leading-tight text-quiet">{hint}</p>
                </div>
            </div>
            {children}
        </div>
    )
}
