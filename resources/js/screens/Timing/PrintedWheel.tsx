import type { Timing } from '../../app/useTiming'
import { DegreeWheel } from '../../drawings/DegreeWheel'
import { metAt, polar } from '../../drawings/timingLayout'
import { PlugHoleTable } from './PlugHoleTable'
import type { Ways } from './ways'

/** How large it comes out of the printer: across, in millimetres. */
const ACROSS = 180

/** What this engine has to say round its crank: tops, ignition points and cam events, in crank degrees after the first top. */
function said(timing: Timing): { at: number; name: string }[] {
    const several = timing.cylinders.length > 1
    const short = (name: string) => name.replace(/ ?cylinder ?/, '') || '1'
    const tops = several
        ? timing.cylinders.map((each) => ({ at: each.fires ?? -each.phase, name: `top ${short(each.name)}` }))
        : []
    const points = timing.ignitions.flatMap((loop) => {
        const of = timing.cylinders.find((each) => each.id === loop.cylinder) ?? timing.cylinders[0]
        const top = of?.fires ?? -(of?.phase ?? 0)
        return loop.aim
            ? [{ at: top - loop.aim.degrees, name: `fires${loop.cylinder ? ` ${short(of?.name ?? '')}` : ''}` }]
            : []
    })
    const events = timing.lifts.flatMap((each) => [
        { at: each.opens, name: `${each.side} opens` },
        { at: each.closes, name: `${each.side} closes` },
    ])
    const marks = timing.marks
        .filter((mark) => mark.on === 'rotor' && mark.for === 'top dead centre' && !several)
        .map((mark) => ({ at: metAt(mark, timing), name: mark.name }))
    return [...tops, ...points, ...events, ...marks]
}

/** A degree wheel to print, cut out and put on the crank, with this engine’s own events on it; the plug-hole table beside it. */
export function PrintedWheel({ timing, ways, title }: { timing: Timing; ways: Ways | null; title: string }) {
    const sense = timing.runs === 'anticlockwise' ? -1 : 1
    const byPlace = new Map<number, string[]>()
    for (const each of said(timing)) {
        const at = Math.round((((each.at % 360) + 360) % 360) * 10) / 10
        byPlace.set(at, [...new Set([...(byPlace.get(at) ?? []), each.name])])
    }
    return (
        <div className="grid gap-8 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)] print:block">
            <section aria-label="Degree wheel">
                <svg
                    viewBox="-100 -100 200 200"
                    className="mx-auto w-full max-w-[40rem] stroke-base-content print:w-[180mm] print:max-w-none"
                    role="img"
                    aria-label={`Degree wheel for ${title}`}
                >
                    <DegreeWheel radius={97} sense={sense} />
                    {[...byPlace].map(([at, names]) => {
                        const [x, y] = polar(-sense * at, 67)
                        const turn = -sense * at
                        const isLeft = ((turn % 360) + 360) % 360 > 180
                        return (
                            <g key={at}>
                                <path
                                    d="M0 -97V-88M0 -74V-69"
                                    transform={`rotate(${turn})`}
                                    strokeWidth="0.9"
                                    className="stroke-primary"
                                />
                                <text
                                    x={x}
                                    y={y}
                                    dy="0.35em"
                                    fontSize="4.4"
                                    textAnchor={isLeft ? 'start' : 'end'}
                                    transform={`rotate(${turn + (isLeft ? 90 : -90)} ${x} ${y})`}
                                    className="fill-base-content stroke-none"
                                >
                                    {names.join(', ')}
                                </text>
                            </g>
                        )
                    })}
                    <circle r="6" fill="var(--metal)" strokeWidth="0.8" />
                    <path d="M-9 0H9M0 -9V9" strokeWidth="0.5" />
                    <text y="17" textAnchor="middle" fontSize="5" className="fill-base-content stroke-none font-bold">
                        {title}
                    </text>
                    <text y="24" textAnchor="middle" fontSize="4" className="fill-quiet stroke-none">
                        runs {timing.runs}, seen from {timing.seenFrom}
                    </text>
                </svg>
                <p className="no-print mt-2 flex flex-wrap items-center gap-3">
                    <button type="button" className="btn btn-primary h-12 px-6" onClick={() => window.print()}>
                        Print
                    </button>
                    <span className="text-sm leading-snug text-quiet">
                        Printed at full size it is {ACROSS} mm across: glue it on card, bore it to the crank bolt. It
                        serves where a pointer can be set; the top is still found by a stop.
                    </span>
                </p>
            </section>
            {ways ? (
                <PlugHoleTable ways={ways} />
            ) : (
                <p>The plug-hole table needs the rod’s length: type it on the bench.</p>
            )}
        </div>
    )
}
