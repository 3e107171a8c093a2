import { memo } from 'react'
import type { Schemas } from '../app/api'
import { column, liftAt, type TimingLayout, type TimingPart } from './timingLayout'

type Timing = Schemas['Timing']
type Cylinder = Schemas['TimingCylinder']

/** One column: barrel cut, piston, rod, head with its valves and what stands in the plug hole. */
export function Column({
    timing,
    layout,
    cylinder,
    crank,
    ink,
    dialTo,
    isBeside = false,
}: {
    timing: Timing
    layout: TimingLayout
    cylinder: Cylinder
    crank: number
    ink: number
    dialTo: boolean
    isBeside?: boolean
}) {
    const place = column(layout, cylinder.lean, crank + cylinder.phase)
    const crown = -(place.up + layout.pinToCrown)
    const { bore } = layout
    const [x, y] = place.pistonPin
    return (
        <g opacity={isBeside ? 0.55 : 1}>
            <g transform={`rotate(${place.tilt})`}>
                <Barrel layout={layout} ink={ink} isSideValve={timing.gear === 'side'} />
                {timing.lifts.length > 0 && cylinder.fires !== null && (
                    <Valves timing={timing} layout={layout} own={crank - cylinder.fires} ink={ink} />
                )}
                <path
                    d={`M${-bore * 0.62} ${-layout.deck}H${bore * 0.62}`}
                    className="stroke-primary"
                    opacity="0.9"
                    strokeDasharray={`${ink * 5} ${ink * 4}`}
                    strokeWidth={ink}
                />
                <g transform={`translate(0 ${crown})`}>
                    <Piston layout={layout} ink={ink} />
                </g>
                {dialTo && (
                    <g transform={`translate(0 ${crown}) rotate(${timing.incline})`}>
                        <path
                            d={`M0 0V${-(layout.head + bore * 0.55) - (layout.deck + crown)}`}
                            strokeWidth={ink * 4.5}
                            className="stroke-base-content"
                        />
                        <path
                            d={`M0 0V${-(layout.head + bore * 0.55) - (layout.deck + crown)}`}
                            strokeWidth={ink * 2}
                            stroke="var(--metal)"
                        />
                    </g>
                )}
            </g>
            <path
                d={`M${x} ${y}L${place.crankPin[0]} ${place.crankPin[1]}`}
                strokeWidth={bore * 0.13}
                stroke="var(--metal-shade)"
                strokeLinecap="round"
            />
            <path
                d={`M${x} ${y}L${place.crankPin[0]} ${place.crankPin[1]}`}
                strokeWidth={ink}
                strokeDasharray={`${ink * 6} ${ink * 3} ${ink} ${ink * 3}`}
            />
            <circle cx={x} cy={y} r={bore * 0.1} fill="var(--metal)" />
        </g>
    )
}

const Barrel = memo(function Barrel({
    layout,
    ink,
    isSideValve,
}: {
    layout: TimingLayout
    ink: number
    isSideValve: boolean
}) {
    const { bore, deck, head } = layout
    const wall = bore * 0.09
    const low = deck - layout.barrel
    const plug = bore * 0.07
    return (
        <g>
            {[-1, 1].map((side) => (
                <rect
                    key={side}
                    x={side === -1 ? -bore / 2 - wall : bore / 2}
                    y={-deck}
                    width={wall}
                    height={deck - low}
                    fill="var(--metal-shade)"
                />
            ))}
            <path
                d={`M${-bore * 0.62} ${-deck}V${-deck - head}H${bore * (isSideValve ? 1.1 : 0.62)}V${-deck}H${bore / 2}Q0 ${-deck - bore * 0.34} ${-bore / 2} ${-deck}z`}
                fill="var(--metal-shade)"
            />
            <rect
                x={-plug}
                y={-deck - head * 1.02}
                width={plug * 2}
                height={head * 0.62}
                fill="var(--metal)"
                strokeWidth={ink}
            />
        </g>
    )
})

const Piston = memo(function Piston({ layout, ink }: { layout: TimingLayout; ink: number }) {
    const half = layout.bore / 2 - ink * 0.8
    return (
        <g>
            <path
                d={`M${-half} ${layout.bore * 0.03}Q0 ${-layout.bore * 0.03} ${half} ${layout.bore * 0.03}V${layout.pistonHeight}H${-half}z`}
                fill="var(--metal)"
            />
            {[0.14, 0.21].map((ring) => (
                <path
                    key={ring}
                    d={`M${-layout.bore / 2} ${layout.bore * ring}h${layout.bore}`}
                    strokeWidth={ink * 3}
                />
            ))}
        </g>
    )
})

/** The valves of one cylinder, each as far open as the core says, inlet on the right. */
function Valves({ timing, layout, own, ink }: { timing: Timing; layout: TimingLayout; own: number; ink: number }) {
    const { bore, deck, head } = layout
    const isSide = timing.gear === 'side'
    return (
        <g>
            {timing.lifts.map((each) => {
                const lift = liftAt(each.lifts, own)
                const at = isSide
                    ? bore * (each.side === 'inlet' ? 0.78 : 0.98)
                    : bore * 0.26 * (each.side === 'inlet' ? 1 : -1)
                const seat = isSide ? -deck : -deck - bore * 0.1
                const open = lift > 0.05
                return (
                    <g key={each.side} transform={`translate(${at} ${seat + (isSide ? -lift : lift)})`}>
                        <path
                            d={isSide ? `M0 0V${bore * 0.7}` : `M0 0V${-head - bore * 0.12}`}
                            strokeWidth={ink * 3}
                            className={open ? 'stroke-primary' : 'stroke-base-content'}
                        />
                        <path
                            d={`M${-bore * (isSide ? 0.09 : 0.17)} 0h${bore * (isSide ? 0.18 : 0.34)}`}
                            strokeWidth={ink * 4}
                            className={open ? 'stroke-primary' : 'stroke-base-content'}
                        />
                    </g>
                )
            })}
        </g>
    )
}

/** Crank web and pins; those of the cylinders that are not drawn stand as rings. */
export function Throws({ timing, layout, crank, chosen, ink }: TimingPart) {
    const here = column(layout, chosen.lean, crank + chosen.phase).crankPin
    return (
        <g>
            <path
                d={`M0 0L${here[0]} ${here[1]}`}
                strokeWidth={layout.throw * 0.5}
                stroke="var(--metal-shade)"
                strokeLinecap="round"
            />
            {timing.cylinders
                .filter((each) => each.id !== chosen.id && each.lean === chosen.lean)
                .map((each) => {
                    const [x, y] = column(layout, each.lean, crank + each.phase).crankPin
                    return (
                        <circle
                            key={each.id}
                            cx={x}
                            cy={y}
                            r={layout.throw * 0.24}
                            fill="none"
                            strokeDasharray={`${ink * 3} ${ink * 2}`}
                        />
                    )
                })}
            <circle r={layout.throw * 0.26} fill="var(--metal)" />
            <circle cx={here[0]} cy={here[1]} r={layout.throw * 0.26} fill="var(--metal)" />
        </g>
    )
}
