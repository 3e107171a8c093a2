import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useKept } from '../../app/kept'
import { toNextRow } from '../../app/nextRow'
import { outbox } from '../../app/outbox'
import type { ValveOnBench } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Refused } from '../../parts/Refused'

const BLANK = { size: '' }

/** One valve’s line: what was read, the shim that is in, the one that goes in, and what comes of it. */
export function ShimRow({
    job,
    valve,
    row,
    task,
}: {
    job: Job
    valve: ValveOnBench
    row: Schemas['ShimRow'] | null
    task: string
}) {
    const isFitting = task === 'fit' && row !== null && row.changes
    return (
        <tr className={`border-t border-line ${row?.changes ? '' : 'text-quiet'}`}>
            <th scope="row" className="py-1 pr-2 text-lg font-bold">
                {valve.id}
            </th>
            <td className="pr-2">
                <span className="flex items-center gap-1.5">
                    <VerdictMark state={valve.state} size={18} />
                    {valve.now ?? valve.before ?? 'not read'}
                </span>
            </td>
            <td className="pr-2">{valve.shim ?? <FoundShim job={job} valve={valve} />}</td>
            <td className="pr-2">
                {row && (
                    <>
                        <b className={row.changes ? 'text-lg' : 'font-normal'}>{row.to}</b>
                        <span className="block text-sm leading-tight">{row.words}</span>
                    </>
                )}
            </td>
            <td>
                {isFitting ? (
                    row.fitted ? (
                        <b>in, {row.fitted}</b>
                    ) : (
                        <button
                            type="button"
                            className="btn btn-primary h-12 px-4"
                            aria-label={`${valve.id}: ${row.to} is in`}
                            onClick={() => putIn(job, row)}
                        >
                            In
                        </button>
                    )
                ) : (
                    row?.after
                )}
            </td>
        </tr>
    )
}

const putIn = (job: Job, row: Schemas['ShimRow']) =>
    void outbox.add(
        job.number,
        'shim_fitted',
        {
            valve: row.valve,
            size: row.to,
            source: row.source,
            ...(row.whose === null ? {} : { whose: row.whose }),
        },
        `Shim in, ${row.valve}: ${row.to}`,
    )

/** The shim that a valve came in with, by the micrometer. */
function FoundShim({ job, valve }: { job: Job; valve: ValveOnBench }) {
    // the same hand reads all of them one way
    const [by, setBy] = useKept<'micrometer' | 'printed'>(`valves:${job.number}:shims-by`, 'micrometer')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `shim:${valve.id}`, BLANK, 'valves')
    return (
        <form
            data-row="shim"
            aria-label={`Shim of ${valve.id}`}
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.size.trim() !== '' && !isSending) {
                    toNextRow(event.currentTarget, 'shim')
                    void enter(
                        'shim_read',
                        { valve: valve.id, size: withUnit(typed.size, 'mm'), by },
                        `Shim of ${valve.id}: ${typed.size}`,
                    )
                }
            }}
        >
            <input
                className="input h-12 w-24 text-lg font-bold"
                inputMode="decimal"
                autoComplete="off"
                placeholder="2.45"
                aria-label={`Shim of ${valve.id}, mm`}
                value={typed.size}
                onChange={(event) => setTyped({ size: event.target.value })}
            />
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() => setBy(by === 'micrometer' ? 'printed' : 'micrometer')}
            >
                {by === 'micrometer' ? 'by micrometer' : 'as printed on it'}
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}
