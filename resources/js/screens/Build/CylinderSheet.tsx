import type { Job, Spot } from '../../app/api'
import { AssessmentRow } from './AssessmentRow'
import { ReadingField } from './ReadingField'
import type { Desk } from './useDesk'

/** The readings of one cylinder with what they mean: piston, bore, clearance, ring gaps. */
export function CylinderSheet({ job, cylinder, desk }: { job: Job; cylinder: string; desk: Desk }) {
    const spots = job.spots.filter((spot) => spot.cylinder === cylinder)
    const pistons = spots.filter((spot) => spot.quantity === 'piston')
    const bores = spots.filter((spot) => spot.quantity === 'bore')
    const clearance = judged(job, desk, `piston_clearance.${cylinder}`)
    return (
        <div className="mt-2">
            {pistons.map((spot) => (
                <Row key={spot.id} title="Piston at gauge point" hint={spot.hint}>
                    <ReadingField spot={spot} desk={desk} />
                </Row>
            ))}
            {bores.length > 0 && <BoreRows bores={bores} desk={desk} />}
            {clearance && <AssessmentRow job={job} assessment={clearance} title="Clearance" />}
            {spots
                .filter((spot) => spot.quantity === 'ring_gap')
                .map((spot) => {
                    const gap = judged(job, desk, spot.id)
                    return (
                        <div key={spot.id}>
                            <Row title={spot.name.replace(/,.*$/, '')} hint={spot.hint}>
                                <ReadingField spot={spot} desk={desk} />
                            </Row>
                            {gap?.verdict && <AssessmentRow job={job} assessment={gap} title="" />}
                        </div>
                    )
                })}
        </div>
    )
}

/** The assessment as it would be with what is being typed, or as it stands. */
function judged(job: Job, desk: Desk, id: string) {
    return (
        desk.preview?.assessments.find((assessment) => assessment.id === id) ??
        job.assessments.find((assessment) => assessment.id === id)
    )
}

function Row({ title, hint, children }: { title: string; hint: string; children: React.ReactNode }) {
    return (
        <div className="grid items-center gap-x-4 gap-y-1 border-t border-line py-2 sm:grid-cols-[12rem_1fr]">
            <div>
                <p className="leading-tight">{title}</p>
                <p className="text-sm leading-tight text-quiet">{hint}</p>
            </div>
            {children}
        </div>
    )
}

/** The bore from the top down, one column an axis. */
function BoreRows({ bores, desk }: { bores: Spot[]; desk: Desk }) {
    const depths = [...new Set(bores.map((spot) => spot.depth))]
    const axes = [...new Set(bores.map((spot) => spot.part))]
    const at = (depth: number | null, axis: string) => bores.find((spot) => spot.depth === depth && spot.part === axis)
    return (
        <div className="border-t border-line py-2">
            <div className="grid grid-cols-[6rem_repeat(2,minmax(0,1fr))] items-end gap-x-4 sm:grid-cols-[12rem_repeat(2,minmax(0,1fr))]">
                <p className="leading-tight">Bore</p>
                {axes.map((axis) => (
                    <p key={axis} className="text-sm text-quiet">
                        {axis} the pin
                    </p>
                ))}
            </div>
            {depths.map((depth) => (
                <div
                    key={depth}
                    className="grid grid-cols-[6rem_repeat(2,minmax(0,1fr))] items-center gap-x-4 py-0.5 sm:grid-cols-[12rem_repeat(2,minmax(0,1fr))]"
                >
                    <p className="text-sm text-quiet">{depth} mm down</p>
                    {axes.map((axis) => {
                        const spot = at(depth, axis)
                        return spot ? <ReadingField key={axis} spot={spot} desk={desk} /> : <span key={axis} />
                    })}
                </div>
            ))}
        </div>
    )
}
