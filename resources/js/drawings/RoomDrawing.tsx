import type { Schemas } from '../app/api'

const WIDTH = 560
const HEIGHT = 250
const LEFT = 20
const RIGHT = 540

/** The room above a piston as one bar to scale: what each part gives to it, what the crown takes, and what is left. */
export function RoomDrawing({ chamber }: { chamber: Schemas['Chamber'] }) {
    const parts = [
        { name: 'chamber', from: chamber.chamberFrom, volume: chamber.chamber ?? 0 },
        { name: 'gasket', from: `opening ${chamber.opening.toFixed(1)}`, volume: chamber.gasket },
        { name: chamber.deck < 0 ? 'proud' : 'deck', from: '', volume: chamber.deck },
        { name: chamber.dome < 0 ? 'dish' : 'dome', from: chamber.domeFrom, volume: -chamber.dome },
    ].filter((part) => Math.abs(part.volume) > 0.005)
    const given = parts.filter((part) => part.volume >= 0)
    const taken = parts.filter((part) => part.volume < 0)
    const all = given.reduce((sum, part) => sum + part.volume, 0) || 1
    const px = (volume: number) => (volume / all) * (RIGHT - LEFT)
    if (chamber.chamber === null) {
        return (
            <p className="my-6 border-2 border-dashed border-base-content p-4 text-lg leading-snug">
                The chamber is not known: fill it by burette, and the room above the piston is drawn here.
            </p>
        )
    }
    let at = LEFT
    let end = RIGHT
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            className="block w-full fill-none stroke-base-content"
            strokeWidth="2"
            role="img"
            aria-label={`${parts.map((part) => `${part.name} ${part.volume.toFixed(2)}`).join(', ')}: ${chamber.clearance?.toFixed(2) ?? 'unknown'} cubic centimetres above the piston`}
        >
            {given.map((part, index) => {
                const x = at
                at += px(part.volume)
                return <Block key={part.name} part={part} x={x} width={px(part.volume)} y={44} above={index} />
            })}
            {taken.map((part, index) => {
                end -= px(-part.volume)
                return (
                    <Block key={part.name} part={part} x={end} width={px(-part.volume)} y={122} above={index} taken />
                )
            })}
            <path
                d={`M${LEFT} ${190}H${end}M${LEFT} 182v16M${end} 182v16`}
                className="stroke-primary"
                strokeWidth="3"
            />
            <text
                x={(LEFT + end) / 2}
                y={222}
                fontSize="24"
                fontWeight="700"
                textAnchor="middle"
                className="fill-primary stroke-none"
            >
                {chamber.clearance === null
                    ? 'chamber not known'
                    : `${chamber.clearance.toFixed(2)} cm³ above the piston`}
            </text>
        </svg>
    )
}

function Block({
    part,
    x,
    width,
    y,
    above,
    taken = false,
}: {
    part: { name: string; from: string; volume: number }
    x: number
    width: number
    y: number
    above: number
    taken?: boolean
}) {
    const wide = width > 150
    return (
        <g>
            <rect
                x={x}
                y={y}
                width={Math.max(2, width)}
                height={taken ? 34 : 64}
                className={taken ? 'fill-base-100' : 'fill-base-300'}
                strokeDasharray={taken ? '6 4' : undefined}
            />
            <text
                x={wide ? x + width / 2 : Math.min(RIGHT - 4, x + width)}
                y={wide ? y + (taken ? 22 : 30) : taken ? y + 52 : y - 8 - above * 2}
                fontSize="16"
                fontWeight="700"
                textAnchor={wide ? 'middle' : 'end'}
                className="fill-base-content stroke-none"
            >
                {part.name} {taken ? '−' : ''}
                {Math.abs(part.volume).toFixed(2)}
            </text>
            {wide && !taken && (
                <text x={x + width / 2} y={y + 50} fontSize="13" textAnchor="middle" className="fill-quiet stroke-none">
                    {part.from}
                </text>
            )}
        </g>
    )
}
