import { Link } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

/** What goes in, and how much of it: the hold before the first start asks for each. */
export function Filling({ job, closing }: { job: Job; closing: Closing }) {
    return (
        <div className="max-w-[60rem]">
            {closing.fills.length === 0 && (
                <p>Nothing is filled in this job: neither oil nor coolant was let out for it.</p>
            )}
            <ol className="grid gap-3">
                {closing.fills.map((fill) => (
                    <Fill key={fill.fluid} job={job} fill={fill} />
                ))}
            </ol>
            {closing.holdStep && (
                <p className="mt-4 leading-snug">
                    <b>{closing.holdStep.name}</b>: {closing.holdStep.held ?? 'its questions are asked on the bench.'}{' '}
                    <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${job.number}`}>
                        To the bench
                    </Link>
                </p>
            )}
        </div>
    )
}

const BLANK = { amount: '', grade: '', sure: false }

function Fill({ job, fill }: { job: Job; fill: Schemas['Fill'] }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `fill:${fill.fluid}`,
        BLANK,
        'closing',
    )
    const isNow = fill.step?.ready === true
    const send = (amount: string, sure: boolean) =>
        void enter(
            'fluid_filled',
            {
                fluid: fill.fluid,
                amount: withUnit(amount, 'L'),
                ...(typed.grade.trim() === ''
                    ? fill.grade
                        ? { grade: fill.grade }
                        : {}
                    : { grade: typed.grade.trim() }),
                ...(sure ? { sure: true } : {}),
            },
            `${fill.fluid}: ${amount}`,
        )
    return (
        <li aria-label={fill.fluid} className={`border-2 p-3 ${isNow ? 'border-primary' : 'border-line'}`}>
            <h2 className="text-xl font-bold first-letter:uppercase">
                {fill.fluid}
                {fill.capacity && <span className="font-normal text-quiet"> · {fill.capacity}</span>}
            </h2>
            <p className="text-quiet">{fill.grade ?? 'the sheet states no grade: go by the engine maker’s manual'}</p>
            {fill.filled ? (
                <p className="mt-1 text-lg font-bold">
                    ✓ {fill.filled}, {fill.by}
                </p>
            ) : (
                <form
                    className="mt-2 flex flex-wrap items-end gap-3"
                    onSubmit={(event) => {
                        event.preventDefault()
                        const amount = typed.amount.trim() || (fill.capacity ?? '')
                        if (amount !== '' && !isSending) {
                            send(amount, false)
                        }
                    }}
                >
                    <Field
                        label="went in, L"
                        className="w-32"
                        placeholder={fill.capacity?.replace(' L', '') ?? ''}
                        value={typed.amount}
                        onChange={(amount) => setTyped({ ...typed, amount })}
                    />
                    <label className="block min-w-48 flex-1">
                        <span className="block text-xs text-quiet">of</span>
                        <input
                            className="input h-12 w-full"
                            placeholder={fill.grade ?? ''}
                            value={typed.grade}
                            onChange={(event) => setTyped({ ...typed, grade: event.target.value })}
                        />
                    </label>
                    <button
                        type="submit"
                        className={`btn h-12 px-5 ${isNow ? 'btn-primary' : ''}`}
                        disabled={isSending}
                    >
                        Filled, level read
                    </button>
                </form>
            )}
            <Refused refusal={refusal} />
            {refusal?.field.endsWith('amount') && (
                <button type="button" className="btn mt-1 h-12 px-4" onClick={() => send(typed.amount, true)}>
                    It is that much, I am sure
                </button>
            )}
            {fill.step?.held && <p className="mt-1 text-sm text-quiet">{fill.step.held}</p>}
        </li>
    )
}
