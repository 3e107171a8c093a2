import { metAt, polar, type TimingPart } from './timingLayout'

/** The marks of rotor, plate and case on the rim: the moving one goes round with the crank, the fixed one waits for it. */
export function TimingMarks({ timing, layout, crank, chosen, ink }: TimingPart) {
    const marks = timing.marks.filter((mark) => mark.on !== 'cam wheel' && (mark.cylinder ?? chosen.id) === chosen.id)
    return (
        <g>
            {marks.map((mark) => {
                const clock = (360 + (mark.mirrored ? -mark.clock : mark.clock)) % 360
                const meets = metAt(mark, timing)
                const away = Math.abs(((crank - meets + 540) % 360) - 180)
                const isMet = away < 0.75
                const radius = layout.degreeWheel
                const colour = isMet ? 'stroke-primary' : 'stroke-base-content'
                const [x, y] = polar(clock, radius * 1.11)
                // one name where several are read at one place
                const here = marks.filter((each) => each.clock === mark.clock && each.mirrored === mark.mirrored)
                return (
                    <g key={mark.id} strokeWidth={ink * (isMet ? 4 : 2.6)} className={colour}>
                        <path d={`M0 ${-radius * 1.015}V${-radius * 1.065}`} transform={`rotate(${clock})`} />
                        {mark.on !== 'case' && (
                            <path
                                d={`M0 ${-radius * 0.985}V${-radius * 0.9}`}
                                transform={`rotate(${clock + layout.sense * (crank - meets)})`}
                            />
                        )}
                        <text
                            x={x}
                            y={y}
                            dy="0.35em"
                            textAnchor={clock > 180 ? 'end' : 'start'}
                            fontSize={ink * 9}
                            className={`stroke-none ${isMet ? 'fill-primary font-bold' : 'fill-quiet'}`}
                        >
                            {here[0] === mark &&
                                here.map((each, line) => (
                                    <tspan key={each.id} x={x} dy={line === 0 ? undefined : '1.1em'}>
                                        {each.id}
                                    </tspan>
                                ))}
                        </text>
                    </g>
                )
            })}
        </g>
    )
}
