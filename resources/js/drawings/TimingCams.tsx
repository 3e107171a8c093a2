import { memo, useMemo } from 'react'
import { chainPath, liftAt, lobe, metAt, polar, type TimingLayout, type TimingPart } from './timingLayout'

/** Round the crank’s wheel and the cams’, clockwise as it is drawn: the exhaust’s lies on the left. */
function roundItsWheels(layout: TimingLayout): string {
    const exhaust = layout.cams.find((cam) => cam.side === 'exhaust')
    const rest = layout.cams.filter((cam) => cam !== exhaust)
    return chainPath([{ x: 0, y: 0, radius: layout.crankWheel }, ...(exhaust ? [exhaust] : []), ...rest])
}

export function Chain({ layout, crank, ink }: { layout: TimingLayout; crank: number; ink: number }) {
    const path = useMemo(() => roundItsWheels(layout), [layout])
    const link = layout.crankWheel * 0.3
    return (
        <g fill="none">
            <path d={path} strokeWidth={ink * 5} className="stroke-line" />
            <path
                d={path}
                strokeWidth={ink * 2.6}
                strokeDasharray={`${link * 0.6} ${link * 0.4}`}
                strokeDashoffset={(-layout.sense * crank * Math.PI * layout.crankWheel) / 180}
            />
            <circle r={layout.crankWheel} strokeWidth={ink * 1.2} fill="var(--metal-shade)" />
        </g>
    )
}

/** Cam wheels with their marks and the lobes of the chosen cylinder, at half the crank’s speed. */
export function Cams({ timing, layout, crank, chosen, ink }: TimingPart) {
    const own = chosen.fires === null ? 0 : crank - chosen.fires
    // a gear turns against the one that drives it
    const sense = layout.isGeared ? -layout.sense : layout.sense
    return (
        <g>
            {layout.isGeared && layout.cams.length > 0 && (
                <circle r={layout.crankWheel} fill="none" strokeDasharray={`${ink * 3} ${ink * 2}`} />
            )}
            {layout.cams.map((cam) => (
                <g key={cam.side} transform={`translate(${cam.x} ${cam.y})`}>
                    <circle r={cam.radius} fill="var(--metal)" fillOpacity={layout.isGeared ? 0.35 : 0.8} />
                    {!layout.isGeared && (
                        <path
                            d={`M${-cam.radius * 1.16} 0H${cam.radius * 1.16}`}
                            strokeWidth={ink}
                            className="stroke-quiet"
                        />
                    )}
                    <g transform={`rotate(${(sense * crank) / 2})`}>
                        <Teeth radius={cam.radius} teeth={timing.wheel?.teeth ?? 36} ink={ink} />
                        {timing.marks
                            .filter((mark) => mark.on === 'cam wheel' && (mark.side ?? cam.side) === cam.side)
                            .map((mark) => (
                                <path
                                    key={mark.id}
                                    d={`M0 ${-cam.radius * 0.96}V${-cam.radius * 0.68}`}
                                    strokeWidth={ink * 3.4}
                                    className="stroke-primary"
                                    transform={`rotate(${mark.clock - (sense * metAt(mark, timing)) / 2})`}
                                />
                            ))}
                    </g>
                    {timing.lifts
                        .filter((each) => cam.side === 'both' || cam.side === each.side)
                        .map((each) => (
                            <g key={each.side} transform={`rotate(${(sense * own) / 2})`}>
                                <Lobe
                                    lifts={each.lifts}
                                    base={layout.bore * 0.15}
                                    sense={sense}
                                    ink={ink}
                                    pushes={liftAt(each.lifts, own) > 0.05}
                                />
                            </g>
                        ))}
                    <circle r={layout.bore * 0.035} className="fill-base-content" />
                </g>
            ))}
        </g>
    )
}

const Lobe = memo(function Lobe({
    lifts,
    base,
    sense,
    ink,
    pushes,
}: {
    lifts: number[]
    base: number
    sense: number
    ink: number
    pushes: boolean
}) {
    const outline = useMemo(() => lobe(lifts, base, sense, 90), [lifts, base, sense])
    return (
        <path
            d={outline}
            fill="var(--metal)"
            strokeWidth={ink * 1.4}
            className={pushes ? 'stroke-primary' : 'stroke-base-content'}
        />
    )
})

const Teeth = memo(function Teeth({ radius, teeth, ink }: { radius: number; teeth: number; ink: number }) {
    const lines = Array.from({ length: teeth }, (_, index) => {
        const [x1, y1] = polar((index * 360) / teeth, radius)
        const [x2, y2] = polar((index * 360) / teeth, radius - ink * 4)
        return `M${x1.toFixed(2)} ${y1.toFixed(2)}L${x2.toFixed(2)} ${y2.toFixed(2)}`
    })
    return <path d={lines.join('')} strokeWidth={ink * 1.1} />
})
