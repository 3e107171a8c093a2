import { type KeyboardEvent, type PointerEvent, useRef } from 'react'

/** One joint of the cut: what lies there, and whether other pieces are tried in it. */
export interface CutJoint {
    id: string
    name: string
    pieces: { name: string; thickness: number }[]
    thickness: number
    tried: boolean
}

/** A stack of thicknesses as it is drawn; millimetres throughout. */
export interface Cut {
    bore: number
    bowl: number | null
    dome: boolean
    below: CutJoint[]
    above: CutJoint[]
    /** How far the crown stands below the face at both sides; null where nobody has read it. */
    deck: { left: number; right: number } | null
    squish: { left: number | null; right: number | null } | null
    /** The two sides by name. */
    sides: [string, string]
    /** What lay there when nothing was tried. */
    was: { below: number; above: number }
}

const WIDTH = 620
const HEIGHT = 378
/** The bore between its walls, and the walls. */
const LEFT = 150
const RIGHT = 470
const WALL = 66
const CROWN = 190
const CASE = 358
/** Pixels a millimetre at most, so that half a millimetre is a thing to see. */
const ZOOM = 96

const sum = (joints: CutJoint[]) => joints.reduce((all, joint) => all + joint.thickness, 0)

/** Pixels a millimetre of thickness: as many as fit what is to be seen. */
export function zoomOf(cut: Cut): number {
    const seen = Math.max(sum(cut.above), cut.squish?.left ?? 0, cut.squish?.right ?? 0, 0.6)
    const deep = Math.max(0, cut.deck?.left ?? 0, cut.deck?.right ?? 0)
    const below = Math.max(sum(cut.below), cut.was.below)
    return Math.min(ZOOM, 104 / (seen + deep), 70 / Math.max(0.3, below))
}

/** Height on the page of the barrel's face, of the head's joint face, and of the barrel's foot. The crown stays where it is. */
export function heightsOf(cut: Cut): { face: number; head: number; foot: number; zoom: number } {
    const zoom = zoomOf(cut)
    const deck = cut.deck ? (cut.deck.left + cut.deck.right) / 2 : 0
    const face = CROWN - deck * zoom
    return { face, head: face - sum(cut.above) * zoom, foot: CASE - sum(cut.below) * zoom, zoom }
}

/** Crown, deck, gaskets and head cut through at top dead centre, thickness enlarged; what lies in a joint can be dragged thicker. */
export function StackCut({ cut, onDrag }: { cut: Cut; onDrag?: (joint: CutJoint, thickness: number) => void }) {
    const { face, head, foot, zoom } = heightsOf(cut)
    const across = (RIGHT - LEFT) / cut.bore
    const crownAt = (side: 'left' | 'right') => face + (cut.deck?.[side] ?? 0) * zoom
    const bandAt = (side: 'left' | 'right') => {
        const room = cut.squish?.[side] ?? cut.squish?.left ?? cut.squish?.right
        return room === undefined || room === null ? head : crownAt(side) - room * zoom
    }
    const bowl = ((cut.bowl ?? cut.bore * 0.6) * across) / 2
    const middle = (LEFT + RIGHT) / 2
    const top = Math.min(head, bandAt('left'), bandAt('right')) - 82
    const dome = cut.dome ? 20 : 0
    const outer = [LEFT - WALL, RIGHT + WALL] as const
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="block w-full fill-none stroke-base-content"
            strokeWidth="2"
            role={onDrag ? 'group' : 'img'}
            aria-label={spoken(cut)}
        >
            <path
                d={`M${outer[0]} ${head}V${top}H${outer[1]}V${head}H${RIGHT}V${bandAt('right')}H${middle + bowl}C${middle + bowl * 0.7} ${bandAt('right') - 50} ${middle + 40} ${top + 34} ${middle} ${top + 34}C${middle - 40} ${top + 34} ${middle - bowl * 0.7} ${bandAt('left') - 50} ${middle - bowl} ${bandAt('left')}H${LEFT}V${head}z`}
                className="fill-base-100"
            />
            <Hatch x={outer[0] + 4} y={top + 4} width={outer[1] - outer[0] - 8} height={22} />
            {[outer[0], RIGHT].map((x) => (
                <g key={x}>
                    <path d={`M${x} ${face}h${WALL}V${foot}h${-WALL}z`} className="fill-base-100" />
                    <Hatch x={x} y={face} width={WALL} height={foot - face} />
                </g>
            ))}
            <path
                d={`M${LEFT + 3} ${foot - 6}V${crownAt('left')}C${LEFT + 70} ${crownAt('left') - dome} ${RIGHT - 70} ${crownAt('right') - dome} ${RIGHT - 3} ${crownAt('right')}V${foot - 6}`}
                className="fill-base-300"
            />
            {[26, 46].map((down) => (
                <path
                    key={down}
                    d={`M${LEFT + 3} ${crownAt('left') + down}L${RIGHT - 3} ${crownAt('right') + down}`}
                    strokeWidth="5"
                />
            ))}
            <path
                d={`M${LEFT + 3} ${foot - 6}H${middle - 26}l8 -9l12 18l12 -18l8 9H${RIGHT - 3}`}
                className="stroke-quiet"
                strokeWidth="1.4"
            />
            <Pieces
                joints={cut.above}
                from={face}
                zoom={zoom}
                spans={[
                    [outer[0], WALL - 6],
                    [RIGHT + 6, WALL - 6],
                ]}
                onDrag={onDrag}
            />
            <Pieces
                joints={cut.below}
                from={CASE}
                zoom={zoom}
                spans={[
                    [outer[0], WALL],
                    [RIGHT, WALL],
                ]}
                onDrag={onDrag}
            />
            <path d={`M${outer[0] - 30} ${CASE}H${LEFT + 30}M${RIGHT - 30} ${CASE}H${outer[1] + 30}`} strokeWidth="3" />
            <path
                d={`M${middle} ${top - 4}V${foot}`}
                className="stroke-quiet"
                strokeWidth="1"
                strokeDasharray="10 4 2 4"
            />
            <Before cut={cut} outer={outer} />
            {cut.squish && (
                <>
                    <Gap
                        x={LEFT + 26}
                        from={bandAt('left')}
                        to={crownAt('left')}
                        room={cut.squish.left}
                        side={cut.sides[0]}
                    />
                    <Gap
                        x={RIGHT - 26}
                        from={bandAt('right')}
                        to={crownAt('right')}
                        room={cut.squish.right}
                        side={cut.sides[1]}
                    />
                </>
            )}
            <g className="fill-base-content stroke-none" fontSize="15">
                <text x={outer[0] - 8} y={face + 5} textAnchor="end" className="fill-quiet">
                    face
                </text>
                <path
                    d={`M${outer[0] - 4} ${face}H${LEFT + 12}`}
                    className="stroke-quiet"
                    strokeWidth="1.2"
                    strokeDasharray="5 4"
                />
                <text x={middle} y={CROWN + 78} textAnchor="middle" fontSize="18" fontWeight="700">
                    {deckWords(cut)}
                </text>
            </g>
        </svg>
    )
}

const deckWords = ({ deck }: Cut): string => {
    if (!deck) {
        return 'deck not read, drawn flush'
    }
    const mean = (deck.left + deck.right) / 2
    return mean < 0 ? `${(-mean).toFixed(2)} proud` : `deck ${mean.toFixed(2)} below`
}

function spoken(cut: Cut): string {
    const squish = cut.squish
        ? `squish ${cut.squish.left?.toFixed(2) ?? '–'} and ${cut.squish.right?.toFixed(2) ?? '–'}`
        : 'no squish read'
    return `Cut at top dead centre: ${deckWords(cut)}, ${squish}, ${sum(cut.below).toFixed(2)} below the barrel, ${sum(cut.above).toFixed(2)} above`
}

/** Strokes across a cut face. */
function Hatch({ x, y, width, height }: { x: number; y: number; width: number; height: number }) {
    const id = `hatch-${Math.round(x)}-${Math.round(width)}`
    return (
        <>
            <clipPath id={id}>
                <rect x={x} y={y} width={width} height={Math.max(0, height)} />
            </clipPath>
            <path
                clipPath={`url(#${id})`}
                d={Array.from(
                    { length: Math.ceil((width + height) / 18) },
                    (_, i) => `M${x + i * 18} ${y}l${-height} ${height}`,
                ).join('')}
                className="stroke-quiet"
                strokeWidth="0.9"
            />
        </>
    )
}

/** What lies in the joints of one side, stacked to scale from a line upwards; a joint can be dragged, or moved by the arrow keys. */
function Pieces({
    joints,
    from,
    zoom,
    spans,
    onDrag,
}: {
    joints: CutJoint[]
    from: number
    zoom: number
    spans: [number, number][]
    onDrag: ((joint: CutJoint, thickness: number) => void) | undefined
}) {
    let at = from
    return joints.map((joint) => {
        const foot = at
        at -= joint.thickness * zoom
        let piece = foot
        return (
            <Grip key={joint.id} joint={joint} zoom={zoom} onDrag={onDrag}>
                {joint.pieces.map((each) => {
                    piece -= each.thickness * zoom
                    return spans.map(([x, width]) => (
                        <rect
                            key={`${x}:${piece.toFixed(3)}`}
                            x={x}
                            y={piece}
                            width={width}
                            height={Math.max(1, each.thickness * zoom)}
                            className={joint.tried ? 'fill-primary/20 stroke-primary' : 'fill-base-300'}
                            strokeWidth={joint.tried ? 3 : 2}
                        />
                    ))
                })}
                <text
                    x={spans[1]?.[0] !== undefined ? spans[1][0] + spans[1][1] + 8 : 0}
                    y={Math.min(HEIGHT - 6, (foot + at) / 2 + 6)}
                    fontSize="18"
                    fontWeight="700"
                    className={`stroke-none ${joint.tried ? 'fill-primary' : 'fill-base-content'}`}
                >
                    {joint.pieces.length > 0 ? joint.thickness.toFixed(2) : ''}
                </text>
            </Grip>
        )
    })
}

function Grip({
    joint,
    zoom,
    onDrag,
    children,
}: {
    joint: CutJoint
    zoom: number
    onDrag: ((joint: CutJoint, thickness: number) => void) | undefined
    children: React.ReactNode
}) {
    const held = useRef<{ y: number; thickness: number; scale: number } | null>(null)
    if (!onDrag) {
        return <g>{children}</g>
    }
    const snap = (thickness: number) => onDrag(joint, Math.max(0, Math.round(thickness * 100) / 100))
    const take = (event: PointerEvent<SVGGElement>) => {
        const drawn = event.currentTarget.ownerSVGElement?.getBoundingClientRect()
        held.current = { y: event.clientY, thickness: joint.thickness, scale: drawn ? WIDTH / drawn.width : 1 }
        event.currentTarget.setPointerCapture(event.pointerId)
    }
    const move = (event: PointerEvent<SVGGElement>) => {
        if (held.current) {
            snap(held.current.thickness - ((event.clientY - held.current.y) * held.current.scale) / zoom)
        }
    }
    const key = (event: KeyboardEvent<SVGGElement>) => {
        const step = { ArrowUp: 0.01, ArrowDown: -0.01, PageUp: 0.1, PageDown: -0.1 }[event.key]
        if (step) {
            event.preventDefault()
            snap(joint.thickness + step)
        }
    }
    return (
        <g
            role="slider"
            tabIndex={0}
            aria-label={`${joint.name}, thickness`}
            aria-valuenow={Number(joint.thickness.toFixed(2))}
            aria-valuemin={0}
            aria-valuemax={5}
            aria-valuetext={`${joint.thickness.toFixed(2)} mm`}
            className="cursor-ns-resize touch-none"
            onPointerDown={take}
            onPointerMove={move}
            onPointerUp={() => {
                held.current = null
            }}
            onKeyDown={key}
        >
            {children}
        </g>
    )
}

/** Where face and head stood before anything was tried. */
function Before({ cut, outer }: { cut: Cut; outer: readonly [number, number] }) {
    const { face, head, zoom } = heightsOf(cut)
    const added = sum(cut.below) - cut.was.below
    const above = sum(cut.above) - cut.was.above
    if (Math.abs(added) < 1e-6 && Math.abs(above) < 1e-6) {
        return null
    }
    const was = face + added * zoom
    const wasHead = head + (added + above) * zoom
    return (
        <g className="stroke-quiet" strokeWidth="1.6" strokeDasharray="3 4">
            <path d={`M${outer[0] - 16} ${was}h16M${outer[1]} ${was}h16`} />
            <path d={`M${outer[0] - 16} ${wasHead}h16M${outer[1]} ${wasHead}h16`} />
        </g>
    )
}

function Gap({ x, from, to, room, side }: { x: number; from: number; to: number; room: number | null; side: string }) {
    const left = x < WIDTH / 2
    return (
        <g className="stroke-primary" strokeWidth="2.4">
            <path d={`M${x} ${from}V${to}M${x - 5} ${from + 8}l5 -8l5 8M${x - 5} ${to - 8}l5 8l5 -8`} />
            <text
                x={left ? x + 12 : x - 12}
                y={(from + to) / 2 + 2}
                fontSize="20"
                fontWeight="700"
                textAnchor={left ? 'start' : 'end'}
                className="fill-primary stroke-none"
            >
                {room === null ? '–' : room.toFixed(2)}
            </text>
            <text
                x={left ? x + 12 : x - 12}
                y={(from + to) / 2 + 18}
                fontSize="13"
                textAnchor={left ? 'start' : 'end'}
                className="fill-quiet stroke-none"
            >
                {side}
            </text>
        </g>
    )
}
