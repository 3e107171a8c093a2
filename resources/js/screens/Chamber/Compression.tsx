import type { Job, Schemas } from '../../app/api'
import { useKept } from '../../app/kept'
import { useThickness } from '../../app/useThickness'
import { RoomDrawing } from '../../drawings/RoomDrawing'
import { VerdictMark } from '../../drawings/VerdictMark'
import { ChamberPage } from './ChamberPage'
import { Entered } from './Entered'

/** What a cylinder presses its charge into, from burette, gasket, deck and dome; and what another ratio would ask for. */
export function Compression() {
    return (
        <ChamberPage page="compression" sub={(job) => job.engine.facts}>
            {(job, cylinder) => <Room key={cylinder} job={job} cylinder={cylinder} />}
        </ChamberPage>
    )
}

function Room({ job, cylinder }: { job: Job; cylinder: string }) {
    const [target, setTarget] = useKept<string>(`target:${job.number}:${cylinder}`, '')
    const aimed = Number(target.replace(',', '.'))
    const { data: stack, isError } = useThickness(
        job.number,
        cylinder,
        job.log.lastSeq,
        {},
        target.trim() !== '' && aimed > 1 ? aimed : null,
    )
    if (!stack?.chamber) {
        return <p>{isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const { chamber } = stack
    const ratios = stack.figures.filter(
        (figure) => figure.key === 'compression_ratio' || figure.key === 'trapped_ratio',
    )
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <div>
                <RoomDrawing chamber={chamber} />
                <ul className="flex flex-wrap gap-x-10 border-t-2 border-base-content pt-2">
                    {ratios.map((figure) => (
                        <Ratio key={figure.key} figure={figure} />
                    ))}
                </ul>
                {stack.remarks.map((remark) => (
                    <p key={remark} className="mt-2 border-l-4 border-base-content pl-3 leading-snug font-bold">
                        {remark}
                    </p>
                ))}
                <Target
                    chamber={chamber}
                    target={target}
                    onTarget={setTarget}
                    isWrong={target.trim() !== '' && !(aimed > 1)}
                />
            </div>
            <section aria-label="Measured" className="border-t-2 border-base-content pt-1">
                <h2 className="font-bold">By burette</h2>
                <Entered job={job} spot={`chamber_volume.${cylinder}`} />
                <ol className="mb-2 list-decimal space-y-0.5 pl-6 text-sm leading-snug">
                    <li>
                        Head level, plug and valves in, a little grease on the face, clear plate with its hole at the
                        edge.
                    </li>
                    <li>Light oil or spirit with a drop of dye; read at the bottom of the curve.</li>
                    <li>
                        Fill until the last bubble is out. Empty, wipe dry, fill once more: the two must agree to 0.3
                        cc.
                    </li>
                </ol>
                <Entered job={job} spot={`dome_volume.${cylinder}`} />
                {stack.joints
                    .filter((joint) => !joint.insert)
                    .map((joint) => (
                        <div key={joint.slab}>
                            <Entered job={job} spot={`gasket_thickness.${joint.slab}.fresh`} />
                            <Entered job={job} spot={`gasket_thickness.${joint.slab}.crushed`} />
                            <Entered job={job} spot={`gasket_opening.${joint.slab}`} />
                        </div>
                    ))}
            </section>
        </div>
    )
}

function Ratio({ figure }: { figure: Schemas['StackFigure'] }) {
    return (
        <li>
            <p className="flex items-center gap-1.5 text-sm">
                {figure.verdict && <VerdictMark state={figure.verdict.state} size={16} />}
                {figure.name}
            </p>
            <p className="text-4xl leading-tight font-bold">
                {figure.after?.toFixed(1) ?? '–'} <span className="text-base font-normal text-quiet">to 1</span>
            </p>
            <p className="text-sm text-quiet">{[figure.limit, figure.note].filter(Boolean).join('. ')}</p>
        </li>
    )
}

/** What another ratio asks for, each with all else the same. */
function Target({
    chamber,
    target,
    onTarget,
    isWrong,
}: {
    chamber: Schemas['Chamber']
    target: string
    onTarget: (target: string) => void
    isWrong: boolean
}) {
    const { needed } = chamber
    return (
        <section aria-label="Target" className="mt-4 border-t-2 border-base-content pt-1">
            <label className="flex flex-wrap items-center gap-3">
                <b>A ratio of</b>
                <input
                    className="input h-12 w-28 text-xl font-bold"
                    inputMode="decimal"
                    aria-label="Ratio aimed at"
                    value={target}
                    onChange={(event) => onTarget(event.target.value)}
                />
                <span className="text-quiet">to 1 would ask for one of these, all else the same</span>
            </label>
            {isWrong && (
                <p role="alert" className="font-bold">
                    A ratio is a number above 1, such as 12.5.
                </p>
            )}
            {needed && (
                <>
                    <table className="mt-2 w-full text-left">
                        <tbody>
                            <Way
                                name="Chamber"
                                figure={needed.chamber > 0 ? `${needed.chamber.toFixed(2)} cc` : 'none does it'}
                            >
                                {needed.chamber > 0 && amount(-needed.takeOff, 'larger', 'smaller', 'cc')}
                            </Way>
                            <Way
                                name="Head gasket"
                                figure={
                                    needed.thickness === null ? 'none does it' : `${needed.thickness.toFixed(2)} mm`
                                }
                            >
                                crushed, of the same opening
                            </Way>
                            <Way name="Crown" figure={`${(chamber.dome + needed.takeOff).toFixed(2)} cc`}>
                                {chamber.dome + needed.takeOff < 0 ? 'a dish' : 'a dome'}
                            </Way>
                        </tbody>
                    </table>
                    {needed.warning && <p className="mt-2 leading-snug font-bold">⚠ {needed.warning}</p>}
                </>
            )}
        </section>
    )
}

function Way({ name, figure, children }: { name: string; figure: string; children: React.ReactNode }) {
    return (
        <tr className="border-t border-line">
            <th scope="row" className="py-1.5 font-normal">
                {name}
            </th>
            <td className="py-1.5 text-xl font-bold whitespace-nowrap">{figure}</td>
            <td className="py-1.5 text-sm text-quiet">{children}</td>
        </tr>
    )
}

const amount = (by: number, more: string, less: string, unit: string) =>
    `${Math.abs(by).toFixed(2)} ${unit} ${by < 0 ? less : more}`
