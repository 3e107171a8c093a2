import { useState } from 'react'
import { useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useKept } from '../../app/kept'
import { useJob } from '../../app/queries'
import { useCalculation } from '../../app/useCalculation'
import { CrankWheel } from '../../drawings/CrankWheel'
import { HeightsDrawing } from '../../drawings/HeightsDrawing'
import { Choice } from '../../parts/Choice'
import { JobPage } from '../../parts/JobPage'
import { DeadCentre } from './DeadCentre'
import { PlugHoleTable } from './PlugHoleTable'
import { placeAt, TURNS, type Ways } from './ways'

/** The crank turned by a finger: where the piston stands, what a dial in the plug hole reads, and where the top is. */
export function Timing() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Timing" sub="piston, dial and degree wheel together">
            {(data) => <Bench job={data} />}
        </JobPage>
    )
}

function Bench({ job }: { job: Job }) {
    const { cylinders, stroke, rod: stated, rodIsStated } = job.engine.drawing
    const [crank, setCrank] = useState(0)
    const [chosen, setChosen] = useKept<string>(`timing:${job.number}:cylinder`, cylinders[0]?.id ?? '')
    const [incline, setIncline] = useKept<string>(`timing:${job.number}:incline`, '0')
    const [typedRod, setTypedRod] = useKept<string>(`timing:${job.number}:rod`, '')
    const cylinder = cylinders.find((each) => each.id === chosen) ?? cylinders[0]
    const rod = rodIsStated ? `${stated} mm` : typedRod.trim() === '' ? null : `${typedRod.replace(',', '.')} mm`
    // every degree at once: what is drawn while the crank turns asks nobody
    const { answer, refusal } = useCalculation<Ways>(
        'piston-way',
        rod === null
            ? null
            : {
                  stroke: `${stroke} mm`,
                  rod,
                  incline: `${incline.trim() === '' ? '0' : incline.replace(',', '.')} deg`,
                  at: TURNS.map((turn) => ({ degrees: `${turn} deg` })),
              },
    )
    const below = (id: string) =>
        placeAt(answer, crank + (cylinders.find((each) => each.id === id)?.phase ?? 0))?.below ?? 0
    const here = placeAt(answer, crank + (cylinder?.phase ?? 0))
    return (
        <div className="grid items-start gap-6 bg-base-100 p-5 lg:grid-cols-[minmax(0,1fr)_19rem_minmax(0,1.1fr)]">
            <HeightsDrawing drawing={job.engine.drawing} crank={crank} below={below} />
            <div>
                <CrankWheel angle={crank} onTurn={setCrank} pins={cylinders} />
                {cylinders.length > 1 && (
                    <Choice
                        label="Cylinder"
                        options={cylinders.map((each) => [each.id, each.name.replace(/ ?cylinder ?/, '') || each.name])}
                        chosen={cylinder?.id ?? ''}
                        onChoose={setChosen}
                    />
                )}
                {!rodIsStated && (
                    <Asked label="Rod length, centre to centre, mm" value={typedRod} onChange={setTypedRod}>
                        The sheet states none, and every figure here hangs on it.
                    </Asked>
                )}
                <Asked label="Dial leans from the bore by, °" value={incline} onChange={setIncline}>
                    A dial in an inclined plug hole reads more than the piston moves.
                </Asked>
                {refusal && (
                    <p role="alert" className="mt-1 font-bold">
                        {refusal.message}
                    </p>
                )}
            </div>
            <div>
                <dl aria-live="polite" className="border-t-2 border-base-content">
                    <Figure
                        name={here?.isBefore ? 'before top' : 'after top'}
                        figure={here?.turn.toFixed(0)}
                        unit="°"
                    />
                    <Figure name="piston below top" figure={here?.below.toFixed(2)} unit="mm" />
                    <Figure name="the same" figure={here ? (here.below / 25.4).toFixed(4) : undefined} unit="in" />
                    <Figure name="dial in its hole" figure={here?.dial.toFixed(2)} unit="mm" />
                </dl>
                <DeadCentre job={job} />
            </div>
            {answer && <PlugHoleTable ways={answer} />}
        </div>
    )
}

function Asked({
    label,
    value,
    onChange,
    children,
}: {
    label: string
    value: string
    onChange: (value: string) => void
    children: string
}) {
    return (
        <label className="mt-3 block">
            <b>{label}</b>
            <input
                className="input mt-0.5 h-12 w-full text-lg font-bold"
                inputMode="decimal"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
            <span className="block text-sm leading-tight text-quiet">{children}</span>
        </label>
    )
}

function Figure({ name, figure, unit }: { name: string; figure: string | undefined; unit: string }) {
    return (
        <div className="flex items-baseline justify-between border-b border-line py-1">
            <dt className="text-quiet">{name}</dt>
            <dd className="text-3xl font-bold">
                {figure ?? '–'} <span className="text-base font-normal text-quiet">{unit}</span>
            </dd>
        </div>
    )
}
