import type { Schemas } from '../app/api'
import { millimetres } from '../app/format'

type Drawing = Schemas['Drawing']

/** Each piston at its height under the barrel's face, with rod and crank pin where the crank is turned to; one scale for all. */
export function HeightsDrawing({
    drawing,
    crank,
    below,
}: {
    drawing: Drawing
    crank: number
    below: (cylinder: string) => number
}) {
    const { bore, stroke, rod, pistonHeight, cylinders } = drawing
    const pitch = Math.max(bore * 1.35, stroke * 1.42)
    const width = pitch * cylinders.length
    const pin = pistonHeight * 0.55
    const centre = pin + rod + stroke / 2
    const letter = Math.max(width, centre) / 26
    const foot = centre + stroke * 0.75
    const height = foot + letter * 3
    const highest = Math.min(...cylinders.map((each) => below(each.id)))
    const top = -bore * 0.16
    const ink = Math.max(width, height) / 380
    return (
        <svg
            viewBox={`0 ${top} ${width} ${height - top}`}
            className="max-h-[68vh] w-full stroke-base-content"
            strokeWidth={ink * 1.5}
            strokeLinejoin="round"
            role="img"
            aria-label={`At ${crank} degrees: ${cylinders.map((each) => `${each.name} ${millimetres(below(each.id), 2)} mm below the top`).join(', ')}`}
        >
            <path d={`M0 0H${width}`} className="stroke-primary" strokeDasharray={`${ink * 6} ${ink * 4}`} />
            {cylinders.map((cylinder, index) => {
                const x = pitch * (index + 0.5)
                const y = below(cylinder.id)
                const turn = ((crank + cylinder.phase) * Math.PI) / 180
                const [px, py] = [x + (stroke / 2) * Math.sin(turn), centre - (stroke / 2) * Math.cos(turn)]
                const wall = bore * 0.12
                const low = pistonHeight + stroke * 0.75
                return (
                    <g key={cylinder.id}>
                        <circle cx={x} cy={centre} r={stroke * 0.66} fill="var(--metal-shade)" />
                        <path
                            d={`M${x - bore / 2 - wall} 0h${wall}v${low}h${-wall}zM${x + bore / 2} 0h${wall}v${low}h${-wall}z`}
                            fill="var(--metal-shade)"
                        />
                        <path
                            d={`M${x} ${y + pin}L${px} ${py}`}
                            strokeWidth={bore * 0.13}
                            className="stroke-base-content"
                            opacity="0.4"
                        />
                        <path
                            d={`M${x - bore / 2 + ink} ${y + bore * 0.03}q${bore / 2 - ink} ${-bore * 0.06} ${bore - 2 * ink} 0V${y + pistonHeight}h${-(bore - 2 * ink)}z`}
                            fill="var(--metal)"
                        />
                        {[0.13, 0.2].map((ring) => (
                            <path
                                key={ring}
                                d={`M${x - bore / 2} ${y + bore * ring}h${bore}`}
                                strokeWidth={ink * 2.6}
                            />
                        ))}
                        <circle cx={x} cy={y + pin} r={bore * 0.11} fill="var(--metal-shade)" />
                        <circle cx={x} cy={centre} r={stroke * 0.13} fill="var(--metal)" />
                        <circle cx={px} cy={py} r={stroke * 0.2} fill="var(--metal)" />
                        {y > 0.3 && <path d={`M${x} 0V${y}`} className="stroke-primary" strokeWidth={ink * 2} />}
                        <text
                            x={x}
                            y={foot + letter * 0.9}
                            textAnchor="middle"
                            fontSize={letter * 0.75}
                            className="fill-quiet stroke-none"
                        >
                            {cylinder.name}
                        </text>
                        <text
                            x={x}
                            y={foot + letter * 2.3}
                            textAnchor="middle"
                            fontSize={letter * 1.3}
                            className={`stroke-none font-bold ${y === highest ? 'fill-primary' : 'fill-base-content'}`}
                        >
                            {millimetres(y, 2)}
                        </text>
                    </g>
                )
            })}
        </svg>
    )
}
