import type { Schemas } from '../app/api'

const WIDTH = 760
const HEIGHT = 430
const LEFT = 64
const RIGHT = 690
const TOP = 30
const BOTTOM = 400

/**
 * The wall of a barrel laid flat, exhaust in the middle, to scale: ports with their upper edges where they were measured, the
 * crown's travel in millimetres at the left and in degrees at the right. Degrees move with what lies below the barrel.
 */
export function PortWall({
    ports,
    wall,
    bore,
    stroke,
}: {
    ports: Schemas['PortOnWall'][]
    wall: Schemas['WallTick'][]
    bore: number
    stroke: number
}) {
    const deepest = Math.max(stroke * 1.06, ...ports.map((port) => port.bottom ?? 0), ...wall.map((tick) => tick.after))
    const y = (depth: number) => TOP + (depth / deepest) * (BOTTOM - TOP)
    const round = Math.PI * bore
    const x = (turn: number) => (LEFT + RIGHT) / 2 + (turn / 360) * (RIGHT - LEFT)
    const across = (width: number) => (width / round) * (RIGHT - LEFT)
    const places = ports.flatMap((port) => {
        const at = port.at > 180 ? port.at - 360 : port.at
        // one that lies across from the exhaust is cut in two by the edges of the wall
        return port.pair || at === 180
            ? [
                  { port, at },
                  { port, at: -at },
              ]
            : [{ port, at }]
    })
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="block w-full fill-none stroke-base-content"
            strokeWidth="2"
            role="img"
            aria-label={`Barrel wall laid flat: ${ports.map((port) => `${port.name} ${port.top?.toFixed(1) ?? 'not measured'} down`).join(', ')}`}
        >
            <rect x={LEFT} y={TOP} width={RIGHT - LEFT} height={BOTTOM - TOP} className="fill-base-100" />
            <path d={`M${LEFT} ${TOP}H${RIGHT}`} strokeWidth="4" />
            {Array.from({ length: Math.floor(deepest / 10) + 1 }, (_, index) => index * 10).map((depth) => (
                <g key={depth}>
                    <path d={`M${LEFT - 8} ${y(depth)}h8`} strokeWidth="1.4" />
                    <text
                        x={LEFT - 12}
                        y={y(depth) + 5}
                        fontSize="14"
                        textAnchor="end"
                        className="fill-base-content stroke-none"
                    >
                        {depth}
                    </text>
                </g>
            ))}
            {wall
                .filter((tick) => tick.turn % 20 === 0)
                .map((tick) => (
                    <g key={tick.turn}>
                        <path d={`M${RIGHT} ${y(tick.after)}h8`} strokeWidth="1.4" />
                        {tick.turn % 40 === 0 && (
                            <text
                                x={RIGHT + 12}
                                y={y(tick.after) + 5}
                                fontSize="14"
                                className="fill-base-content stroke-none"
                            >
                                {tick.turn}°
                            </text>
                        )}
                    </g>
                ))}
            <clipPath id="wall">
                <rect x={LEFT} y={TOP} width={RIGHT - LEFT} height={BOTTOM - TOP} />
            </clipPath>
            <g clipPath="url(#wall)">
                {places.map(({ port, at }) => (
                    <Port
                        key={`${port.id}${at}`}
                        port={port}
                        x={x(at)}
                        width={across(port.width ?? bore * 0.35)}
                        y={y}
                        deepest={deepest}
                    />
                ))}
            </g>
            <Crown wall={wall} y={y} />
            <g className="fill-quiet stroke-none" fontSize="13">
                <text x={LEFT - 44} y={TOP - 12}>
                    mm down
                </text>
                <text x={RIGHT - 12} y={TOP - 12} textAnchor="start">
                    ° after top
                </text>
                <text x={(LEFT + RIGHT) / 2} y={HEIGHT - 8} textAnchor="middle">
                    exhaust in the middle, {round.toFixed(0)} mm round
                </text>
            </g>
        </svg>
    )
}

function Port({
    port,
    x,
    width,
    y,
    deepest,
}: {
    port: Schemas['PortOnWall']
    x: number
    width: number
    y: (depth: number) => number
    deepest: number
}) {
    const top = port.top
    if (top === null) {
        return null
    }
    const foot = y(port.bottom ?? deepest)
    const corner = Math.min(9, width / 4)
    const atEdge = x < LEFT + width / 2 ? 'start' : x > RIGHT - width / 2 ? 'end' : 'middle'
    const labelled = atEdge === 'start' ? LEFT + 6 : atEdge === 'end' ? RIGHT - 6 : x
    return (
        <g>
            <path
                d={`M${x - width / 2} ${foot}V${y(top) + corner}q0 ${-corner} ${corner} ${-corner}h${width - 2 * corner}q${corner} 0 ${corner} ${corner}V${foot}z`}
                className="fill-base-300"
            />
            <path d={`M${x - width / 2 - 5} ${y(top)}h${width + 10}`} className="stroke-primary" strokeWidth="3" />
            <text
                x={labelled}
                y={y(top) - 7}
                fontSize="15"
                fontWeight="700"
                textAnchor={atEdge}
                className="fill-base-content stroke-none"
            >
                {top.toFixed(1)}
            </text>
            <text
                x={labelled}
                y={Math.min(foot - 8, y(top) + 24)}
                fontSize="13"
                textAnchor={atEdge}
                className="fill-base-content stroke-none"
            >
                {port.name.replace(/ ports?$/i, '')}
            </text>
        </g>
    )
}

/** Where the crown's edge turns at top and bottom, as it is and with what is tried. */
function Crown({ wall, y }: { wall: Schemas['WallTick'][]; y: (depth: number) => number }) {
    const [first, last] = [wall[0], wall[wall.length - 1]]
    if (!first || !last) {
        return null
    }
    const moved = Math.abs(first.after - first.before) > 1e-6
    return (
        <g strokeWidth="1.6">
            {moved && (
                <path
                    d={`M${LEFT} ${y(first.before)}H${RIGHT}M${LEFT} ${y(last.before)}H${RIGHT}`}
                    className="stroke-quiet"
                    strokeDasharray="3 5"
                />
            )}
            <path
                d={`M${LEFT} ${y(first.after)}H${RIGHT}M${LEFT} ${y(last.after)}H${RIGHT}`}
                className={moved ? 'stroke-primary' : ''}
                strokeDasharray="10 4"
            />
            <g className="fill-quiet stroke-none" fontSize="13">
                <text x={LEFT + 8} y={y(first.after) + 16}>
                    crown at top
                </text>
                <text x={LEFT + 8} y={y(last.after) + 15}>
                    crown at bottom
                </text>
            </g>
        </g>
    )
}
