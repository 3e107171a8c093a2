import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { clock } from '../../app/format'
import { outbox } from '../../app/outbox'
import type { Valves } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { useLeft } from '../../app/useLeft'
import { RodDrawing } from '../../drawings/RodDrawing'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

type One = Schemas['Rods']

/** The rods on hydraulic lifters, cylinder by cylinder: let out, bled down, spun by finger, and only then the crank is turned. */
export function Rods({ job, valves }: { job: Job; valves: Valves }) {
    const rodOf = (id: string) => `${valves.valves.find((valve) => valve.id === id)?.side ?? id} rod`
    const loaded = valves.rods.find((rods) => rods.task === 'wait' || rods.task === 'spin')
    return (
        <>
            {loaded && (
                <p className="mb-3 border-2 border-primary p-3 text-xl font-bold" role="status">
                    Do not turn the crank: {loaded.name}, its lifters are loaded.
                </p>
            )}
            <ol className="grid gap-4 md:grid-cols-2">
                {valves.rods.map((rods) => (
                    <OfCylinder
                        key={rods.cylinder}
                        job={job}
                        rods={rods}
                        isNow={(loaded ?? firstOpen(valves.rods)) === rods}
                        rodOf={rodOf}
                    />
                ))}
            </ol>
        </>
    )
}

const firstOpen = (all: One[]) => all.find((rods) => rods.task === 'let out' || rods.task === 'spin')

function OfCylinder({
    job,
    rods,
    isNow,
    rodOf,
}: {
    job: Job
    rods: One
    isNow: boolean
    rodOf: (valve: string) => string
}) {
    return (
        <li aria-label={rods.name} className={`border-2 p-3 ${isNow ? 'border-primary' : 'border-line'}`}>
            <div className="flex items-start gap-4">
                <div className="min-w-0 flex-1">
                    <h2 className="text-xl font-bold first-letter:uppercase">{rods.name}</h2>
                    <p className="text-3xl leading-tight font-bold" aria-live="polite">
                        {rods.headline}
                    </p>
                    {rods.task === 'let out' && rods.flats !== null && (
                        <p className="text-quiet">
                            {rods.flats} flats in all; preload {rods.preload}, {rods.thread}
                        </p>
                    )}
                    <p className="mt-1 leading-snug">{rods.advice}</p>
                    {rods.wait && <Bleeding wait={rods.wait} />}
                </div>
                {rods.flats !== null && (
                    <RodDrawing
                        flats={rods.flats}
                        perTurn={perTurn(rods)}
                        isOut={rods.letOut !== null}
                        isDown={rods.spins !== null}
                        label={`Rod let out ${rods.turns}`}
                    />
                )}
            </div>
            {rods.task === 'let out' && <LetOut job={job} rods={rods} />}
            {(rods.task === 'wait' || rods.task === 'spin') && (
                <Spin key={rods.letOut} job={job} rods={rods} rodOf={rodOf} />
            )}
            {rods.letOut && <p className="mt-1 text-sm text-quiet">{rods.letOut}</p>}
            {rods.spins && <p className="text-sm text-quiet">{rods.spins}</p>}
        </li>
    )
}

const perTurn = (rods: One) => Number(/(\d+) flats/.exec(rods.thread ?? '')?.[1] ?? 6)

function Bleeding({ wait }: { wait: Schemas['Wait'] }) {
    const left = useLeft(wait.due)
    return (
        <p className="mt-2" role="timer">
            <span className="block text-5xl font-bold tabular-nums">{left ?? 'time is up'}</span>
            <span className="text-quiet">
                since {clock(wait.since)}; it is over when each rod spins, not when the clock says so
            </span>
        </p>
    )
}

function LetOut({ job, rods }: { job: Job; rods: One }) {
    const blank = { flats: String(rods.flats ?? '') }
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `rods:${rods.cylinder}`,
        blank,
        'valves',
    )
    const count = Number(typed.flats)
    return (
        <form
            className="mt-3"
            onSubmit={(event) => {
                event.preventDefault()
                if (Number.isInteger(count) && count > 0 && !isSending) {
                    void enter(
                        'rods_let_out',
                        { cylinder: rods.cylinder, flats: count },
                        `Rods of ${rods.name} let out ${count} flats`,
                    )
                }
            }}
        >
            <div className="flex items-end gap-3">
                <Field
                    label="flats each rod was let out"
                    className="w-44"
                    value={typed.flats}
                    onChange={(flats) => setTyped({ flats })}
                />
                <button type="submit" className="btn btn-primary h-12 flex-1" disabled={isSending || !rods.step?.ready}>
                    Both let out, bleeding down
                </button>
            </div>
            {!rods.step?.ready && rods.step?.held && <p className="mt-1 text-sm text-quiet">{rods.step.held}</p>}
            <Refused refusal={refusal} />
        </form>
    )
}

/** Each rod said to spin on its own: one that does not holds its valve open. */
function Spin({ job, rods, rodOf }: { job: Job; rods: One; rodOf: (valve: string) => string }) {
    const [spun, setSpun] = useState<string[]>([])
    return (
        <div className="mt-3">
            <p className="flex flex-wrap gap-2">
                {rods.valves.map((valve) => (
                    <button
                        key={valve}
                        type="button"
                        aria-pressed={spun.includes(valve)}
                        className={`h-14 flex-1 rounded-field border-2 px-3 font-bold first-letter:uppercase ${spun.includes(valve) ? 'border-base-content bg-base-content text-base-100' : 'border-line'}`}
                        onClick={() =>
                            setSpun(spun.includes(valve) ? spun.filter((each) => each !== valve) : [...spun, valve])
                        }
                    >
                        {rodOf(valve)} spins
                    </button>
                ))}
            </p>
            <button
                type="button"
                className={`btn mt-2 h-12 w-full ${spun.length === rods.valves.length ? 'btn-primary' : ''}`}
                disabled={spun.length < rods.valves.length}
                onClick={() =>
                    void outbox.add(
                        job.number,
                        'rods_spin',
                        { cylinder: rods.cylinder, valves: rods.valves },
                        `${rods.name}: rods spin by finger`,
                    )
                }
            >
                Each spins by finger: the crank may be turned
            </button>
        </div>
    )
}
