import { Link, NavLink, useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useKept } from '../../app/kept'
import { useJob } from '../../app/queries'
import { useCalculation } from '../../app/useCalculation'
import { type Timing as Bench, useTiming } from '../../app/useTiming'
import { Cams } from './Cams'
import { DeadCentre } from './DeadCentre'
import { Ignition } from './Ignition'
import { Instruments } from './Instruments'
import { PrintedWheel } from './PrintedWheel'
import { Strokes } from './Strokes'
import { Works } from './Works'
import { TURNS, type Ways } from './ways'

const PAGES = [
    ['', 'Bench'],
    ['dead-centre', 'Dead centre'],
    ['ignition', 'Ignition'],
    ['cams', 'Cams'],
    ['wheel', 'Wheel and table'],
] as const

/** The timing bench: the engine turned under one’s hand, and beside it what is read, moved and read again. */
export function Timing() {
    const { number, page = '' } = useParams()
    const job = useJob(Number(number))
    const timing = useTiming(Number(number), job.data?.log.lastSeq ?? 0)
    if (!job.data || !timing.data) {
        const failed = job.isError || timing.isError
        return <p className="p-6">{failed ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const hasCams = timing.data.gear !== 'none'
    return (
        <main data-seq={job.data.log.lastSeq} className="flex-1 bg-base-100 px-4 pt-3 pb-6 md:px-6 print:p-0">
            <div className="mx-auto max-w-[1360px]">
                <div className="mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
                    <div>
                        <h1 className="text-2xl leading-tight font-bold">Timing</h1>
                        <p className="text-quiet">
                            <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${number}`}>
                                {job.data.title} · job {number}
                            </Link>{' '}
                            · runs {timing.data.runs}, drawn as seen from {timing.data.seenFrom}
                        </p>
                    </div>
                    <nav aria-label="Pages of timing" className="no-print flex flex-wrap">
                        {PAGES.filter(([to]) => to !== 'cams' || hasCams).map(([to, words]) => (
                            <NavLink
                                key={to}
                                end
                                to={`/jobs/${number}/timing${to === '' ? '' : `/${to}`}`}
                                className={({ isActive }) =>
                                    `flex min-h-12 items-center border-b-4 px-3 font-bold ${isActive ? 'border-primary' : 'border-transparent text-quiet hover:border-line'}`
                                }
                            >
                                {words}
                            </NavLink>
                        ))}
                    </nav>
                </div>
                <Page job={job.data} timing={timing.data} page={page} />
            </div>
        </main>
    )
}

function Page({ job, timing, page }: { job: Job; timing: Bench; page: string }) {
    const [chosen, setChosen] = useKept<string>(`timing:${job.number}:cylinder`, timing.cylinders[0]?.id ?? '')
    const [typedRod, setTypedRod] = useKept<string>(`timing:${job.number}:rod`, '')
    const [incline, setIncline] = useKept<string>(`timing:${job.number}:incline`, String(timing.incline))
    const cylinder = timing.cylinders.find((each) => each.id === chosen) ?? timing.cylinders[0]
    const typed = typedRod.trim().replace(',', '.')
    const rod = timing.rod !== null ? `${timing.rod} mm` : typed === '' ? null : `${typed} mm`
    // every degree at once: what is drawn while the crank turns asks nobody
    const { answer, refusal } = useCalculation<Ways>(
        'piston-way',
        rod === null
            ? null
            : {
                  stroke: `${timing.stroke} mm`,
                  rod,
                  incline: `${incline.trim() === '' ? '0' : incline.replace(',', '.')} deg`,
                  at: TURNS.map((turn) => ({ degrees: `${turn} deg` })),
              },
    )
    if (!cylinder) {
        return null
    }
    if (page === 'wheel') {
        return <PrintedWheel timing={timing} ways={answer} title={job.title} />
    }
    return (
        <Works job={job} timing={timing} cylinder={cylinder} onChoose={setChosen} ways={answer}>
            {(turned) => (
                <>
                    <Instruments
                        job={job.number}
                        timing={timing}
                        cylinder={cylinder}
                        turned={turned}
                        ways={answer}
                        rod={typedRod}
                        onRod={setTypedRod}
                        incline={incline}
                        onIncline={setIncline}
                        refusal={refusal?.message ?? null}
                    />
                    <div className="min-w-0 md:col-span-2 lg:col-span-1">
                        {page === 'dead-centre' && (
                            <DeadCentre job={job} timing={timing} cylinder={cylinder} turned={turned} ways={answer} />
                        )}
                        {page === 'ignition' && (
                            <Ignition
                                job={job}
                                timing={timing}
                                cylinder={cylinder}
                                onCylinder={setChosen}
                                turned={turned}
                                ways={answer}
                                rod={timing.rod === null ? rod : null}
                                incline={incline}
                            />
                        )}
                        {page === 'cams' && <Cams job={job} timing={timing} turned={turned} />}
                        {page === '' && <Strokes timing={timing} ways={answer} turned={turned} chosen={cylinder.id} />}
                    </div>
                </>
            )}
        </Works>
    )
}
