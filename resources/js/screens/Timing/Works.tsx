import { type ReactNode, useMemo } from 'react'
import type { Job, Schemas } from '../../app/api'
import type { Timing } from '../../app/useTiming'
import { TimingDrawing } from '../../drawings/TimingDrawing'
import { metAt, timingLayout } from '../../drawings/timingLayout'
import { Choice } from '../../parts/Choice'
import { useCrank } from './useCrank'
import type { Ways } from './ways'

export type Cylinder = Schemas['TimingCylinder']

/** How the crank stands and how it is turned, as the panels beside the drawing use it. */
export type Turned = ReturnType<typeof useCrank>

/** The engine under one’s hand, and beside it what a page makes of where the crank stands. */
export function Works({
    job,
    timing,
    cylinder,
    onChoose,
    ways,
    children,
}: {
    job: Job
    timing: Timing
    cylinder: Cylinder
    onChoose: (cylinder: string) => void
    ways: Ways | null
    children: (turned: Turned) => ReactNode
}) {
    const turned = useCrank(timing)
    const layout = useMemo(() => timingLayout(timing, job.engine.drawing), [timing, job.engine.drawing])
    const [left, top, width, height] = layout.box
    const top0 = cylinder.fires ?? (360 - (cylinder.phase % 360)) % 360
    const marks = timing.marks.filter(
        (mark) => mark.on !== 'cam wheel' && (mark.cylinder ?? cylinder.id) === cylinder.id,
    )
    return (
        <div className="grid items-start gap-x-7 gap-y-4 md:grid-cols-[minmax(0,1fr)_15rem] lg:grid-cols-[minmax(0,1fr)_14rem_25rem]">
            <div className="lg:sticky lg:top-3">
                <div
                    {...turned.handles([-left / width, -top / height])}
                    className="mx-auto w-full cursor-grab touch-none select-none"
                    style={{ aspectRatio: `${width} / ${height}`, maxWidth: `calc(66vh * ${width / height})` }}
                >
                    <TimingDrawing
                        timing={timing}
                        layout={layout}
                        crank={turned.crank}
                        chosen={cylinder}
                        others={timing.cylinders.filter((each) => each.lean !== cylinder.lean)}
                        dialTo={ways !== null}
                    />
                </div>
                <div className="no-print mt-2 flex flex-wrap items-center gap-1.5">
                    {timing.cylinders.length > 1 && (
                        <Choice
                            label="Cylinder"
                            options={timing.cylinders.map((each) => [
                                each.id,
                                each.name.replace(/ ?cylinder ?/, '') || each.name,
                            ])}
                            chosen={cylinder.id}
                            onChoose={onChoose}
                        />
                    )}
                    {([-1, 1] as const).map((by) => (
                        <button
                            key={by}
                            type="button"
                            className="btn h-12 px-4"
                            disabled={by < 0 && !timing.mayTurnBack}
                            onClick={() => turned.turn(by)}
                        >
                            {by < 0 ? '−1°' : '+1°'}
                        </button>
                    ))}
                    <button type="button" className="btn h-12 px-4" onClick={() => turned.to(top0)}>
                        To its top
                    </button>
                    {marks.map((mark) => (
                        <button
                            key={mark.id}
                            type="button"
                            className="btn h-12 px-4"
                            onClick={() => turned.to(metAt(mark, timing) + (top0 >= 360 ? 360 : 0))}
                        >
                            {mark.name}
                        </button>
                    ))}
                </div>
                <p className="mt-1 text-sm leading-snug text-quiet" aria-live="polite">
                    {turned.refused
                        ? `Not turned back: ${timing.turningBack?.replace(/^harmful: /, '')}.`
                        : `Turned by a finger, the wheel or the arrow keys${timing.turnedBy ? `; on the machine by ${timing.turnedBy}` : ''}. Come up to a figure the way it runs, so that play does not count.`}
                </p>
                <Mirrored timing={timing} cylinder={cylinder.id} />
            </div>
            {children(turned)}
        </div>
    )
}

/** What is said of the marks that are seen from the other side than the crank is drawn from. */
function Mirrored({ timing, cylinder }: { timing: Timing; cylinder: string }) {
    const [mark] = timing.marks.filter((each) => each.mirrored && (each.cylinder ?? cylinder) === cylinder)
    return mark ? (
        <p className="text-sm leading-snug font-bold">
            Its marks are seen from {mark.seenFrom}: here they are drawn mirrored, and go round the other way there.
        </p>
    ) : null
}
