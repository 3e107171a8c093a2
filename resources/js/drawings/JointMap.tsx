import type { Schemas } from '../app/api'

/** What a fastener shows in a stage. */
export type Mark = 'open' | 'due' | 'after' | 'done' | 'felt' | 'missed' | 'over' | 'owed'

interface Props {
    bolts: Schemas['TorqueBolt'][]
    place: Schemas['TorquePlace']
    /** ids in the order of this stage */
    order: string[]
    marks: Record<string, Mark>
    onTap?: (bolt: string) => void
}

/** A joint from above, to scale in mm: bores with their valves, plug and chain tunnel, each fastener with its turn in this stage. */
export function JointMap({ bolts, place, order, marks, onTap }: Props) {
    const box = around(bolts, place)
    const size = Math.max(7, Math.min(13, nearest(bolts) * 0.3))
    const at = new Map(bolts.map((bolt) => [bolt.id, bolt]))
    const pulled = order.filter((id) => ['done', 'felt', 'due'].includes(marks[id] ?? ''))
    return (
        // biome-ignore lint/a11y/useSemanticElements: a drawing with buttons in it
        <svg
            viewBox={`${box.left} ${-box.top} ${box.right - box.left} ${box.top - box.bottom}`}
            role="group"
            aria-label="The joint from above"
            className="ink block h-full max-h-full w-full text-base-content"
        >
            <Ground box={box} size={size} place={place} />
            <polyline
                points={pulled
                    .map((id) => at.get(id))
                    .map((bolt) => (bolt ? `${bolt.x},${-bolt.y}` : ''))
                    .join(' ')}
                fill="none"
                stroke="currentColor"
                strokeWidth={0.8}
                strokeDasharray="1 3"
                strokeLinecap="round"
                opacity={0.7}
            />
            {bolts.map((bolt) => (
                <BoltSign
                    key={bolt.id}
                    bolt={bolt}
                    mark={marks[bolt.id] ?? 'open'}
                    turn={order.indexOf(bolt.id) + 1}
                    size={size}
                    isAbove={bolt.y > (box.top + box.bottom) / 2}
                    onTap={onTap}
                />
            ))}
        </svg>
    )
}

interface Box {
    left: number
    right: number
    top: number
    bottom: number
}

function Ground({ box, size, place }: { box: Box; size: number; place: Schemas['TorquePlace'] }) {
    const edge = Math.max(size * 0.9, 12)
    const { chain } = place
    return (
        <g stroke="currentColor">
            <rect
                x={box.left + edge}
                y={-box.top + edge}
                width={box.right - box.left - 2 * edge}
                height={box.top - box.bottom - 2 * edge}
                rx={10}
                fill="var(--color-base-100)"
                strokeWidth={1.2}
            />
            {place.bores.map((bore) => (
                <g key={bore.cylinder}>
                    <circle cx={bore.x} cy={-bore.y} r={bore.bore / 2} fill="var(--metal)" strokeWidth={0.9} />
                    {bore.hasValves &&
                        [-1, 1].map((side) => (
                            <circle
                                key={side}
                                cx={bore.x}
                                cy={-(bore.y + side * bore.bore * 0.235)}
                                r={bore.bore * (side > 0 ? 0.22 : 0.19)}
                                fill="var(--color-base-100)"
                                strokeWidth={0.5}
                                opacity={0.8}
                            />
                        ))}
                    {place.isHead && (
                        <circle
                            cx={bore.x + (bore.hasValves ? bore.bore * 0.33 : 0)}
                            cy={-bore.y}
                            r={bore.bore * 0.075}
                            fill="var(--metal-shade)"
                            strokeWidth={0.7}
                        />
                    )}
                    {place.bores.length > 1 && (
                        <text
                            x={bore.x}
                            y={-(bore.y + bore.bore / 2 + 3)}
                            textAnchor="middle"
                            fontSize={8}
                            stroke="none"
                            className="fill-quiet"
                        >
                            {bore.cylinder}
                        </text>
                    )}
                </g>
            ))}
            {chain && (
                <g>
                    <rect
                        x={chain.x}
                        y={-(chain.y + chain.height)}
                        width={chain.width}
                        height={chain.height}
                        rx={4}
                        fill="var(--metal-shade)"
                        strokeWidth={0.7}
                    />
                    {chain.width >= 9 && (
                        <text
                            x={chain.x + chain.width / 2}
                            y={-(chain.y + chain.height / 2)}
                            transform={`rotate(90 ${chain.x + chain.width / 2} ${-(chain.y + chain.height / 2)})`}
                            textAnchor="middle"
                            dominantBaseline="central"
                            fontSize={7}
                            stroke="none"
                            className="fill-quiet"
                        >
                            chain
                        </text>
                    )}
                </g>
            )}
            {place.bores[0]?.hasValves && place.isHead && (
                <g fontSize={7} stroke="none" className="fill-quiet max-sm:hidden" textAnchor="middle">
                    <text x={(box.left + box.right) / 2} y={-box.top + edge - 3}>
                        inlet side
                    </text>
                    <text x={(box.left + box.right) / 2} y={-box.bottom - edge + 8.5}>
                        exhaust side
                    </text>
                </g>
            )}
        </g>
    )
}

/** How far its name stands from its middle, in its own size. */
const SPACE: Record<Mark, number> = {
    open: 1.55,
    due: 1.95,
    after: 1.75,
    done: 1.55,
    felt: 1.55,
    missed: 1.55,
    over: 1.9,
    owed: 1.55,
}

const SAID: Record<Mark, string> = {
    open: '',
    due: 'pull this one now',
    after: 'the one after',
    done: 'pulled in this stage',
    felt: 'done by feel',
    missed: 'missed',
    over: 'past its limit',
    owed: 'owed its torque',
}

/** Told apart by shape: a hexagon while it waits, filled with its tick when done, ringed when due; a square when missed, a triangle when over. */
function BoltSign({
    bolt,
    mark,
    turn,
    size,
    isAbove,
    onTap,
}: {
    bolt: Schemas['TorqueBolt']
    mark: Mark
    turn: number
    size: number
    /** Whether its name stands above it: away from the middle. */
    isAbove: boolean
    onTap?: ((bolt: string) => void) | undefined
}) {
    const [x, y] = [bolt.x, -bolt.y]
    const isDone = mark === 'done' || mark === 'felt'
    const fill = mark === 'due' ? 'fill-primary' : isDone ? 'fill-base-content' : 'fill-base-100'
    const label = `${bolt.id}${SAID[mark] ? `, ${SAID[mark]}` : ''}${bolt.leftHand ? ', left-hand thread' : ''}`
    const tap = onTap && (() => onTap(bolt.id))
    return (
        // biome-ignore lint/a11y/useSemanticElements: a button inside a drawing
        <g
            opacity={turn === 0 ? 0.45 : 1}
            role="button"
            tabIndex={-1}
            aria-label={label}
            aria-disabled={tap === undefined}
            data-bolt={bolt.id}
            data-mark={mark}
            onClick={tap}
            onKeyDown={(event) => event.key === 'Enter' && tap?.()}
            className={tap ? 'cursor-pointer' : ''}
        >
            <circle cx={x} cy={y} r={size * 1.7} fill="transparent" />
            {mark === 'due' && (
                <circle cx={x} cy={y} r={size * 1.55} className="fill-tint stroke-primary" strokeWidth={size * 0.2} />
            )}
            {mark === 'after' && (
                <circle
                    cx={x}
                    cy={y}
                    r={size * 1.35}
                    fill="none"
                    className="stroke-primary"
                    strokeWidth={1}
                    strokeDasharray="3 2.4"
                />
            )}
            <path
                d={
                    mark === 'missed'
                        ? square(x, y, size)
                        : mark === 'over'
                          ? triangle(x, y, size)
                          : hexagon(x, y, size)
                }
                className={`${fill} ${mark === 'over' || mark === 'missed' ? 'stroke-error' : ''}`}
                stroke="currentColor"
                strokeWidth={mark === 'over' || mark === 'missed' ? size * 0.22 : 1.1}
                strokeDasharray={mark === 'owed' ? '2.5 2' : undefined}
            />
            {mark === 'done' ? (
                <path
                    d={`M${x - size * 0.42} ${y}l${size * 0.3} ${size * 0.32}l${size * 0.55} ${-size * 0.65}`}
                    fill="none"
                    className="stroke-base-100"
                    strokeWidth={size * 0.2}
                />
            ) : (
                <text
                    x={x}
                    y={y + (mark === 'over' ? size * 0.25 : 0)}
                    textAnchor="middle"
                    dominantBaseline="central"
                    fontSize={size * (turn > 9 ? 0.85 : 1)}
                    fontWeight={700}
                    className={
                        mark === 'due'
                            ? 'fill-primary-content'
                            : mark === 'felt'
                              ? 'fill-base-100'
                              : 'fill-base-content'
                    }
                >
                    {mark === 'felt' ? '≈' : mark === 'over' ? '!' : turn || '–'}
                </text>
            )}
            <text
                x={x}
                y={y + (isAbove ? -1 : 1) * size * SPACE[mark] + size * 0.2}
                textAnchor="middle"
                fontSize={size * 0.55}
                className="fill-quiet max-sm:hidden"
            >
                {bolt.id}
                {bolt.leftHand ? ' ↺ left-hand' : ''}
            </text>
        </g>
    )
}

function around(bolts: { x: number; y: number }[], place: Schemas['TorquePlace']): Box {
    const spread = place.bores.flatMap(({ x, y, bore }) => [
        { x: x - bore / 2, y: y - bore / 2 },
        { x: x + bore / 2, y: y + bore / 2 },
    ])
    const { chain } = place
    const all = [...bolts, ...spread, ...(chain ? [{ x: chain.x + chain.width, y: chain.y }] : [])]
    const [xs, ys] = [all.map(({ x }) => x), all.map(({ y }) => y)]
    const edge = 42
    return {
        left: Math.min(...xs) - edge,
        right: Math.max(...xs) + edge,
        top: Math.max(...ys) + edge,
        bottom: Math.min(...ys) - edge,
    }
}

/** How near two fasteners come; for one alone, far. */
function nearest(bolts: { x: number; y: number }[]): number {
    const apart = bolts.flatMap((one, index) =>
        bolts.slice(index + 1).map((other) => Math.hypot(one.x - other.x, one.y - other.y)),
    )
    return apart.length === 0 ? 60 : Math.min(...apart)
}

function hexagon(x: number, y: number, r: number): string {
    const corner = (index: number) => {
        const turn = (index * Math.PI) / 3 + Math.PI / 6
        return `${x + r * Math.cos(turn)} ${y + r * Math.sin(turn)}`
    }
    return `M${[0, 1, 2, 3, 4, 5].map(corner).join('L')}Z`
}

const square = (x: number, y: number, r: number) => `M${x - r} ${y - r}h${2 * r}v${2 * r}h${-2 * r}Z`

const triangle = (x: number, y: number, r: number) => `M${x} ${y - r * 1.3}L${x + r * 1.25} ${y + r}H${x - r * 1.25}Z`
