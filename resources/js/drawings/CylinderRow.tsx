import type { Schemas } from '../app/api'

type Drawing = Schemas['Drawing']

const WIDTH = 248
const HEIGHT = 58

/** The cylinders of a row with their pistons where the crank has them, the one that is drawn large marked. */
export function CylinderRow({ drawing, shown }: { drawing: Drawing; shown: string }) {
    const { cylinders, bore, stroke } = drawing
    const pitch = WIDTH / cylinders.length
    const half = Math.min(pitch * 0.36, 26)
    const travel = 16
    return (
        <svg
            viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
            role="img"
            aria-label={`${cylinders.find((each) => each.id === shown)?.name ?? ''} drawn, of ${cylinders.length}`}
            className="ink mx-2 w-[calc(100%-1rem)] max-w-62"
        >
            {cylinders.map((cylinder, index) => {
                const x = pitch * (index + 0.5)
                const top = 4 + (stroke > 0 ? cylinder.belowTop / stroke : 0) * travel
                const isShown = cylinder.id === shown
                return (
                    <g key={cylinder.id} stroke="currentColor" strokeWidth={1.4}>
                        {isShown && (
                            <rect
                                x={x - pitch / 2 + 2}
                                y={1.5}
                                width={pitch - 4}
                                height={HEIGHT - 3}
                                rx={5}
                                className="fill-tint stroke-primary"
                                strokeWidth={3}
                            />
                        )}
                        <path d={`M${x - half} 4V40M${x + half} 4V40`} strokeWidth={3} />
                        <rect
                            x={x - half + 2.5}
                            y={top}
                            width={2 * half - 5}
                            height={Math.min(20, (drawing.pistonHeight / bore) * 20)}
                            fill="var(--metal)"
                        />
                        <text
                            x={x}
                            y={HEIGHT - 5}
                            textAnchor="middle"
                            fontSize={12}
                            fontWeight={isShown ? 700 : 400}
                            stroke="none"
                            className="fill-base-content"
                        >
                            {cylinder.id.length <= 6 ? cylinder.id : index + 1}
                        </text>
                    </g>
                )
            })}
        </svg>
    )
}
