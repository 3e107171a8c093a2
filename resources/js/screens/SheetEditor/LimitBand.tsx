import { figure } from '../../app/printed'

const WIDTH = 180

/** A limit to scale: what is within, where it is worn to, and nought where that is near. */
export function LimitBand({ of }: { of: Record<string, unknown> | undefined }) {
    const nominal = figure(of?.nominal)
    const [plus, minus] = [figure(of?.plus) ?? 0, figure(of?.minus) ?? 0]
    const min = figure(of?.min) ?? (nominal === null ? null : nominal - minus)
    const max = figure(of?.max) ?? (nominal === null ? null : nominal + plus)
    const worn = figure(of?.service_max) ?? figure(of?.service_min)
    const ends = [min, max, worn].filter((end): end is number => end !== null)
    if (of?.rule || (min === null && max === null) || ends.length === 0) {
        return null
    }
    const [least, most] = [Math.min(...ends), Math.max(...ends)]
    const room = (most - least || Math.abs(most) || 1) * 0.2
    const from = least > 0 && least - room * 2 < 0 ? 0 : least - room
    const x = (at: number) => ((at - from) / (most + room - from)) * WIDTH
    const [left, right] = [min === null ? 0 : x(min), max === null ? WIDTH : x(max)]
    return (
        <svg viewBox={`0 0 ${WIDTH} 22`} className="h-6 w-44" aria-hidden="true">
            <path d={`M0 15H${WIDTH}`} className="stroke-line" strokeWidth="2" />
            <rect x={left} y="6" width={Math.max(3, right - left)} height="9" fill="var(--zone-within)" />
            {[min, max].map(
                (end) =>
                    end !== null && (
                        <path key={end} d={`M${x(end)} 2V20`} className="stroke-base-content" strokeWidth="2.5" />
                    ),
            )}
            {worn !== null && (
                <path
                    d={`M${x(worn)} 2V20`}
                    className="stroke-base-content"
                    strokeWidth="2.5"
                    strokeDasharray="3 2.5"
                />
            )}
        </svg>
    )
}
