import type { Job } from '../../app/api'
import type { Timing } from '../../app/useTiming'
import { IgnitionTrail } from '../../drawings/IgnitionTrail'
import { PlateDrawing } from '../../drawings/PlateDrawing'
import { Choice } from '../../parts/Choice'
import { IgnitionActs } from './IgnitionActs'
import { Marks } from './Marks'
import { PointForm } from './PointForm'
import type { Cylinder, Turned } from './Works'
import { placeAt, type Ways } from './ways'

/** An ignition point read, set and read again: the trail closing in, what is done next, and by how much. */
export function Ignition({
    job,
    timing,
    cylinder,
    onCylinder,
    turned,
    ways,
    rod,
    incline,
}: {
    job: Job
    timing: Timing
    cylinder: Cylinder
    onCylinder: (cylinder: string) => void
    turned: Turned
    ways: Ways | null
    /** What was typed for a rod that the sheet does not state. */
    rod: string | null
    incline: string
}) {
    const loop = timing.ignitions.find((each) => each.cylinder === cylinder.id) ?? timing.ignitions[0]
    if (!loop) {
        return null
    }
    const here = placeAt(ways, turned.crank + cylinder.phase)
    const line = ways?.at.map((each) => ({ degrees: each.degrees.value, below: each.below_tdc.value })) ?? []
    const marks = timing.marks.filter(
        (mark) => mark.for === 'ignition' && (mark.cylinder ?? loop.cylinder) === loop.cylinder,
    )
    return (
        <section aria-label="Ignition">
            {timing.ignitions.length > 1 && (
                <div className="mb-2">
                    <Choice
                        label="Whose point"
                        options={timing.ignitions.map((each) => [each.cylinder ?? '', each.name])}
                        chosen={loop.cylinder ?? ''}
                        onChoose={onCylinder}
                    />
                </div>
            )}
            <div className="flex flex-wrap items-baseline justify-between gap-x-3">
                <h2 className="text-lg font-bold">
                    {loop.rounds.length === 0 ? 'Not read yet' : `${loop.rounds.length} read, closing in`}
                </h2>
                <p className="text-sm text-quiet">{asked(loop)}</p>
            </div>
            {line.length > 0 && (
                <IgnitionTrail
                    loop={loop}
                    line={line}
                    now={here?.isBefore && loop.rounds.length > 0 ? here.turn : null}
                />
            )}
            <div className="border-2 border-primary p-3" aria-live="polite">
                <p className="text-2xl leading-tight font-bold">{loop.headline}</p>
                <p className="mt-1 leading-snug">{loop.advice}</p>
                {loop.task === 'move' && loop.plate?.rim != null && (
                    <p className="mt-1 text-3xl leading-none font-bold text-primary">
                        {loop.plate.rim.toFixed(2)} mm <span className="text-base">{loop.plate.way} along its rim</span>
                    </p>
                )}
                <IgnitionActs job={job} loop={loop} />
            </div>
            {['read', 'look', 'done'].includes(loop.task) && (
                <PointForm
                    job={job}
                    loop={loop}
                    here={here}
                    rod={rod}
                    incline={incline}
                    mayTurnBack={timing.mayTurnBack}
                    needsPoint={!timing.statesPoint}
                />
            )}
            <div className="mt-3 grid grid-cols-[8.5rem_minmax(0,1fr)] gap-3">
                {loop.rotation && (
                    <div>
                        <PlateDrawing
                            rotation={loop.rotation}
                            way={loop.task === 'move' || loop.task === 'rotor off' ? (loop.plate?.way ?? null) : null}
                            marks={marks.filter((mark) => mark.on !== 'rotor')}
                        />
                        <p className="text-center text-sm leading-tight text-quiet">
                            shaft turns {loop.rotation}
                            {loop.seenFrom && `, seen from ${loop.seenFrom}`}
                        </p>
                    </div>
                )}
                <Marks job={job} marks={marks} />
            </div>
            {timing.thickness && <p className="mt-2 text-sm leading-snug text-quiet">{timing.thickness}</p>}
        </section>
    )
}

/** What is asked, in both kinds, and by whom. */
function asked({ point, aim }: Timing['ignitions'][number]): string {
    if (point === null) {
        return 'The sheet states no point'
    }
    const [figure = '', ...source] = point.split(', ')
    const other =
        aim === null ? '' : figure.includes('mm') ? ` = ${aim.degrees.toFixed(1)}°` : ` = ${aim.below.toFixed(2)} mm`
    return ['asked', [figure + other, ...source].join(', ')].join(' ')
}
