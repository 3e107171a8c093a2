import { useState } from 'react'
import { useParams } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useJob } from '../../app/queries'
import { JobPage } from '../../parts/JobPage'

type Cell = Schemas['PairCell']

/** Pistons to bores: drag one onto a bore, or touch piston then bore; each pairing's margin is drawn. */
export function Pairing() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Pair pistons and bores" sub="margin is the room to the nearer limit of the clearance">
            {(data) =>
                data.fitting.pairing ? <Bench job={data} pairing={data.fitting.pairing} /> : <NotYet job={data} />
            }
        </JobPage>
    )
}

function NotYet({ job }: { job: Job }) {
    const missing = job.measuring.spots.filter(
        (spot) => (spot.quantity === 'piston' || spot.quantity === 'bore') && !spot.reading,
    )
    return (
        <div className="bg-base-100 p-5">
            <p className="font-bold">Read every bore and piston first.</p>
            <p className="mt-1 text-quiet">
                {missing.length > 0
                    ? `${missing.length} places are not read, the next is ${missing[0]?.name}.`
                    : 'The sheet states no clearance with both ends, or the engine has one cylinder.'}
            </p>
        </div>
    )
}

function Bench({ job, pairing }: { job: Job; pairing: Schemas['Pairing'] }) {
    const asIs = pairing.cells.filter((cell) => cell.bore === cell.piston)
    const start = pairing.chosen.length > 0 ? pairing.chosen : asIs
    const [pairs, setPairs] = useState<Record<string, string>>(() => toPairs(start))
    const [held, setHeld] = useState<string | null>(null)
    const cylinders = job.engine.drawing.cylinders
    const cell = (bore: string) =>
        pairing.cells.find((each) => each.bore === bore && each.piston === pairs[bore]) ?? pairing.cells[0]
    const swap = (piston: string, bore: string) => {
        const from = Object.keys(pairs).find((each) => pairs[each] === piston)
        const there = pairs[bore]
        setPairs({ ...pairs, [bore]: piston, ...(from && there ? { [from]: there } : {}) })
        setHeld(null)
    }
    const worst = Math.min(...cylinders.map((each) => cell(each.id)?.margin ?? 0))
    const best = Math.min(...pairing.best.map((each) => each.margin))
    const keep = () => void outbox.add(job.number, 'pistons_paired', { pairs }, 'Pistons to bores chosen')
    const changed = JSON.stringify(pairs) !== JSON.stringify(toPairs(pairing.chosen))
    return (
        <div className="bg-base-100 p-5">
            <div className="flex flex-wrap items-center gap-4">
                <p className="text-lg">
                    Worst margin <b>{micrometres(worst)}</b>
                    <span className="text-quiet"> · the best that can be had is {micrometres(best)}</span>
                </p>
                <button
                    type="button"
                    className="btn btn-primary ml-auto h-12 px-6"
                    onClick={() => setPairs(toPairs(pairing.best))}
                >
                    Best fit
                </button>
                <button type="button" className="btn h-12 px-6" onClick={() => setPairs(toPairs(asIs))}>
                    As they came
                </button>
            </div>
            <ul
                className="mt-4 grid gap-3"
                style={{ gridTemplateColumns: `repeat(${cylinders.length}, minmax(0, 1fr))` }}
            >
                {cylinders.map((cylinder) => {
                    const each = cell(cylinder.id)
                    return (
                        each && (
                            <Bore
                                key={cylinder.id}
                                name={cylinder.name}
                                cell={each}
                                pairing={pairing}
                                from={cylinders.find((other) => other.id === each.piston)?.name ?? each.piston}
                                held={held}
                                onHold={setHeld}
                                onDrop={(piston) => swap(piston, cylinder.id)}
                            />
                        )
                    )
                })}
            </ul>
            <p className="mt-3 min-h-6 text-sm font-bold">
                {cylinders.some((each) => pairs[each.id] !== each.id)
                    ? '⚠ A piston that has run in one bore goes to another: look at its skirt before it is fitted there.'
                    : ''}
            </p>
            <button type="button" className="btn btn-neutral mt-2 h-12 px-8" disabled={!changed} onClick={keep}>
                Pair them so
            </button>
        </div>
    )
}

const toPairs = (cells: Cell[]) => Object.fromEntries(cells.map((cell) => [cell.bore, cell.piston]))

const micrometres = (margin: number) => `${(margin * 1000).toFixed(1)} µm`

/** One bore with the piston in it, drawn with the clearance enlarged, and the margin as a bar. */
function Bore({
    name,
    cell,
    pairing,
    from,
    held,
    onHold,
    onDrop,
}: {
    name: string
    cell: Cell
    pairing: Schemas['Pairing']
    from: string
    held: string | null
    onHold: (piston: string | null) => void
    onDrop: (piston: string) => void
}) {
    const span = pairing.max - pairing.min
    const place = ((cell.clearance - pairing.min) / span) * 60 + 20
    const gap = Math.max(1.5, Math.min(16, (cell.clearance / pairing.max) * 9))
    return (
        <li
            className={`rounded-box border-2 p-2 text-center ${held ? 'border-dashed border-primary' : 'border-line'}`}
            onDragOver={(event) => event.preventDefault()}
            onDrop={(event) => onDrop(event.dataTransfer.getData('text/plain'))}
        >
            <p className="font-bold">{name}</p>
            <p className="text-2xl font-bold">{cell.boreSize.toFixed(3)}</p>
            <svg viewBox="0 0 120 104" className="mx-auto my-1 w-full max-w-44" aria-hidden="true">
                <path
                    d="M8 4h16v96h-16zM96 4h16v96h-16z"
                    fill="var(--metal-shade)"
                    className="stroke-base-content"
                    strokeWidth={1.6}
                />
                <path
                    d={`M${24 + gap} 100V40q${36 - gap} -12 ${72 - 2 * gap} 0V100z`}
                    fill="var(--metal)"
                    className="stroke-base-content"
                    strokeWidth={1.6}
                />
                <path
                    d={`M${24 + gap} 48h${72 - 2 * gap}M${24 + gap} 56h${72 - 2 * gap}`}
                    className="stroke-base-content"
                    strokeWidth={2.2}
                />
            </svg>
            <button
                type="button"
                draggable
                aria-pressed={held === cell.piston}
                onDragStart={(event) => event.dataTransfer.setData('text/plain', cell.piston)}
                onClick={() => (held && held !== cell.piston ? onDrop(held) : onHold(held ? null : cell.piston))}
                className={`min-h-13 w-full cursor-grab rounded-field border-2 px-2 py-1 leading-tight ${
                    held === cell.piston ? 'border-primary bg-tint' : 'border-base-content'
                }`}
            >
                <b className="text-lg">{cell.pistonSize.toFixed(3)}</b>
                <br />
                <span className="text-sm">
                    piston of {from}
                    {cell.grade && `, mark ${cell.grade}`}
                </span>
            </button>
            <svg
                viewBox="0 0 100 26"
                className="mt-2 w-full"
                role="img"
                aria-label={`margin ${micrometres(cell.margin)}`}
            >
                <rect x="0" y="8" width="100" height="10" fill="var(--zone-out)" />
                <rect x="20" y="8" width="60" height="10" fill="var(--zone-within)" />
                <path
                    d={`M${Math.max(1, Math.min(99, place))} 2v22`}
                    className="stroke-base-content"
                    strokeWidth={2.4}
                />
            </svg>
            <p className={`text-sm leading-tight ${cell.margin < 0 ? 'font-bold text-error' : ''}`}>
                clearance <b>{cell.clearance.toFixed(3)}</b>
                <br />
                margin {micrometres(cell.margin)}
            </p>
        </li>
    )
}
