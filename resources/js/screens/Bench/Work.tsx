import { useState } from 'react'
import { Link } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { linksOf } from '../../chapters'
import { ActButton } from './ActButton'
import { CylinderSheet } from './CylinderSheet'
import { ErrandsButton } from './ErrandsButton'
import { Hold } from './Hold'
import { LiftButton } from './LiftButton'
import { BARREL, MeasureSheet, WorstFirst } from './MeasureSheet'
import { SchoolsButton } from './Schools'
import { benchName, Details, StepList, tick } from './StepList'
import type { Desk } from './useDesk'

/** The chosen slab's sheets in the order of the work, one thing next above them. */
export function Work({ job, slab, desk, onNext }: { job: Job; slab: string; desk: Desk; onNext: () => void }) {
    const [more, setMore] = useState(false)
    const chosen = job.stack.slabs.find((item) => item.id === slab)
    if (!chosen) {
        return null
    }
    const own = job.measuring.spots.filter((spot) => spot.slab === slab)
    const asksOfBores = own.some((spot) => BARREL.includes(spot.group) && (spot.isExpected || spot.reading))
    return (
        <div className="px-4 pt-3 pb-8 lg:px-5">
            <div className="flex items-start justify-between gap-3">
                <div className="min-w-0">
                    <h1 className="text-2xl leading-tight font-bold">{chosen.name}</h1>
                    <p className="text-quiet">
                        {chosen.note && `${chosen.note} · `}
                        {job.title} · job {job.number} · {job.closing.owner}
                        {job.closing.promise.inWords && (
                            <span className={job.closing.promise.late ? 'font-bold text-error' : ''}>
                                {' '}
                                · {job.closing.promise.inWords}
                            </span>
                        )}
                    </p>
                </div>
                <div className="flex gap-2">
                    <SchoolsButton job={job} />
                    {job.planning.next.kind !== 'lift' && <LiftButton job={job} slab={chosen} />}
                </div>
            </div>
            <JobLinks job={job} />
            <NewerSheet job={job} />
            <NextBar job={job} onNext={onNext} />
            <WorstFirst job={job} slab={slab} desk={desk} />
            {(asksOfBores || more) && <BarrelTools job={job} slab={slab} />}
            {chosen.state !== 'off' && <StepList job={job} slab={slab} />}
            {own.some((spot) => spot.group === 'piston') && (asksOfBores || more) && (
                <Cylinders job={job} slab={slab} desk={desk} all={more} />
            )}
            <MeasureSheet job={job} slab={slab} desk={desk} more={more} onMore={setMore} />
            {chosen.state === 'off' && <StepList job={job} slab={slab} />}
            {own.length === 0 && !job.planning.steps.some((step) => step.slab === slab) && (
                <p className="mt-6 max-w-prose text-quiet">
                    Nothing is measured or ticked on this slab. Go by the engine maker’s service manual here, and write
                    what you find as a note on the slip.
                </p>
            )}
        </div>
    )
}

/** The pages that belong to the whole job. */
function JobLinks({ job }: { job: Job }) {
    const link = 'inline-flex min-h-11 items-center underline decoration-1 underline-offset-3'
    return (
        <p className="flex flex-wrap gap-x-5 text-sm">
            {linksOf(job).map((each) => (
                <Link key={each.to} className={link} to={`/jobs/${job.number}/${each.to}`}>
                    {each.text}
                    {each.more && <b className="ml-1">: {each.more}</b>}
                </Link>
            ))}
            <ActButton job={job} className={link} />
            <ErrandsButton job={job} className={link} />
        </p>
    )
}

/** A later version of the sheet is offered, never forced. */
function NewerSheet({ job }: { job: Job }) {
    const { newerSheet } = job.engine
    if (newerSheet === null) {
        return null
    }
    const adopt = () =>
        void outbox.add(
            job.number,
            'sheet_adopted',
            { version: newerSheet, from: job.engine.sheetVersion },
            `Sheet: version ${newerSheet} in place of version ${job.engine.sheetVersion}`,
        )
    return (
        <p className="mt-2 flex flex-wrap items-center gap-3 border-2 border-base-content px-3 py-1.5">
            <span>
                This job keeps version {job.engine.sheetVersion} of its sheet; version <b>{newerSheet}</b> is in the
                spec book.
            </span>
            <button
                type="button"
                className="ml-auto h-11 font-bold underline decoration-1 underline-offset-3"
                onClick={adopt}
            >
                Adopt it
            </button>
        </p>
    )
}

const NEXT =
    'mt-3 flex min-h-14 w-full flex-col justify-center rounded-box bg-primary px-4 py-2.5 text-left text-primary-content'

/** The one thing that is next, large, in the working colour. */
function NextBar({ job, onNext }: { job: Job; onNext: () => void }) {
    const { next } = job.planning
    const step = next.kind === 'step' ? job.planning.steps.find((item) => item.id === next.id) : undefined
    if (step?.kind === 'hold') {
        return (
            <div id="next-move" tabIndex={-1} className="mt-3">
                <Hold job={job} step={step} lit />
            </div>
        )
    }
    if (step) {
        return <NextStep job={job} step={step} />
    }
    const body = (
        <>
            <span className="text-xl leading-tight font-bold">{next.text}</span>
            <span className="leading-snug opacity-90">{next.why}</span>
        </>
    )
    const liftTo = next.kind === 'lift' && job.stack.slabs.find((slab) => slab.id === next.id)
    if (liftTo) {
        return (
            <LiftButton job={job} slab={liftTo} className={NEXT} isNext>
                {body}
            </LiftButton>
        )
    }
    if (next.kind !== 'spot') {
        return (
            <section
                id="next-move"
                tabIndex={-1}
                aria-label="Next"
                className={`mt-3 flex min-h-14 flex-col justify-center rounded-box px-4 py-2.5 ${
                    next.canBeWorked ? 'bg-primary text-primary-content' : 'border-2 border-base-content'
                }`}
            >
                {body}
            </section>
        )
    }
    return (
        <button id="next-move" type="button" onClick={onNext} className={NEXT}>
            {body}
        </button>
    )
}

function NextStep({ job, step }: { job: Job; step: Schemas['Step'] }) {
    return (
        <section
            aria-label="Next"
            className="mt-3 grid items-center gap-3 rounded-box bg-primary p-4 text-primary-content sm:grid-cols-[1fr_auto]"
        >
            <div>
                <p className="text-xl leading-tight font-bold">
                    {step.kind === 'torque' ? job.planning.next.text : step.name}
                </p>
                <p className="mt-1 leading-snug opacity-90">{job.planning.next.why}</p>
                <Details step={step} />
            </div>
            {step.kind === 'torque' ? (
                <Link
                    id="next-move"
                    className="flex h-14 items-center rounded-field bg-primary-content px-7 text-lg font-bold text-primary"
                    to={`/jobs/${job.number}/torque/${step.id}`}
                >
                    Pull
                </Link>
            ) : step.kind === 'decide' && step.crown !== null ? (
                <Link
                    id="next-move"
                    className="flex h-14 items-center rounded-field bg-primary-content px-7 text-lg font-bold text-primary"
                    to={`/jobs/${job.number}/thickness/${step.crown}`}
                >
                    Decide
                </Link>
            ) : (
                <div className="grid gap-2">
                    {step.bench !== null && (
                        <Link
                            className="flex h-14 items-center justify-center rounded-field bg-primary-content px-7 text-lg font-bold text-primary"
                            to={`/jobs/${job.number}/${step.bench}`}
                        >
                            {benchName(step.bench)}
                        </Link>
                    )}
                    <button
                        id="next-move"
                        type="button"
                        className={`h-14 rounded-field px-7 text-lg font-bold ${step.bench === null ? 'bg-primary-content text-primary' : 'border-2 border-primary-content'}`}
                        onClick={() => tick(job, step)}
                    >
                        Done
                    </button>
                </div>
            )}
        </section>
    )
}

/** The sheets of their own that belong to the barrel. */
function BarrelTools({ job, slab }: { job: Job; slab: string }) {
    if (!job.measuring.spots.some((spot) => spot.slab === slab && spot.group === 'rings')) {
        return null
    }
    const link = 'flex h-11 items-center rounded-field border border-line px-3 text-sm font-bold hover:bg-base-200'
    return (
        <p className="mt-3 flex flex-wrap gap-2">
            <Link className={link} to={`/jobs/${job.number}/rings`}>
                Ring clock
            </Link>
            {job.engine.drawing.cylinders.length > 1 && (
                <Link className={link} to={`/jobs/${job.number}/pairing`}>
                    Pair pistons and bores
                </Link>
            )}
            <Link className={link} to={`/jobs/${job.number}/hone`}>
                At the hone
            </Link>
            <Link className={link} to={`/jobs/${job.number}/heights`}>
                Piston heights
            </Link>
            {job.fitting.marks.length > 0 && (
                <Link className={link} to={`/jobs/${job.number}/marks`}>
                    Marks and shells
                </Link>
            )}
            <Link className={link} to={`/jobs/${job.number}/import`}>
                Read in a file
            </Link>
        </p>
    )
}

/** One sheet a cylinder; with several, one is shown and the others are a touch away. */
function Cylinders({ job, slab, desk, all }: { job: Job; slab: string; desk: Desk; all: boolean }) {
    const cylinders = job.engine.drawing.cylinders
    const [chosen, setChosen] = useState<string | null>(null)
    const next = job.measuring.spots.find((spot) => spot.id === job.planning.next.id)?.cylinder
    const shown = desk.active?.cylinder ?? chosen ?? next ?? cylinders[0]?.id ?? ''
    return (
        <>
            {cylinders.length > 1 && (
                <div className="mt-4 flex gap-2" role="tablist" aria-label="Cylinder">
                    {cylinders.map((cylinder) => (
                        <button
                            key={cylinder.id}
                            type="button"
                            role="tab"
                            aria-selected={cylinder.id === shown}
                            onClick={() => {
                                desk.leave()
                                setChosen(cylinder.id)
                            }}
                            className={`h-12 rounded-field border-2 px-5 font-bold ${
                                cylinder.id === shown
                                    ? 'border-base-content bg-base-content text-base-100'
                                    : 'border-line'
                            }`}
                        >
                            {cylinder.name.charAt(0).toUpperCase() + cylinder.name.slice(1)}
                        </button>
                    ))}
                </div>
            )}
            <CylinderSheet job={job} slab={slab} cylinder={shown} desk={desk} all={all} />
        </>
    )
}
