import type { ReactNode } from 'react'
import type { Schemas } from '../app/api'
import { type Bank, CRANK_DOWN, type Row, type StackLayout } from './stackLayout'

type Drawing = Schemas['Drawing']

interface Part {
    drawing: Drawing
    layout: StackLayout
    row: Row
}

/** The top end as a cut-away column in ink line, drawn from the sheet's figures; what is off is dashed. */
export function StackDrawing({
    drawing,
    layout,
    selected,
    weight = 1.7,
}: {
    drawing: Drawing
    layout: StackLayout
    selected: string | null
    weight?: number
}) {
    return (
        <g className="ink" strokeWidth={Math.min(weight, layout.bore / 28)} strokeLinejoin="round">
            <defs>
                <pattern id="hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                    <rect width="7" height="7" fill="var(--metal)" />
                    <path d="M0 0V7" stroke="currentColor" strokeWidth="1" opacity="0.55" />
                </pattern>
            </defs>
            <Rods drawing={drawing} layout={layout} />
            {layout.rows.flatMap((row) =>
                row.slabs.map((slab) => {
                    const off = slab.state === 'off' && slab.id !== selected
                    return (
                        <g
                            key={slab.id}
                            stroke="currentColor"
                            strokeDasharray={off ? `${2.4 * weight} ${1.8 * weight}` : undefined}
                            opacity={off ? 0.72 : 1}
                        >
                            <SlabPart drawing={drawing} layout={layout} row={{ ...row, slab }} />
                        </g>
                    )
                }),
            )}
        </g>
    )
}

const PARTS: Record<string, (part: Part) => ReactNode> = {
    case: Case,
    'base gasket': Gasket,
    barrel: Barrel,
    'head gasket': Gasket,
    head: Head,
    'valve gear': ValveGear,
    'cam holder': ValveGear,
    'rocker box': RockerBox,
    cover: Cover,
    'side cover': Plate,
    'cam chest': Plate,
    'exhaust valve cover': Plate,
}

/** A slab's part; of a V, above the cases, one a bank, each turned to where it leans. */
function SlabPart({ drawing, layout, row }: Part) {
    const draw = PARTS[row.slab.drawnAs] ?? Gasket
    if (layout.banks.length === 0 || row.slab.beside) {
        return draw({ drawing, layout, row })
    }
    if (row.slab.drawnAs === 'case') {
        return VeeCase({ drawing, layout, row })
    }
    const own = layout.banks.filter((_, bank) => row.slab.column == null || row.slab.column === bank)
    return own.map((bank) => (
        <g key={bank.cylinder.id} transform={leant(bank, layout, row)}>
            {draw({ drawing: { ...drawing, cylinders: [bank.cylinder] }, layout, row })}
        </g>
    ))
}

const middleOf = (row: Row) => row.partY + row.partHeight / 2

const leant = (bank: Bank, layout: StackLayout, row: Row) =>
    `translate(${bank.side * layout.lean} 0) rotate(${bank.tilt} ${layout.centres[0]} ${middleOf(row)})`

/** The pins of a V: the pistons lean with their banks, the crank pins stand where the crank is turned to. */
function veePins({ drawing, layout }: { drawing: Drawing; layout: StackLayout }) {
    const barrel = layout.rows.find((row) => row.slab.drawnAs === 'barrel')
    return layout.banks.flatMap((bank) => {
        const one = { ...drawing, cylinders: [bank.cylinder] }
        const turned = { ...bank.cylinder, crank: bank.cylinder.crank + bank.tilt }
        const [upright] = straightPins({ drawing: one, layout })
        const [thrown] = straightPins({ drawing: { ...drawing, cylinders: [turned] }, layout })
        if (!barrel || !upright || !thrown) {
            return []
        }
        const tilt = (bank.tilt * Math.PI) / 180
        const down = upright.pinY - middleOf(barrel)
        const x = upright.x + bank.side * layout.lean - down * Math.sin(tilt)
        return [{ ...thrown, pinX: x, pinY: middleOf(barrel) + down * Math.cos(tilt) }]
    })
}

function pins(part: { drawing: Drawing; layout: StackLayout }) {
    return part.layout.banks.length > 0 && part.drawing.cylinders.length > 1 ? veePins(part) : straightPins(part)
}

/** Where each piston pin and crank pin stand. */
function straightPins({ drawing, layout }: { drawing: Drawing; layout: StackLayout }) {
    const barrel = layout.rows.find((row) => row.slab.drawnAs === 'barrel')
    const cases = layout.rows.find((row) => row.slab.drawnAs === 'case')
    return drawing.cylinders.map((cylinder, index) => {
        const x = layout.centres[index] ?? 0
        const angle = (cylinder.crank * Math.PI) / 180
        const throwLength = (drawing.stroke / 2) * layout.scale * 0.8
        const crankY = cases ? cases.y + cases.partHeight * CRANK_DOWN : 0
        const crownY = (barrel?.partY ?? 0) + cylinder.belowTop * layout.scale
        return {
            x,
            pinX: x,
            crownY,
            pinY: crownY + drawing.pistonHeight * layout.scale * 0.56,
            crankY,
            throwX: x + Math.sin(angle) * throwLength,
            throwY: crankY - Math.cos(angle) * throwLength,
        }
    })
}

function Rods({ drawing, layout }: { drawing: Drawing; layout: StackLayout }) {
    const half = layout.bore * 0.06
    // where words stand between barrel and crank, a rod is drawn broken off
    const reach = layout.rows.some((row) => row.slabs.length > 1) ? 0.18 : 1
    return (
        <g stroke="currentColor" fill="var(--metal)">
            {pins({ drawing, layout }).map((at) => {
                const x = at.pinX + (at.throwX - at.pinX) * reach
                const y = at.pinY + (at.throwY - at.pinY) * reach
                const foot = half * (1 + reach / 2)
                return (
                    <path
                        key={at.pinX}
                        d={`M${at.pinX - half} ${at.pinY}L${x - foot} ${y}H${x + foot}L${at.pinX + half} ${at.pinY}Z`}
                    />
                )
            })}
        </g>
    )
}

function Case({ drawing, layout, row }: Part) {
    const { left, right, bore, centres, wall } = layout
    const top = row.y + 2
    const height = row.partHeight - 4
    const depth = Math.min(height * 0.45, (right - left) / 2)
    const out = wall * 0.9
    const chamber = Math.min(bore * 0.56, height * 0.4)
    const mouths = centres
        .map((x) => `M${x - bore / 2} ${top}V${top + height * 0.3}M${x + bore / 2} ${top}V${top + height * 0.3}`)
        .join('')
    const edges = [left - out, ...centres.flatMap((x) => [x - bore / 2, x + bore / 2]), right + out]
    const flats = edges.reduce((path, x, index) => path + (index % 2 === 0 ? `M${x} ${top}` : `H${x}`), '')
    return (
        <>
            <path
                d={`M${left - out} ${top}V${top + height - depth}Q${left - out} ${top + height} ${left - out + depth} ${top + height}H${right + out - depth}Q${right + out} ${top + height} ${right + out} ${top + height - depth}V${top}`}
                fill="var(--metal)"
                fillOpacity="0.55"
            />
            <path d={flats + mouths} fill="none" />
            {pins({ drawing, layout }).map((at) => (
                <CrankThrow key={at.pinX} at={at} chamber={chamber} bore={bore} />
            ))}
        </>
    )
}

type Pins = ReturnType<typeof straightPins>[number]

function CrankThrow({ at, chamber, bore }: { at: Pins; chamber: number; bore: number }) {
    return (
        <g>
            <circle cx={at.x} cy={at.crankY} r={chamber} fill="var(--metal-shade)" fillOpacity="0.8" />
            <path
                d={`M${at.x} ${at.crankY}L${at.throwX} ${at.throwY}`}
                strokeWidth={bore * 0.13}
                opacity="0.35"
                strokeLinecap="round"
            />
            <circle cx={at.x} cy={at.crankY} r={bore * 0.075} fill="var(--metal)" />
            <circle cx={at.throwX} cy={at.throwY} r={bore * 0.105} fill="var(--metal)" />
        </g>
    )
}

/** The cases of a V: one round chamber, a mouth for each bank. */
function VeeCase({ drawing, layout, row }: Part) {
    const { bore, wall } = layout
    const x = layout.centres[0] ?? 0
    const crankY = row.y + row.partHeight * CRANK_DOWN
    const round = Math.min(row.partHeight * (1 - CRANK_DOWN) - 2, bore * 0.8)
    const half = bore / 2 + wall
    const top = row.y + 4
    return (
        <>
            {layout.banks.map((bank) => (
                <g key={bank.cylinder.id} transform={`rotate(${bank.tilt} ${x} ${crankY})`}>
                    <path
                        d={`M${x - half} ${crankY}V${top}H${x - bore / 2}V${top + bore * 0.3}M${x + half} ${crankY}V${top}H${x + bore / 2}V${top + bore * 0.3}`}
                        fill="none"
                    />
                </g>
            ))}
            <circle cx={x} cy={crankY} r={round} fill="var(--metal)" />
            {pins({ drawing, layout }).map((at) => (
                <CrankThrow key={at.pinX} at={at} chamber={round * 0.82} bore={bore} />
            ))}
        </>
    )
}

function Gasket({ layout, row }: Part) {
    const y = row.partY + row.partHeight / 2
    const edges = [
        layout.left,
        ...layout.centres.flatMap((x) => [x - layout.bore / 2, x + layout.bore / 2]),
        layout.right,
    ]
    const path = edges.reduce((line, x, index) => line + (index % 2 === 0 ? `M${x} ${y}` : `H${x}`), '')
    return <path d={path} fill="none" strokeWidth={row.slab.drawnAs === 'base gasket' ? 5 : 4} />
}

/** The walls between and beside the bores. */
function walls(layout: StackLayout): [number, number][] {
    const { centres, bore, left, right } = layout
    const inner = centres.slice(1).map((x, index): [number, number] => [(centres[index] ?? 0) + bore / 2, x - bore / 2])
    const first = centres[0] ?? 0
    const last = centres[centres.length - 1] ?? 0
    return [[left, first - bore / 2], ...inner, [last + bore / 2, right]]
}

function Barrel({ drawing, layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const { bore } = layout
    return (
        <>
            {drawing.cooling === 'air' && <Fins layout={layout} y={y} height={height * 0.72} count={6} />}
            {walls(layout).map(([from, to], index, all) => {
                const outer = index === 0 || index === all.length - 1
                const portY = y + height * (index === 0 ? 0.52 : 0.62)
                const port = drawing.cycle === 'two-stroke' && outer ? Math.min(height * 0.17, 22) : 0
                return (
                    <g key={from}>
                        <rect x={from} y={y} width={to - from} height={height} fill="url(#hatch)" />
                        {drawing.cooling === 'liquid' && to - from > 7 && (
                            <rect
                                x={from + (to - from) * 0.3}
                                y={y + height * 0.08}
                                width={(to - from) * 0.4}
                                height={height * 0.32}
                                fill="var(--wet)"
                                strokeWidth={1}
                            />
                        )}
                        {port > 0 && (
                            <rect
                                x={from - 1}
                                y={portY}
                                width={to - from + 2}
                                height={port}
                                fill="var(--metal-shade)"
                            />
                        )}
                    </g>
                )
            })}
            {pins({ drawing, layout }).map((at) => (
                <PistonDrawing
                    key={at.x}
                    drawing={drawing}
                    layout={layout}
                    x={at.x}
                    crownY={at.crownY}
                    pinY={at.pinY}
                    bore={bore}
                />
            ))}
        </>
    )
}

function Fins({ layout, y, height, count }: { layout: StackLayout; y: number; height: number; count: number }) {
    const out = layout.wall * 1.1
    const path = Array.from({ length: count }, (_, index) => {
        const at = y + 3 + (index * (height - 3)) / count
        return `M${layout.left} ${at}h${-out}v3h${out}M${layout.right} ${at}h${out}v3h${-out}`
    }).join('')
    return <path d={path} fill="var(--metal)" strokeWidth={1.2} />
}

function PistonDrawing({
    drawing,
    layout,
    x,
    crownY,
    pinY,
    bore,
}: {
    drawing: Drawing
    layout: StackLayout
    x: number
    crownY: number
    pinY: number
    bore: number
}) {
    const half = bore / 2 - 1.6
    const height = drawing.pistonHeight * layout.scale
    const rise = bore * 0.05
    const grooves = groovesOf(drawing)
    const first = crownY + height * 0.1
    const step = Math.min(height * 0.1, 8)
    return (
        <>
            <path
                d={`M${x - half} ${crownY + height}V${crownY + rise}Q${x} ${crownY - rise} ${x + half} ${crownY + rise}V${crownY + height}Z`}
                fill="var(--metal)"
            />
            {grooves.map((weight, groove) => (
                <path
                    // biome-ignore lint/suspicious/noArrayIndexKey: grooves are told apart by their order alone
                    key={groove}
                    d={`M${x - half - 1} ${first + groove * step}h${2 * half + 2}`}
                    strokeWidth={weight}
                />
            ))}
            <circle cx={x} cy={pinY} r={bore * 0.1} fill="var(--metal)" />
        </>
    )
}

/** One stroke a groove: the oil ring's rails and expander share one. */
function groovesOf(drawing: Drawing): number[] {
    const compression = drawing.rings.filter((ring) => ring.kind === 'compression').map(() => 2.4)
    const oil = drawing.rings.some((ring) => ring.kind !== 'compression') ? [4] : []
    return [...compression, ...oil]
}

function Head({ drawing, layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const { left, right, bore, centres } = layout
    const bottom = y + height
    const dome = (x: number) =>
        `L${x - bore * 0.46} ${bottom}Q${x} ${bottom - height * 0.62} ${x + bore * 0.46} ${bottom}`
    return (
        <>
            {drawing.cooling === 'air' && <Fins layout={layout} y={y + height * 0.2} height={height * 0.6} count={3} />}
            <path
                d={`M${left} ${bottom}${centres.map(dome).join('')}L${right} ${bottom}V${y + height * 0.28}H${right - bore * 0.12}V${y}H${left + bore * 0.12}V${y + height * 0.28}H${left}Z`}
                fill="url(#hatch)"
            />
            {centres.map((x) =>
                drawing.cycle === 'two-stroke' ? (
                    <path
                        key={x}
                        d={`M${x - bore * 0.07} ${y - 4}h${bore * 0.14}v${height * 0.6}h${-bore * 0.14}Z`}
                        fill="var(--metal)"
                    />
                ) : (
                    <Valves key={x} x={x} bore={bore} bottom={bottom} height={height} y={y} />
                ),
            )}
        </>
    )
}

function Valves({
    x,
    bore,
    bottom,
    height,
    y,
}: {
    x: number
    bore: number
    bottom: number
    height: number
    y: number
}) {
    const valve = (side: number) => {
        const face = x + side * bore * 0.2
        const stem = x + side * bore * 0.36
        const seat = bottom - height * 0.22
        return `M${face - bore * 0.14} ${seat + side * 1.5}L${face + bore * 0.14} ${seat - side * 1.5}M${face} ${seat}L${stem} ${y - 5}`
    }
    return <path d={valve(-1) + valve(1)} fill="none" strokeWidth={2.6} />
}

function ValveGear({ drawing, layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const { bore, centres } = layout
    const cams = drawing.valveGear === 'twin cam' ? [-0.34, 0.34] : [0]
    const radius = Math.min(height * 0.24, bore * 0.13)
    return (
        <>
            <rect
                x={layout.left}
                y={y + height * 0.62}
                width={layout.right - layout.left}
                height={height * 0.38}
                fill="var(--metal)"
            />
            {centres.map((x) =>
                cams.map((cam) => {
                    const cx = x + cam * bore
                    const cy = y + height * 0.42
                    return (
                        <g key={`${x}/${cam}`}>
                            <path
                                d={`M${cx - radius} ${cy}A${radius} ${radius} 0 1 0 ${cx + radius} ${cy}Q${cx + radius * 0.7} ${cy - radius * 2} ${cx} ${cy - radius * 2}Q${cx - radius * 0.7} ${cy - radius * 2} ${cx - radius} ${cy}Z`}
                                fill="var(--metal-shade)"
                            />
                            <circle cx={cx} cy={cy} r={radius * 0.4} fill="var(--metal)" />
                        </g>
                    )
                }),
            )}
            {drawing.valveGear === 'single cam' &&
                centres.map((x) => (
                    <path
                        key={x}
                        d={`M${x - bore * 0.42} ${y + height * 0.55}L${x - bore * 0.1} ${y + height * 0.16}M${x + bore * 0.42} ${y + height * 0.55}L${x + bore * 0.1} ${y + height * 0.16}`}
                        strokeWidth={3}
                        fill="none"
                    />
                ))}
        </>
    )
}

/** A box over the head with its two rockers, seen from the side. */
function RockerBox({ layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const { bore, left, right, centres } = layout
    return (
        <>
            <path d={`M${left} ${y + height}V${y + height * 0.3}H${right}V${y + height}Z`} fill="var(--metal)" />
            {centres.map((x) => (
                <g key={x}>
                    <path
                        d={`M${x - bore * 0.44} ${y + height * 0.78}L${x + bore * 0.2} ${y + height * 0.4}M${x + bore * 0.44} ${y + height * 0.78}L${x - bore * 0.2} ${y + height * 0.4}`}
                        strokeWidth={3}
                        fill="none"
                    />
                    <circle cx={x} cy={y + height * 0.54} r={bore * 0.05} fill="var(--metal)" />
                </g>
            ))}
        </>
    )
}

/** A cover beside the column, seen from its own side: its rim and its screws. */
function Plate({ layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const middle = layout.width / 2
    const half = Math.min(layout.bore * 0.7, layout.width * 0.38)
    const screws = [-0.82, 0, 0.82].flatMap((at) => [
        [middle + at * half, y + 4],
        [middle + at * half, y + height - 4],
    ])
    return (
        <>
            <rect x={middle - half} y={y} width={2 * half} height={height} rx={height * 0.36} fill="var(--metal)" />
            {screws.map(([x, top]) => (
                <circle key={`${x}/${top}`} cx={x} cy={top} r={1.6} fill="currentColor" stroke="none" />
            ))}
            <circle cx={middle} cy={y + height / 2} r={height * 0.2} fill="var(--metal-shade)" />
        </>
    )
}

function Cover({ layout, row }: Part) {
    const { partY: y, partHeight: height } = row
    const { left, right, bore } = layout
    return (
        <path
            d={`M${left} ${y + height}V${y + height * 0.7}H${left + bore * 0.1}Q${left + bore * 0.1} ${y} ${left + bore * 0.34} ${y}H${right - bore * 0.34}Q${right - bore * 0.1} ${y} ${right - bore * 0.1} ${y + height * 0.7}H${right}V${y + height}Z`}
            fill="var(--metal)"
        />
    )
}
