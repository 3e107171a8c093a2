import type { Job } from '../../app/api'
import { useKept } from '../../app/kept'
import { type Thickness, useThickness } from '../../app/useThickness'
import { PortWall } from '../../drawings/PortWall'
import { VerdictMark } from '../../drawings/VerdictMark'
import { ChamberPage } from './ChamberPage'
import { Entered } from './Entered'

/** The ports of a barrel on its wall laid flat, when the crown uncovers them, and what is done to that from below the barrel. */
export function Ports() {
    return (
        <ChamberPage page="ports" sub={() => 'the wall laid flat, to scale'}>
            {(job, cylinder) => <Wall key={cylinder} job={job} cylinder={cylinder} />}
        </ChamberPage>
    )
}

function Wall({ job, cylinder }: { job: Job; cylinder: string }) {
    const [change, setChange] = useKept<number>(`ports:${job.number}:${cylinder}`, 0)
    const { data: now } = useThickness(job.number, cylinder, job.log.lastSeq, {})
    const joint = now?.joints.find((each) => each.below)
    const thickness = Math.max(0, (joint?.laidThickness ?? 0) + change)
    const tried =
        joint && change !== 0
            ? { [joint.slab]: [{ name: `${joint.name} ${thickness.toFixed(2)}`, thickness, volume: null }] }
            : {}
    const { data: stack, isError } = useThickness(job.number, cylinder, job.log.lastSeq, tried)
    if (!stack) {
        return <p>{isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1.35fr)_minmax(0,1fr)]">
            <div>
                <PortWall ports={stack.ports} wall={stack.wall} bore={stack.bore} stroke={stack.stroke} />
                <section aria-label="Heights measured" className="mt-4 border-t-2 border-base-content pt-1">
                    <h2 className="font-bold">Heights, from the top face down</h2>
                    {stack.ports.map((port) => (
                        <Entered key={port.id} job={job} spot={port.spot} />
                    ))}
                    <Entered job={job} spot={`exhaust_valve_edge.${cylinder}`} />
                </section>
            </div>
            <div>
                <label className="block border-t-2 border-base-content pt-2">
                    <span className="flex flex-wrap items-baseline justify-between gap-x-4">
                        <b>Added below the barrel</b>
                        <span className="text-2xl font-bold">
                            {change > 0 ? '+' : change < 0 ? '−' : ''}
                            {Math.abs(change).toFixed(2)} <span className="text-sm font-normal text-quiet">mm</span>
                        </span>
                    </span>
                    <input
                        type="range"
                        className="mt-1 h-12 w-full accent-primary"
                        min={-1}
                        max={2}
                        step={0.05}
                        value={change}
                        onChange={(event) => setChange(Number(event.target.value))}
                    />
                    <span className="text-sm text-quiet">
                        {joint
                            ? `${joint.name} ${joint.laidThickness.toFixed(2)} lies there; ${thickness.toFixed(2)} would`
                            : 'nothing lies below this barrel'}
                    </span>
                </label>
                <Timing stack={stack} moved={change !== 0} />
                <p className="mt-2 text-sm text-quiet">
                    What is added above the barrel moves no port. An ignition point measured from top dead centre stays;
                    its mark does not.
                </p>
            </div>
        </div>
    )
}

function Timing({ stack, moved }: { stack: Thickness; moved: boolean }) {
    const figures = stack.figures.filter((figure) => figure.key.startsWith('port_opens'))
    const degrees = (opens: number | null, duration: boolean) =>
        opens === null ? '–' : `${(duration ? 360 - 2 * opens : opens).toFixed(1)}°`
    return (
        <table className="mt-3 w-full text-left">
            <thead>
                <tr className="text-sm text-quiet">
                    <th className="font-normal">after top dead centre</th>
                    <th className="text-right font-normal">opens</th>
                    <th className="text-right font-normal">open for</th>
                </tr>
            </thead>
            <tbody>
                {figures.map((figure) => (
                    <tr key={figure.key} className="border-t border-line align-top">
                        <th scope="row" className="py-1 leading-tight font-normal">
                            <span className="flex items-center gap-1.5">
                                {figure.verdict && <VerdictMark state={figure.verdict.state} size={16} />}
                                <b>{figure.name.replace(/ (opens|passed)$/, '')}</b>
                            </span>
                            <span className="block text-sm text-quiet">
                                {figure.after === null ? figure.note : (figure.limit ?? 'no limit on the sheet')}
                                {figure.after !== null && figure.note && `. ${figure.note}`}
                            </span>
                        </th>
                        {[false, true].map((duration) => (
                            <td key={String(duration)} className="py-1 pl-3 text-right whitespace-nowrap">
                                <b className="text-xl leading-tight">{degrees(figure.after, duration)}</b>
                                {moved && (
                                    <span className="block text-sm text-quiet">
                                        was {degrees(figure.before, duration)}
                                    </span>
                                )}
                            </td>
                        ))}
                    </tr>
                ))}
            </tbody>
        </table>
    )
}
