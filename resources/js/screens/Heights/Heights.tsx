import { useState } from 'react'
import { useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useJob } from '../../app/queries'
import { type Quantity, useCalculation } from '../../app/useCalculation'
import { CrankWheel } from '../../drawings/CrankWheel'
import { HeightsDrawing } from '../../drawings/HeightsDrawing'
import { JobPage } from '../../parts/JobPage'

interface Heighted {
    below_tdc: Record<string, Quantity>
    lowering: { crank: Quantity; cylinders: string[]; why: string }[]
}

/** The crank turned by a finger: how high each piston stands, and in which turns a barrel goes down over them. */
export function Heights() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Piston heights" sub="turn the wheel; heights are below top dead centre">
            {(data) => <Bench job={data} />}
        </JobPage>
    )
}

function Bench({ job }: { job: Job }) {
    const [crank, setCrank] = useState(0)
    const { cylinders, stroke, rod } = job.engine.drawing
    const { answer } = useCalculation<Heighted>('piston-heights', {
        stroke: `${stroke} mm`,
        rod: `${rod} mm`,
        phases: Object.fromEntries(cylinders.map((cylinder) => [cylinder.id, `${cylinder.phase} deg`])),
        crank: `${crank} deg`,
    })
    const below = (id: string) => answer?.below_tdc[id]?.value ?? 0
    const names = (ids: string[]) => ids.map((id) => cylinders.find((each) => each.id === id)?.name ?? id).join(' and ')
    return (
        <div className="grid items-start gap-6 bg-base-100 p-5 lg:grid-cols-[minmax(0,1fr)_20rem]">
            <HeightsDrawing drawing={job.engine.drawing} crank={crank} below={below} />
            <div className="grid gap-x-6 md:grid-cols-[20rem_1fr] lg:block">
                <CrankWheel angle={crank} onTurn={setCrank} pins={cylinders} />
                <div>
                    <h2 className="mt-3 border-t-2 border-base-content pt-1.5 font-bold">
                        {cylinders.length === 1 ? 'Top dead centre' : 'Turns in which the barrel goes down'}
                    </h2>
                    <ol>
                        {answer?.lowering.map((turn, index) => (
                            <li key={turn.crank.value} className="border-b border-line">
                                <button
                                    type="button"
                                    className="flex min-h-12 w-full items-baseline gap-2 py-1 text-left leading-tight hover:bg-base-200"
                                    onClick={() => setCrank(turn.crank.value)}
                                >
                                    <b className="w-5">{index + 1}</b>
                                    <span>
                                        <b>
                                            {turn.crank.value.toFixed(0)}° {names(turn.cylinders)}
                                        </b>
                                        <span className="block text-sm text-quiet">{turn.why}</span>
                                    </span>
                                </button>
                            </li>
                        ))}
                    </ol>
                    {cylinders.length > 1 && (
                        <p className="mt-2 text-sm text-quiet">
                            A fitted barrel is held down while the crank turns. Keep fingers out of the case mouth.
                        </p>
                    )}
                </div>
            </div>
        </div>
    )
}
