import { useState } from 'react'
import type { Job, Step } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useBenchDoor } from '../../app/useBenchDoor'
import { useWaiting } from '../../app/useOutbox'
import { ReasonForm } from '../../parts/ReasonForm'
import { HoldQuestion, useAccepting } from './HoldQuestion'
import { SecondsPin, type Vouchers } from './SecondsPin'

/** A hold: what would be trapped or forgotten, answered one by one by a gloved finger; one may be waived by name. */
export function Hold({ job, step, lit = false }: { job: Job; step: Step; lit?: boolean }) {
    const { value: waiving, change: setWaiving } = useDraft<number | null>(`waiving:${job.number}:${step.id}`, null)
    const { value: second, change: setSecond } = useDraft(`second:${job.number}:${step.id}`, '')
    const { value: vouchers, change: setVouchers } = useDraft<Vouchers>(`vouchers:${job.number}:${step.id}`, {})
    const withSecond = (item: number) => (second ? { second, ...vouchedBy(vouchers, item) } : {})
    const sent = new Set(
        useWaiting(job.number)
            .filter((entry) => entry.kind.startsWith('hold_') && entry.refusal === null)
            .map((entry) => entry.payload as { hold: string; item: number })
            .filter((payload) => payload.hold === step.id)
            .map((payload) => payload.item),
    )
    const accepting = useAccepting(job.number)
    const unseen = step.asks.filter((ask) => ask.by === null && !sent.has(ask.item)).length
    const questions = step.questions.filter((each) => each.by === null && !accepting.has(each.verdict)).length
    return (
        <section
            aria-label={step.name}
            className={`rounded-box border-3 p-3 ${lit ? 'border-primary' : 'border-base-content'}`}
        >
            <p className="flex flex-wrap items-baseline justify-between gap-2">
                <span className="text-xl font-bold">{step.name}</span>
                <span className="text-sm">{leftInWords(unseen, questions)}</span>
            </p>
            <p className="text-sm text-quiet">{step.why}</p>
            {step.secondPerson && (
                <Second
                    job={job}
                    step={step}
                    left={unseen}
                    second={second}
                    onSecond={(initials, vouched) => {
                        setSecond(initials)
                        setVouchers(vouched)
                    }}
                />
            )}
            <ul className="mt-2">
                {step.questions.map((question) => (
                    <HoldQuestion
                        key={question.verdict}
                        job={job}
                        step={step}
                        question={question}
                        sent={accepting.has(question.verdict)}
                    />
                ))}
                {step.asks.map((ask) => {
                    const seen = ask.by !== null || sent.has(ask.item)
                    return (
                        <li key={ask.item} className="border-t border-line py-1">
                            <div className="grid grid-cols-[1fr_auto] items-center gap-2">
                                <button
                                    type="button"
                                    disabled={seen}
                                    onClick={() =>
                                        void outbox.add(
                                            job.number,
                                            'hold_answered',
                                            { hold: step.id, item: ask.item, ...withSecond(ask.item) },
                                            `Seen: ${ask.text.toLowerCase()}`,
                                        )
                                    }
                                    className="flex min-h-13 items-center gap-3 rounded-field px-1 text-left text-lg leading-tight disabled:cursor-default"
                                >
                                    <svg viewBox="0 0 32 32" className="size-9 shrink-0" aria-hidden="true">
                                        <circle
                                            cx="16"
                                            cy="16"
                                            r="12.5"
                                            className={seen ? 'fill-base-content' : 'fill-base-100 stroke-primary'}
                                            strokeWidth={seen ? 0 : 4}
                                        />
                                        {seen && !ask.waived && (
                                            <path
                                                d="M9 16.5l5 5L23 11"
                                                className="fill-none stroke-base-100"
                                                strokeWidth="4"
                                            />
                                        )}
                                        {ask.waived && (
                                            <path d="M9 16h14" className="stroke-base-100" strokeWidth="4" />
                                        )}
                                    </svg>
                                    <span className={seen ? 'text-quiet' : 'font-bold'}>
                                        {ask.text}
                                        {ask.waived && <span className="block text-sm">waived: {ask.waived}</span>}
                                    </span>
                                </button>
                                {seen ? (
                                    <span className="text-sm font-bold">{ask.by}</span>
                                ) : (
                                    <button
                                        type="button"
                                        aria-label={`Waive: ${ask.text}`}
                                        className="min-h-11 px-2 text-sm underline decoration-1 underline-offset-3"
                                        onClick={() => setWaiving(waiving === ask.item ? null : ask.item)}
                                    >
                                        waive
                                    </button>
                                )}
                            </div>
                            {waiving === ask.item && !seen && (
                                <ReasonForm
                                    keep={`waive:${job.number}:${step.id}:${ask.item}`}
                                    label="Why it is waived"
                                    hint="why; it stays on the record with your initials"
                                    confirm="Waive it"
                                    onReason={(reason, id) => {
                                        setWaiving(null)
                                        void outbox.add(
                                            job.number,
                                            'hold_waived',
                                            { hold: step.id, item: ask.item, reason },
                                            `Waived: ${ask.text.toLowerCase()}`,
                                            { id },
                                        )
                                    }}
                                />
                            )}
                        </li>
                    )
                })}
            </ul>
        </section>
    )
}

const vouchedBy = (vouchers: Vouchers, item: number) => {
    const vouched = vouchers[item]
    return vouched ? { vouched } : {}
}

function leftInWords(unseen: number, questions: number): string {
    const toSettle = questions === 0 ? [] : [`${questions} to settle or accept`]
    const left = unseen === 0 ? toSettle : [`${unseen} to be seen`, ...toSettle]
    return left.length === 0 ? 'all seen' : left.join(', ')
}

/** Who looks as well: another pair of eyes of this shop, or the same person's own sign-in at another tablet. */
function Second({
    job,
    step,
    left,
    second,
    onSecond,
}: {
    job: Job
    step: Step
    left: number
    second: string
    onSecond: (initials: string, vouchers: Vouchers) => void
}) {
    const { value: waiving, change: setWaiving } = useDraft(`alone:${job.number}:${step.id}`, false)
    const alone = left === 0 && step.answerers.length < 2
    const door = useBenchDoor()
    const [asked, setAsked] = useState('')
    const looks = (initials: string, vouchers: Vouchers) => {
        onSecond(initials, vouchers)
        if (alone && initials) {
            void outbox.add(
                job.number,
                'hold_answered',
                { hold: step.id, item: 0, second: initials, ...vouchedBy(vouchers, 0) },
                `Seen with ${initials}`,
            )
        }
    }
    const hasPin = (initials: string) => door.data?.people.some((each) => each.initials === initials)
    if (step.alone) {
        return <p className="mt-1 text-sm">Looked at by {step.alone} alone.</p>
    }
    const others = job.log.people.filter((initials) => !(step.answerers.length === 1 && step.answerers[0] === initials))
    return (
        <fieldset className="mt-1 flex flex-wrap items-center gap-2" aria-label="Second person">
            <span className={`text-sm ${alone ? 'font-bold' : ''}`}>
                {step.answerers.length > 1
                    ? `Seen by ${step.answerers.join(' and ')}.`
                    : alone
                      ? 'A second person has to look. Who looks with you?'
                      : 'Two people look. Who looks with you?'}
            </span>
            {step.answerers.length < 2 &&
                others.map((initials) => (
                    <button
                        key={initials}
                        type="button"
                        aria-pressed={second === initials}
                        className={`h-11 min-w-13 rounded-field border-2 font-bold ${second === initials ? 'border-base-content bg-base-content text-base-100' : 'border-line'}`}
                        onClick={() => {
                            // where it is the shop's own tablet, nobody is named who has not typed their PIN
                            if (second !== initials && hasPin(initials)) {
                                setAsked(initials)
                            } else {
                                looks(second === initials && !alone ? '' : initials, {})
                            }
                        }}
                    >
                        {initials}
                    </button>
                ))}
            {step.answerers.length < 2 && (
                <button
                    type="button"
                    className="min-h-11 px-2 text-sm underline decoration-1 underline-offset-3"
                    onClick={() => setWaiving(!waiving)}
                >
                    nobody else is here
                </button>
            )}
            {asked && (
                <SecondsPin
                    initials={asked}
                    job={job.number}
                    hold={step.id}
                    items={alone ? [0] : step.asks.filter((ask) => ask.by === null).map((ask) => ask.item)}
                    onClose={() => setAsked('')}
                    onVouched={(vouchers) => {
                        setAsked('')
                        looks(asked, vouchers)
                    }}
                />
            )}
            {waiving && (
                <ReasonForm
                    keep={`alone-why:${job.number}:${step.id}`}
                    label="Why nobody else looks"
                    hint="why one pair of eyes has to do; it stays on the record"
                    confirm="Look alone"
                    onReason={(reason, id) => {
                        setWaiving(false)
                        void outbox.add(
                            job.number,
                            'second_waived',
                            { hold: step.id, reason },
                            `Looked at alone: ${step.name.toLowerCase()}`,
                            { id },
                        )
                    }}
                />
            )}
        </fieldset>
    )
}
