import type { Assessment, Job, Schemas, Spot } from '../../app/api'
import { outbox } from '../../app/outbox'
import { BoreMapDrawing } from '../../drawings/BoreMapDrawing'
import { VerdictMark } from '../../drawings/VerdictMark'
import { ReadingField } from './ReadingField'
import type { Desk } from './useDesk'

/** The bore opened out with its readings, and beside it what the map says. */
export function BoreSheet({ job, bores, desk }: { job: Job; bores: Spot[]; desk: Desk }) {
    const at = (depth: number, axis: string) => bores.find((spot) => spot.depth === depth && spot.part === axis)
    const shape = ['bore_size', 'out_of_round', 'taper']
        .map((key) => assessmentOf(job, desk, `${key}.${bores[0]?.cylinder}`))
        .filter((item) => item !== undefined)
    return (
        <div className="border-t border-line pt-2 pb-3">
            <p className="leading-tight">
                Bore, the wall opened out{' '}
                <span className="text-sm text-quiet">tint is growth over the smallest reading</span>
            </p>
            <div className="mt-1 grid gap-x-3 sm:grid-cols-[3.5rem_minmax(0,1fr)] lg:grid-cols-[3.5rem_minmax(0,1fr)_10.5rem]">
                <div className="relative hidden sm:block" style={{ height: 262 }}>
                    {[...new Set(bores.map((spot) => spot.depth ?? 0))].map((depth) => (
                        <span
                            key={depth}
                            className="absolute right-0 -translate-y-1/2 text-sm text-quiet"
                            style={{ top: 20 + (depth / deepest(bores)) * 240 }}
                        >
                            {depth} mm
                        </span>
                    ))}
                </div>
                <BoreMapDrawing
                    height={240}
                    points={bores.map((spot) => ({
                        depth: spot.depth ?? 0,
                        axis: spot.part,
                        size: spot.reading?.millimetres ?? null,
                    }))}
                    at={(depth, axis) => {
                        const spot = at(depth, axis)
                        return (
                            spot && (
                                <div className="rounded-field border border-base-content bg-base-100 px-0.5">
                                    <ReadingField spot={spot} desk={desk} compact />
                                </div>
                            )
                        )
                    }}
                />
                <div className="col-span-full mt-2 flex flex-wrap gap-x-8 lg:col-span-1 lg:mt-0 lg:block">
                    {shape.map((item) => (
                        <Shape key={item.id} item={item} />
                    ))}
                </div>
            </div>
        </div>
    )
}

const deepest = (bores: Spot[]) => Math.max(...bores.map((spot) => spot.depth ?? 0)) * 1.08

function Shape({ item }: { item: Assessment }) {
    return (
        <div className="border-b border-line py-2 first:pt-0">
            <p className="text-sm leading-tight text-quiet">{item.name.replace(/,.*/, '').toLowerCase()}</p>
            <p className="text-xl leading-tight font-bold">{item.figure?.replace(' to ', '–') ?? '–'}</p>
            <p className="flex items-center gap-1.5 text-sm leading-tight font-bold">
                <VerdictMark state={item.verdict?.state ?? null} size={17} />
                {item.verdict?.words ?? 'Not measured'}
            </p>
        </div>
    )
}

/** The assessment as it would be with what is being typed, or as it stands. */
export function assessmentOf(job: Job, desk: Desk, id: string): Assessment | undefined {
    return (
        desk.preview?.assessments.find((assessment) => assessment.id === id) ??
        job.measuring.assessments.find((assessment) => assessment.id === id)
    )
}

const WORDS: Record<NonNullable<Schemas['BoreAdvice']['decision']>, string> = {
    keep: 'Keep it',
    piston: 'New piston in this bore',
    hone: 'Hone it',
    rebore: 'Rebore',
    replate: 'Have it plated',
    replace: 'Replace it',
}

/** What to do with the bore: the advice lit, the other ways beside it with why they are not. */
export function DecideBore({ job, cylinder }: { job: Job; cylinder: string }) {
    const bore = job.fitting.bores.find((item) => item.cylinder === cylinder)
    if (!bore || bore.missing) {
        return null
    }
    return (
        <section aria-label="Decide the bore" className="my-3">
            <div className="flex flex-wrap items-stretch gap-px overflow-hidden rounded-box border-2 border-base-content bg-base-content">
                <Way bore={bore} job={job} />
                {bore.considered
                    .filter((item) => item.label !== bore.size)
                    .map((item) => (
                        <div key={item.label} className="min-w-36 flex-1 bg-base-100 px-3 py-2">
                            <p className="font-bold">{item.fits ? `${item.label}, possible` : `${item.label}, no`}</p>
                            <p className="text-sm leading-tight text-quiet">{item.why}</p>
                        </div>
                    ))}
            </div>
            <p className="mt-1 text-sm text-quiet">
                {bore.reasons.join(' ')}
                {bore.honeBudgetLeft !== null &&
                    ` Hone budget left on this barrel: ${bore.honeBudgetLeft.toFixed(3)} mm.`}
            </p>
            <p className="mt-1 flex flex-wrap items-center gap-x-4 text-sm">
                {bore.decided && (
                    <span>
                        Decided: <b>{bore.decided}</b> {bore.decidedBy}
                    </span>
                )}
                <a className="underline decoration-1 underline-offset-3" href={`/jobs/${job.number}/machine-shop`}>
                    Order for the machine shop
                </a>
            </p>
        </section>
    )
}

function Way({ bore, job }: { bore: Schemas['BoreAdvice']; job: Job }) {
    const of = bore.size ? `${bore.decision === 'piston' ? ', ' : ' to '}${bore.size}` : ''
    const short = `${bore.decision === 'piston' ? 'new piston' : bore.decision}${of}`
    const { decision } = bore
    const decide = () =>
        decision &&
        void outbox.add(
            job.number,
            'bore_decided',
            {
                cylinder: bore.cylinder,
                decision,
                ...(bore.size ? { size: bore.size } : {}),
                reason: bore.reasons[0] ?? '',
            },
            `Bore: ${short}`,
        )
    const words = `${decision ? WORDS[decision] : ''}${of}`
    const done = bore.decided === short
    return (
        <button
            type="button"
            onClick={decide}
            disabled={done}
            className={`min-w-52 flex-[2] px-3 py-2 text-left ${done ? 'bg-base-200' : 'bg-base-content text-base-100'}`}
        >
            <span className="block text-lg leading-tight font-bold">{words}</span>
            {bore.finishAim !== null && (
                <span className="block text-sm leading-tight">
                    finish {bore.finishMin?.toFixed(3)} to {bore.finishMax?.toFixed(3)}, aim {bore.finishAim.toFixed(3)}{' '}
                    · takes out {bore.remove?.toFixed(3)}
                    {bore.piston !== null && ` · order piston ${bore.piston.toFixed(3)}`}
                </span>
            )}
            <span className="block text-sm">{done ? 'decided' : 'touch to decide'}</span>
        </button>
    )
}
