import { useEffect, useState } from 'react'
import { call, type Job, type Payloads, type Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { clockOffset } from '../../app/shopClock'
import { useTypedUnit } from '../../app/units'
import { useEntering } from '../../app/useEntering'
import { LeakCurve } from '../../drawings/LeakCurve'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Choice } from '../../parts/Choice'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

type Board = Schemas['LeakBoard']

/** The cases of a two-stroke under pressure: a clock, a gauge read several times, the curve, and what it proves. */
export function LeakTest({ job, leak }: { job: Job; leak: Board }) {
    const test = leak.tests[leak.tests.length - 1]
    return (
        <section aria-label="Leak test" className="grid items-start gap-x-7 gap-y-3 lg:grid-cols-[minmax(0,1fr)_25rem]">
            <div className="min-w-0">
                <h2 className="text-lg font-bold">Cases and barrel under pressure</h2>
                <LeakCurve tests={leak.tests} allowed={leak.allowed} asked={leak.pressure} time={leak.time} />
                <p className="text-sm text-quiet">
                    {leak.allowed === null
                        ? 'The sheet states no limit: the figure stands, the judgement is yours.'
                        : `Allowed: from ${leak.pressure} kPa, ${leak.allowed.toFixed(1)} kPa a minute over ${Math.round((leak.time ?? 0) / 60)} minutes${leak.source ? `, ${leak.source}` : ''}. Shaded: what may be lost.`}
                </p>
                <Found job={job} leak={leak} />
            </div>
            <div className="order-first border-2 border-primary p-3 lg:order-none">
                {test ? (
                    <div aria-live="polite">
                        <p className="flex items-center gap-2 text-2xl leading-tight font-bold">
                            <VerdictMark state={test.stale ? null : test.state} size={24} />
                            {test.headline}
                        </p>
                        <p className="mt-1 leading-snug">{test.says}</p>
                    </div>
                ) : (
                    <p className="leading-snug">
                        <b className="block text-2xl">Close inlet and exhaust</b>
                        {leak.before}
                    </p>
                )}
                {test && !test.stale && <Clock since={test.begun} />}
                <Gauge key={test?.begun ?? 'first'} job={job} isRunning={test !== undefined && !test.stale} />
                {leak.step?.held && <p className="mt-1 text-sm text-quiet">{leak.step.held}</p>}
            </div>
        </section>
    )
}

function Clock({ since }: { since: string }) {
    const [now, setNow] = useState(() => Date.now())
    useEffect(() => {
        const timer = setInterval(() => setNow(Date.now()), 500)
        return () => clearInterval(timer)
    }, [])
    const seconds = Math.max(0, Math.floor((now + (clockOffset() ?? 0) - new Date(since).getTime()) / 1000))
    const two = (part: number) => String(part).padStart(2, '0')
    return (
        <p className="mt-2 text-6xl font-bold tabular-nums" role="timer" aria-label="since the test began">
            {Math.floor(seconds / 60)}:{two(seconds % 60)}
        </p>
    )
}

/** What the simulated gauge shows now; a real one’s adapter would answer the same. */
const readSimulated = async (job: number) =>
    String((await call<{ pressure: number }>('GET', `/jobs/${job}/stand-in-gauge`)).pressure)

const BLANK = { pressure: '', after: '' }

function Gauge({ job, isRunning }: { job: Job; isRunning: boolean }) {
    const unit = useTypedUnit('pressure')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, 'gauge', BLANK, 'closing')
    const send = (starts: boolean) => {
        if (typed.pressure.trim() === '' || isSending) {
            return
        }
        const after = typed.after.trim()
        void enter(
            'leak_gauge_read',
            {
                pressure: withUnit(typed.pressure, unit),
                ...(starts ? { starts: true } : after === '' ? {} : { after: withUnit(after, 'min') }),
            },
            `Gauge ${withUnit(typed.pressure, unit)}`,
        )
    }
    return (
        <form
            className="mt-2"
            onSubmit={(event) => {
                event.preventDefault()
                send(!isRunning)
            }}
        >
            <div className="flex items-end gap-2">
                <Field
                    label={`gauge, ${unit}`}
                    value={typed.pressure}
                    onChange={(pressure) => setTyped({ ...typed, pressure })}
                />
                {isRunning && (
                    <Field
                        label="after, min"
                        className="w-28"
                        placeholder="now"
                        value={typed.after}
                        onChange={(after) => setTyped({ ...typed, after })}
                    />
                )}
            </div>
            <div className="mt-2 flex gap-2">
                <button type="submit" className="btn btn-primary h-12 flex-1" disabled={isSending}>
                    {isRunning ? 'Gauge reads' : 'Start at this pressure'}
                </button>
                {isRunning && (
                    <button type="button" className="btn h-12 px-3" disabled={isSending} onClick={() => send(true)}>
                        Begin anew
                    </button>
                )}
            </div>
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                disabled={isSending}
                onClick={() => void readSimulated(job.number).then((pressure) => setTyped({ ...typed, pressure }))}
            >
                Read the simulated gauge
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}

const WHERE_BLANK: Payloads['leak_found'] = { where: '', how: 'soap' }

function Found({ job, leak }: { job: Job; leak: Board }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, 'leak-found', WHERE_BLANK, 'closing')
    return (
        <form
            aria-label="Leak found"
            className="mt-3 border-t-2 border-base-content pt-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.where.trim() !== '' && !isSending) {
                    void enter(
                        'leak_found',
                        { where: typed.where.trim(), how: typed.how },
                        `Leak at the ${typed.where}`,
                    )
                }
            }}
        >
            <h3 className="font-bold">Where it comes out</h3>
            {leak.found.map((found) => (
                <p key={found}>{found}</p>
            ))}
            <div className="mt-1 flex flex-wrap items-end gap-2">
                <label className="block min-w-44 flex-1">
                    <span className="block text-xs text-quiet">leak at the</span>
                    <input
                        className="input h-12 w-full"
                        placeholder="base joint, crank seal behind the rotor"
                        value={typed.where}
                        onChange={(event) => setTyped({ ...typed, where: event.target.value })}
                    />
                </label>
                <Choice
                    label="By what"
                    options={[
                        ['soap', 'soap'],
                        ['ear', 'ear'],
                        ['hand', 'hand'],
                    ]}
                    chosen={typed.how}
                    onChoose={(how) => setTyped({ ...typed, how })}
                />
                <button type="submit" className="btn h-12 px-4" disabled={isSending}>
                    Found
                </button>
            </div>
            <Refused refusal={refusal} />
        </form>
    )
}
