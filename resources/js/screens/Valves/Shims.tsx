import type { Job, Schemas } from '../../app/api'
import { shimsCsv, type Valves, type ValveWishes } from '../../app/useBenches'
import { ShimMap } from '../../drawings/ShimMap'
import { Choice } from '../../parts/Choice'
import { StrikeOut } from '../../parts/StrikeOut'
import { KeepPlan, OrderThem } from './KeepPlan'
import { ShimRow } from './ShimRow'
import { ToShelf } from './ToShelf'

type Board = Schemas['Shims']

/** The shims of the whole engine: what is in, which goes where, what the shelf gives, what is bought, and the clearances after. */
export function Shims({
    job,
    valves,
    shims,
    wishes,
    onWishes,
}: {
    job: Job
    valves: Valves
    shims: Board
    wishes: ValveWishes
    onWishes: (wishes: ValveWishes) => void
}) {
    const isPlanning = ['decide', 'shims', 'read'].includes(shims.task)
    return (
        <div className="grid items-start gap-x-7 gap-y-4 lg:grid-cols-[minmax(0,1fr)_25rem]">
            <div className="min-w-0">
                <ShimMap valves={valves.valves} rows={shims.rows} />
                <p className="text-sm text-quiet">
                    {shims.task === 'fit' || shims.task === 'read again'
                        ? 'The plan as it was kept.'
                        : 'The shim that goes in.'}{' '}
                    An arrow: from another valve. Corners: from the shelf. A second ring: bought.
                    {shims.ratio !== 1 &&
                        ` Under a finger the clearance changes ${shims.ratio} times what the shim does.`}
                </p>
                <table className="mt-2 w-full border-t-2 border-base-content text-left">
                    <thead>
                        <tr className="text-sm text-quiet">
                            <th className="py-1 font-normal">valve</th>
                            <th className="font-normal">read</th>
                            <th className="font-normal">shim in it</th>
                            <th className="font-normal">goes in</th>
                            <th className="font-normal">then</th>
                        </tr>
                    </thead>
                    <tbody>
                        {valves.valves.map((valve) => (
                            <ShimRow
                                key={valve.id}
                                job={job}
                                valve={valve}
                                row={shims.rows.find((row) => row.valve === valve.id) ?? null}
                                task={shims.task}
                            />
                        ))}
                    </tbody>
                </table>
            </div>
            <aside className="order-first lg:sticky lg:top-3 lg:order-none print:order-last" aria-label="The plan">
                <div className="border-2 border-primary p-3" aria-live="polite">
                    <p className="text-2xl leading-tight font-bold">{shims.headline}</p>
                    <p className="mt-1 leading-snug">{shims.advice}</p>
                    {shims.refused && isPlanning && <p className="mt-1 font-bold">{shims.refused}</p>}
                    {shims.task === 'decide' && !shims.refused && <KeepPlan job={job} shims={shims} />}
                    {shims.step?.held && isPlanning && <p className="mt-1 text-sm text-quiet">{shims.step.held}</p>}
                </div>
                {isPlanning && (
                    <div className="no-print mt-3 flex flex-wrap items-center gap-2">
                        <Choice
                            label="Aim"
                            options={[
                                ['low', 'tight end'],
                                ['middle', 'middle'],
                                ['high', 'loose end'],
                            ]}
                            chosen={wishes.aim}
                            onChoose={(aim) => onWishes({ ...wishes, aim })}
                        />
                        <label className="flex min-h-12 items-center gap-2">
                            <input
                                type="checkbox"
                                className="size-6"
                                checked={wishes.all}
                                onChange={(event) => onWishes({ ...wishes, all: event.target.checked })}
                            />
                            those that fit as well
                        </label>
                    </div>
                )}
                <Lists job={job} shims={shims} />
                <p className="no-print mt-3 flex flex-wrap gap-3">
                    <button type="button" className="btn h-12 px-4" onClick={() => window.print()}>
                        Print
                    </button>
                    <a className="btn h-12 px-4" href={shimsCsv(job.number, wishes)}>
                        CSV
                    </a>
                    {shims.decided && (
                        <StrikeOut job={job.number} entry={shims.decided} what={`the plan of ${shims.decidedBy}`} />
                    )}
                </p>
            </aside>
        </div>
    )
}

function Lists({ job, shims }: { job: Job; shims: Board }) {
    const bought = shims.buy.reduce((sum, part) => sum + part.count, 0)
    return (
        <dl className="mt-3 grid grid-cols-[6.5rem_1fr] gap-x-3 gap-y-2 border-t-2 border-base-content pt-2 leading-snug">
            <dt className="text-quiet">To be bought</dt>
            <dd>
                <b className="text-xl">{bought === 0 ? 'none' : bought}</b>
                {shims.buy.map((part) => (
                    <span key={part.part} className="block">
                        {part.count} × {part.part}
                    </span>
                ))}
                {shims.buy.length > 0 && <OrderThem job={job} shims={shims} />}
            </dd>
            <dt className="text-quiet">Left over</dt>
            <dd>
                {shims.spare.length === 0 ? 'none' : shims.spare.join(', ')}
                <ToShelf job={job} shims={shims} />
            </dd>
            <dt className="text-quiet">On the shelf</dt>
            <dd>
                {shims.shelf.length === 0
                    ? 'no shim is counted there; the toolbox keeps the shelf'
                    : shims.shelf.map((part) => `${part.count} × ${part.part.replace('Shim ', '')}`).join(', ')}
            </dd>
            <dt className="text-quiet">Sold</dt>
            <dd>{shims.sold ?? 'the sheet does not say: only what is here is used'}</dd>
            <dt className="text-quiet">It costs</dt>
            <dd>
                {shims.costs.length === 0 ? (
                    'nothing beyond the shims: this job has the cams out anyway'
                ) : (
                    <ul>
                        {[...shims.costs, 'Every clearance read again'].map((cost) => (
                            <li key={cost} className="border-b border-line py-1 text-sm leading-tight">
                                {cost}
                            </li>
                        ))}
                    </ul>
                )}
            </dd>
        </dl>
    )
}
