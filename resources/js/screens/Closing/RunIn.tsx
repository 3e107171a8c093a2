import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { ThrottleBar } from '../../drawings/ThrottleBar'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { Mixture } from './Mixture'
import { Rechecks } from './Rechecks'

type Stage = Schemas['RunInStage']

interface Typed {
    perWeek: string
    stages: { until: string; throttle: string; note: string }[]
    rechecks: { what: string; hours: string; days: string }[]
    ratio: string
    after: string
    note: string
}

/** The run-in sheet: made out from what the engine sheet says, changed where the mechanic knows better, printed for the owner. */
export function RunIn({ job, closing }: { job: Job; closing: Closing }) {
    const { runIn } = closing
    const [isOpen, setIsOpen] = useState(false)
    const isMaking = !runIn.planned || isOpen
    return (
        <div className="grid items-start gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_24rem] print:block">
            <article className="bg-base-100 print:text-[12pt]" aria-label="Run-in sheet">
                <h2 className="text-2xl font-bold">Running in: {job.title}</h2>
                <p className="text-quiet">
                    job {job.number}, {job.closing.owner}
                    {runIn.source && `; after ${runIn.source}`}
                </p>
                <Stretches stages={runIn.stages} />
                <Mixture
                    ratio={runIn.ratio}
                    after={runIn.ratioAfter}
                    last={runIn.stages[runIn.stages.length - 1]?.until ?? null}
                />
                <Rechecks job={job} closing={closing} />
                {runIn.note && <p className="mt-3 font-bold">{runIn.note}</p>}
                <p className="mt-4 border-t-2 border-base-content pt-2 text-sm font-bold">
                    Stop at once for a new noise, a lamp, loss of oil or water, or heat; do not run on. The engine
                    maker’s service manual and local rules come first.
                </p>
            </article>
            <div className="no-print">
                {isMaking && runIn.step !== null && !runIn.step.ready && runIn.step.held && (
                    <p className="mb-2 text-sm text-quiet">{runIn.step.held}</p>
                )}
                {isMaking ? (
                    <Making key={String(runIn.planned)} job={job} runIn={runIn} onDone={() => setIsOpen(false)} />
                ) : (
                    <button type="button" className="btn h-12 px-4" onClick={() => setIsOpen(true)}>
                        Make it out anew
                    </button>
                )}
                <button type="button" className="btn mt-3 h-12 px-6" onClick={() => window.print()}>
                    Print for the owner
                </button>
            </div>
        </div>
    )
}

function Stretches({ stages }: { stages: Stage[] }) {
    if (stages.length === 0) {
        return <p className="mt-2">No stretch with the throttle held back is stated for this engine.</p>
    }
    return (
        <ol className="mt-2 border-t-2 border-base-content">
            {stages.map((stage, index) => (
                <li key={stage.until} className="grid grid-cols-[7rem_1fr] gap-x-4 border-b border-line py-2">
                    <p className="leading-tight text-quiet">
                        {index === 0 ? 'from new' : `from ${stages[index - 1]?.until}`}
                        <b className="block text-2xl text-base-content">to {stage.until}</b>
                    </p>
                    <div>
                        <ThrottleBar throttle={stage.throttle} />
                        <p className="text-xl font-bold">Throttle to {stage.throttle}</p>
                        {stage.note && <p>{stage.note}</p>}
                    </div>
                </li>
            ))}
        </ol>
    )
}

const figure = (hours: string | null | undefined) => (hours ?? '').replace(/ h$/, '')

const hoursOf = (when: string) => /([\d.]+) h/.exec(when)?.[1] ?? ''
const daysOf = (when: string) => /(\d+) days?/.exec(when)?.[1] ?? ''

function Making({ job, runIn, onDone }: { job: Job; runIn: Schemas['RunIn']; onDone: () => void }) {
    const blank: Typed = {
        perWeek: String(runIn.hoursPerWeek),
        stages: runIn.stages.map((stage) => ({
            until: figure(stage.until),
            throttle: stage.throttle,
            note: stage.note ?? '',
        })),
        // what the bench itself asks for (a valve left loose) is asked for by its own entry
        rechecks: runIn.rechecks
            .filter((recheck) => recheck.id === '')
            .map((recheck) => ({ what: recheck.what, hours: hoursOf(recheck.when), days: daysOf(recheck.when) })),
        ratio: runIn.ratio === null ? '' : String(runIn.ratio),
        after: runIn.ratioAfter === null ? '' : String(runIn.ratioAfter),
        note: runIn.note ?? '',
    }
    const { typed, setTyped, enter, isSending, refusal } = useEntering<Typed>(job.number, 'run-in', blank, 'closing')
    const change = (rows: 'stages' | 'rechecks', index: number, part: Record<string, string>) =>
        setTyped({ ...typed, [rows]: typed[rows].map((row, at) => (at === index ? { ...row, ...part } : row)) })
    const send = () => {
        void enter(
            'run_in_planned',
            {
                hours_per_week: Number(typed.perWeek.replace(',', '.')),
                stages: typed.stages
                    .filter((stage) => stage.until.trim() !== '')
                    .map((stage) => ({
                        until: `${stage.until.trim()} h`,
                        throttle: stage.throttle,
                        ...(stage.note.trim() === '' ? {} : { note: stage.note }),
                    })),
                rechecks: typed.rechecks
                    .filter((recheck) => recheck.what.trim() !== '')
                    .map((recheck) => ({
                        what: recheck.what,
                        ...(recheck.hours.trim() === '' ? {} : { hours: `${recheck.hours.trim()} h` }),
                        ...(recheck.days.trim() === '' ? {} : { days: Number(recheck.days) }),
                    })),
                ...(typed.ratio.trim() === ''
                    ? {}
                    : {
                          mixture: {
                              ratio: Number(typed.ratio),
                              ...(typed.after.trim() === '' ? {} : { after: Number(typed.after) }),
                          },
                      }),
                ...(typed.note.trim() === '' ? {} : { note: typed.note.trim() }),
            },
            'Run-in sheet made out',
        )
        onDone()
    }
    return (
        <form
            aria-label="Make out the run-in sheet"
            className={`border-2 p-3 ${runIn.step?.ready ? 'border-primary' : 'border-line'}`}
            onSubmit={(event) => {
                event.preventDefault()
                if (!isSending) {
                    send()
                }
            }}
        >
            <Field
                label="run about so many hours a week"
                value={typed.perWeek}
                onChange={(perWeek) => setTyped({ ...typed, perWeek })}
            />
            {typed.stages.map((stage, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: rows are typed into and keep their place
                <div key={index} className="mt-2 flex gap-2">
                    <Field
                        label="to, h"
                        className="w-20"
                        value={stage.until}
                        onChange={(until) => change('stages', index, { until })}
                    />
                    <label className="block min-w-0 flex-1">
                        <span className="block text-xs text-quiet">throttle to</span>
                        <input
                            className="input h-12 w-full"
                            value={stage.throttle}
                            onChange={(event) => change('stages', index, { throttle: event.target.value })}
                        />
                    </label>
                </div>
            ))}
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() =>
                    setTyped({
                        ...typed,
                        stages: [...typed.stages, { until: '', throttle: 'three quarters', note: '' }],
                    })
                }
            >
                Another stretch
            </button>
            {typed.rechecks.map((recheck, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: rows are typed into and keep their place
                <div key={index} className="mt-2 flex gap-2">
                    <label className="block min-w-0 flex-1">
                        <span className="block text-xs text-quiet">looked at again</span>
                        <input
                            className="input h-12 w-full"
                            value={recheck.what}
                            onChange={(event) => change('rechecks', index, { what: event.target.value })}
                        />
                    </label>
                    <Field
                        label="after, h"
                        className="w-18"
                        value={recheck.hours}
                        onChange={(hours) => change('rechecks', index, { hours })}
                    />
                    <Field
                        label="or days"
                        className="w-18"
                        value={recheck.days}
                        onChange={(days) => change('rechecks', index, { days })}
                    />
                </div>
            ))}
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() => setTyped({ ...typed, rechecks: [...typed.rechecks, { what: '', hours: '', days: '' }] })}
            >
                Something else to look at
            </button>
            {runIn.ratio !== null && (
                <div className="mt-1 flex gap-2">
                    <Field
                        label="mixture, fuel to 1 of oil"
                        value={typed.ratio}
                        onChange={(ratio) => setTyped({ ...typed, ratio })}
                    />
                    <Field
                        label="after that"
                        className="w-28"
                        value={typed.after}
                        onChange={(after) => setTyped({ ...typed, after })}
                    />
                </div>
            )}
            <label className="mt-2 block">
                <span className="block text-xs text-quiet">a word to the owner</span>
                <input
                    className="input h-12 w-full"
                    value={typed.note}
                    onChange={(event) => setTyped({ ...typed, note: event.target.value })}
                />
            </label>
            <button type="submit" className="btn btn-primary mt-3 h-12 w-full" disabled={isSending}>
                Run-in sheet made out
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}
