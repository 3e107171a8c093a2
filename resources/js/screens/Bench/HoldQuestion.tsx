import type { Job, Schemas, Step } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { VerdictMark } from '../../drawings/VerdictMark'
import { ReasonForm } from '../../parts/ReasonForm'

/** The verdicts that somebody has accepted here and that have not been sent yet. */
export function useAccepting(job: number): Set<string> {
    return new Set(
        useWaiting(job)
            .filter((entry) => entry.kind === 'verdict_accepted' && entry.refusal === null)
            .map((entry) => (entry.payload as { verdict: string }).verdict),
    )
}

/** A verdict that a hold would close over: settled by another reading, or accepted by name with a reason. */
export function HoldQuestion({
    job,
    step,
    question,
    sent,
}: {
    job: Job
    step: Step
    question: Schemas['Question']
    sent: boolean
}) {
    const { value: accepting, change } = useDraft(`accepting:${job.number}:${step.id}:${question.verdict}`, false)
    const isAccepted = question.by !== null || sent
    return (
        <li className="border-t border-line py-1">
            <div className="grid grid-cols-[1fr_auto] items-center gap-2">
                <p className="flex min-h-13 items-center gap-3 px-1 text-lg leading-tight">
                    <span className="grid size-9 shrink-0 place-items-center">
                        <VerdictMark state={question.state} size={30} />
                    </span>
                    <span className={isAccepted ? 'text-quiet' : ''}>
                        <b className={isAccepted ? 'font-normal' : ''}>
                            {question.name}: {question.words.charAt(0).toLowerCase() + question.words.slice(1)}
                        </b>
                        <span className="block text-sm">
                            {question.because === null ? question.reason : `accepted: ${question.because}`}
                        </span>
                    </span>
                </p>
                {isAccepted ? (
                    <span className="text-sm font-bold">{question.by}</span>
                ) : (
                    <button
                        type="button"
                        aria-label={`Accept: ${question.name}`}
                        className="min-h-11 px-2 text-sm underline decoration-1 underline-offset-3"
                        onClick={() => change(!accepting)}
                    >
                        accept
                    </button>
                )}
            </div>
            {accepting && !isAccepted && (
                <ReasonForm
                    keep={`accept:${job.number}:${step.id}:${question.verdict}`}
                    label="Why it is accepted"
                    hint="why it may stay so; it stands on the record with your initials"
                    confirm="Accept it"
                    onReason={(reason, id) => {
                        change(false)
                        void outbox.add(
                            job.number,
                            'verdict_accepted',
                            { verdict: question.verdict, state: question.state, reason },
                            `Accepted: ${question.name.toLowerCase()}`,
                            { id },
                        )
                    }}
                />
            )}
        </li>
    )
}
