import type { Schemas } from '../app/api'

type Piston = Schemas['ValvePiston']

const PITCH = 74
const HEIGHT = 128
const TOP = 36
const TRAVEL = 40
const HALF = 25

/** The cylinders as they stand at one turn of the crank: pistons to scale of the stroke, open valves down, those to be set filled. */
export function PistonsDrawing({ pistons, crank, label }: { pistons: Piston[]; crank: number; label: string }) {
    const width = PITCH * pistons.length + 66
    const turn = ((crank % 360) * Math.PI) / 180
    return (
        <svg
            viewBox={`0 0 ${width} ${HEIGHT}`}
            role="img"
            aria-label={label}
            className="ink w-full"
            style={{ maxWidth: width * 1.15 }}
        >
            {pistons.map((piston, index) => (
                <Cylinder key={piston.cylinder} piston={piston} x={PITCH * (index + 0.5)} />
            ))}
            <g transform={`translate(${width - 32} 60)`} stroke="currentColor" fill="none">
                <circle r={26} strokeWidth={1.6} />
                <path d="M0 -26V-31" strokeWidth={2.4} />
                <path d={`M0 0L${26 * Math.sin(turn)} ${-26 * Math.cos(turn)}`} strokeWidth={2.2} />
                <circle
                    cx={26 * Math.sin(turn)}
                    cy={-26 * Math.cos(turn)}
                    r={4.5}
                    className="fill-base-content"
                    stroke="none"
                />
                <text
                    y={46}
                    textAnchor="middle"
                    fontSize={13}
                    fontWeight={700}
                    stroke="none"
                    className="fill-base-content"
                >
                    {Math.round(crank)}°
                </text>
            </g>
        </svg>
    )
}

function Cylinder({ piston, x }: { piston: Piston; x: number }) {
    const crown = TOP + 11 + piston.down * TRAVEL
    return (
        <g stroke="currentColor" strokeWidth={1.4}>
            <path
                d={`M${x - HALF} ${TOP}V${TOP + TRAVEL + 34}M${x + HALF} ${TOP}V${TOP + TRAVEL + 34}`}
                strokeWidth={3}
            />
            <rect x={x - HALF + 2.5} y={crown} width={2 * HALF - 5} height={18} fill="var(--metal)" />
            {(['inlet', 'exhaust'] as const).map((side, index) => (
                <ValveStem
                    key={side}
                    x={x + (index === 0 ? -11 : 11)}
                    isOpen={piston.open.includes(side)}
                    isSet={piston.set.includes(side)}
                />
            ))}
            <text x={x} y={HEIGHT - 5} textAnchor="middle" fontSize={12} stroke="none" className="fill-base-content">
                {piston.name.replace(/ ?cylinder ?/, '') || piston.name}
            </text>
        </g>
    )
}

function ValveStem({ x, isOpen, isSet }: { x: number; isOpen: boolean; isSet: boolean }) {
    const drop = isOpen ? 8 : 0
    return (
        <g
            transform={`translate(${x} ${drop})`}
            className={isSet ? 'text-primary' : ''}
            stroke="currentColor"
            fill="none"
        >
            <path
                d={`M0 9V${TOP - 4}M-8 ${TOP}L0 ${TOP - 7}L8 ${TOP}Z`}
                strokeWidth={isSet ? 3.4 : 1.6}
                className={isSet ? 'fill-primary' : ''}
            />
            {isSet && <circle cy={6} r={5} className="fill-primary" stroke="none" />}
        </g>
    )
}
