import type { Schemas } from '../app/api'

type Row = Schemas['ShimRow']
type Valve = Schemas['Valve']

const PITCH = 62
const GAP = 26
const Y = { inlet: 62, exhaust: 212 } as const
const R = 26

/**
 * The head from above, inlets over exhausts: under every bucket the shim that goes in. An arrow comes from the valve whose shim it
 * was, a square corner from the shelf, a double ring is bought new.
 */
export function ShimMap({ valves, rows }: { valves: Valve[]; rows: Row[] }) {
    const places = layOut(valves)
    const width = Math.max(...[...places.values()].map((place) => place.x)) + 48
    return (
        <svg
            viewBox={`0 0 ${width} 276`}
            role="img"
            aria-label={said(rows)}
            className="ink w-full"
            style={{ maxWidth: width * 1.5 }}
        >
            <defs>
                <marker
                    id="shim-way"
                    viewBox="0 0 8 8"
                    refX="7"
                    refY="4"
                    markerWidth="7"
                    markerHeight="7"
                    orient="auto"
                >
                    <path d="M0 0L8 4L0 8Z" className="fill-primary" />
                </marker>
            </defs>
            <text x={8} y={13} fontSize={12} className="fill-base-content">
                inlet
            </text>
            <text x={8} y={271} fontSize={12} className="fill-base-content">
                exhaust
            </text>
            {valves.map((valve) => {
                const place = places.get(valve.id)
                return (
                    place && (
                        <Bucket
                            key={valve.id}
                            valve={valve}
                            row={rows.find((row) => row.valve === valve.id)}
                            {...place}
                        />
                    )
                )
            })}
            {rows.map((row) => {
                const from = row.whose === null || row.whose === row.valve ? undefined : places.get(row.whose)
                const to = places.get(row.valve)
                return from && to && row.source === 'moved' ? <Way key={row.valve} from={from} to={to} /> : null
            })}
        </svg>
    )
}

interface Place {
    x: number
    y: number
}

function layOut(valves: Valve[]): Map<string, Place> {
    const places = new Map<string, Place>()
    const cylinders = [...new Set(valves.map((valve) => valve.cylinder))]
    let x = 40
    for (const cylinder of cylinders) {
        const own = (side: string) => valves.filter((valve) => valve.cylinder === cylinder && valve.side === side)
        const wide = Math.max(own('inlet').length, own('exhaust').length)
        for (const side of ['inlet', 'exhaust'] as const) {
            const all = own(side)
            all.forEach((valve, index) => {
                places.set(valve.id, { x: x + (index + (wide - all.length) / 2) * PITCH, y: Y[side] })
            })
        }
        x += wide * PITCH + GAP
    }
    return places
}

function Bucket({ valve, row, x, y }: { valve: Valve; row: Row | undefined } & Place) {
    const size = (row?.to ?? valve.shim ?? '?').replace(' mm', '')
    const changes = row?.changes === true
    return (
        <g
            transform={`translate(${x} ${y})`}
            className={row?.fitted ? 'text-success' : changes ? 'text-primary' : ''}
            stroke="currentColor"
        >
            <circle r={R} strokeWidth={changes ? 3.2 : 1.4} fill="var(--metal)" />
            {row?.source === 'bought' && <circle r={R - 4.5} strokeWidth={1.6} fill="none" />}
            {row?.source === 'shelf' && (
                <path
                    d={`M${-R} ${R - 8}V${R}H${-R + 8}M${R} ${-R + 8}V${-R}H${R - 8}`}
                    strokeWidth={2.6}
                    fill="none"
                />
            )}
            <text
                y={5.5}
                textAnchor="middle"
                fontSize={size.length > 4 ? 13.5 : 16}
                fontWeight={700}
                stroke="none"
                className="fill-base-content"
            >
                {size}
            </text>
            <text
                y={valve.side === 'inlet' ? -R - 5 : R + 15}
                textAnchor="middle"
                fontSize={11.5}
                stroke="none"
                className="fill-base-content"
            >
                {valve.id}
            </text>
        </g>
    )
}

/** From rim to rim, bowed so that two ways between the same valves do not lie on each other. */
function Way({ from, to }: { from: Place; to: Place }) {
    const [dx, dy] = [to.x - from.x, to.y - from.y]
    const length = Math.hypot(dx, dy)
    const [ux, uy] = [dx / length, dy / length]
    // along one row the way bows into the middle of the head, deeper for a longer one, and one of two that go both ways deeper still
    const isLevel = dy === 0
    const bow = isLevel ? Math.min(58, 16 + length * 0.11) + (dx > 0 ? 16 : 0) : 10
    const inward = isLevel ? (from.y === Y.inlet ? 1 : -1) : 0
    const [nx, ny] = isLevel ? [0, bow * inward * 1.6] : [-uy * bow, ux * bow]
    const middle = { x: (from.x + to.x) / 2 + nx, y: (from.y + to.y) / 2 + ny }
    const start = rim(from, middle, R + 1)
    const end = rim(to, middle, R + 3)
    return (
        <path
            d={`M${start.x} ${start.y}Q${middle.x} ${middle.y} ${end.x} ${end.y}`}
            className="fill-none stroke-primary"
            strokeWidth={2.2}
            markerEnd="url(#shim-way)"
        />
    )
}

/** Where a way leaves a bucket towards a place. */
function rim(bucket: Place, towards: Place, radius: number): Place {
    const away = Math.hypot(towards.x - bucket.x, towards.y - bucket.y)
    return {
        x: bucket.x + ((towards.x - bucket.x) / away) * radius,
        y: bucket.y + ((towards.y - bucket.y) / away) * radius,
    }
}

const said = (rows: Row[]) => {
    const changing = rows.filter((row) => row.changes)
    return changing.length === 0
        ? 'Every shim stays'
        : `Shims: ${changing.map((row) => `${row.valve} ${row.to}, ${row.words}`).join('; ')}`
}
