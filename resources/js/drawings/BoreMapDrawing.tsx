import { memo, type ReactNode } from 'react'

export interface MapPoint {
    depth: number
    axis: string
    size: number | null
}

const COLUMNS = 36
const ROWS = 12

/** Share of the way round where an axis meets the wall: across the pin at exhaust and inlet, along it between them. */
const across = (turn: number) => (1 + Math.cos(4 * Math.PI * turn)) / 2

/**
 * The wall of the bore opened out, from the exhaust round: tinted by how much larger than the smallest reading it is,
 * between the readings as an oval that changes with depth. The readings stand where they were taken.
 */
export function BoreMapDrawing({
    points,
    height,
    at,
}: {
    points: MapPoint[]
    height: number
    at: (depth: number, axis: string) => ReactNode
}) {
    const depths = [...new Set(points.map((point) => point.depth))].sort((one, other) => one - other)
    const deepest = Math.max(...depths) * 1.08
    const read = points.filter((point): point is MapPoint & { size: number } => point.size !== null)
    const least = Math.min(...read.map((point) => point.size))
    const most = Math.max(...read.map((point) => point.size))
    const y = (depth: number) => (depth / deepest) * height
    return (
        <div className="relative" style={{ height: height + 22 }}>
            <div className="absolute inset-x-0 top-0 h-5 text-center text-sm text-quiet">
                {[
                    ['exhaust', 0],
                    ['pin', 25],
                    ['inlet', 50],
                    ['pin', 75],
                ].map(([name, x]) => (
                    <span
                        key={x}
                        className="absolute"
                        style={{ left: `${x}%`, transform: x === 0 ? undefined : 'translateX(-50%)' }}
                    >
                        {name}
                    </span>
                ))}
            </div>
            <svg
                className="absolute inset-x-0 top-5 w-full border-2 border-base-content"
                height={height}
                viewBox={`0 0 ${COLUMNS} ${ROWS}`}
                preserveAspectRatio="none"
                role="img"
                aria-label={
                    read.length > 0
                        ? `Bore opened out, ${least.toFixed(3)} to ${most.toFixed(3)} millimetres`
                        : 'Bore opened out, nothing read'
                }
            >
                <rect width={COLUMNS} height={ROWS} fill="var(--metal)" />
                {most > least && <Tint read={JSON.stringify(read)} least={least} most={most} deepest={deepest} />}
            </svg>
            {depths.map((depth) => (
                <div
                    key={depth}
                    className="pointer-events-none absolute inset-x-0 border-t border-base-content/50"
                    style={{ top: 20 + y(depth) }}
                />
            ))}
            {points.map((point) => (
                <div
                    key={`${point.depth}/${point.axis}`}
                    className="absolute w-[24%] -translate-x-1/2 -translate-y-1/2"
                    style={{ left: point.axis === 'across' ? '50%' : '25%', top: 20 + y(point.depth) }}
                >
                    {at(point.depth, point.axis)}
                </div>
            ))}
        </div>
    )
}

/** The cells of the tint; drawn again only when a reading has changed. */
const Tint = memo(function Tint({
    read,
    least,
    most,
    deepest,
}: {
    read: string
    least: number
    most: number
    deepest: number
}) {
    const points = JSON.parse(read) as { depth: number; axis: string; size: number }[]
    return Array.from({ length: COLUMNS * ROWS }, (_, index) => {
        const column = index % COLUMNS
        const row = Math.floor(index / COLUMNS)
        const size = between(points, ((row + 0.5) / ROWS) * deepest, across((column + 0.5) / COLUMNS))
        const share = Math.max(0, Math.min(1, (size - least) / (most - least)))
        return (
            <rect
                // biome-ignore lint/suspicious/noArrayIndexKey: a cell is its place
                key={index}
                x={column}
                y={row}
                width={1.02}
                height={1.02}
                fill="var(--wear)"
                opacity={share * 0.9}
            />
        )
    })
})

/** The size between readings: straight down each axis, and by its share of the two axes round the bore. */
function between(read: { depth: number; axis: string; size: number }[], depth: number, share: number): number {
    const on = (axis: string) =>
        down(
            read.filter((point) => point.axis === axis),
            depth,
        )
    const one = on('across')
    const other = on('along')
    if (one === null || other === null) {
        return one ?? other ?? 0
    }
    return one * share + other * (1 - share)
}

function down(points: { depth: number; size: number }[], depth: number): number | null {
    const sorted = [...points].sort((one, other) => one.depth - other.depth)
    const below = sorted.find((point) => point.depth >= depth)
    const above = sorted.filter((point) => point.depth <= depth).pop()
    if (!below || !above) {
        return (below ?? above)?.size ?? null
    }
    const span = below.depth - above.depth
    return span === 0 ? above.size : above.size + ((below.size - above.size) * (depth - above.depth)) / span
}
