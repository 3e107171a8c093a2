import type { Job, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useTypedUnit } from '../../app/units'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

const share = (figure: number | null) => (figure === null ? '–' : `${Math.round(figure * 100)} %`)

/** Cranking compression before and after, how far the cylinders differ, and with oil on the crown where one is low. */
export function Compression({ job, closing }: { job: Job; closing: Closing }) {
    const { rows, limit, spreadBefore, spreadAfter, spreadState, spreadAllowed, hint } = closing.compression
    return (
        <section aria-label="Cranking compression" className="mt-5 border-t-2 border-base-content pt-2">
            <h2 className="text-lg font-bold">Cranking compression</h2>
            <p className="max-w-[52rem] leading-snug text-quiet">
                {hint} {limit ? `Limit ${limit}.` : 'The sheet states no limit.'}
            </p>
            <table className="mt-1 w-full text-left">
                <thead>
                    <tr className="text-sm text-quiet">
                        <th className="py-1 font-normal">cylinder</th>
                        <th className="font-normal">as it came in</th>
                        <th className="font-normal">now</th>
                        <th className="font-normal">with oil</th>
                        <th className="font-normal">enter</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <Row key={row.cylinder} job={job} row={row} />
                    ))}
                    {rows.length > 1 && (
                        <tr className="border-t-2 border-base-content">
                            <th scope="row" className="py-1 font-bold">
                                spread
                            </th>
                            <td>{share(spreadBefore)}</td>
                            <td colSpan={3}>
                                <span className="flex items-center gap-2">
                                    {spreadAfter !== null && <VerdictMark state={spreadState} size={18} />}
                                    <b>{share(spreadAfter)}</b>
                                    {spreadAllowed !== null &&
                                        ` of the highest; up to ${share(spreadAllowed)} is allowed`}
                                </span>
                            </td>
                        </tr>
                    )}
                </tbody>
            </table>
        </section>
    )
}

const BLANK = { figure: '' }

function Row({ job, row }: { job: Job; row: Schemas['CompressionRow'] }) {
    const tool = job.measuring.tools.find((each) => each.kind === 'pressure gauge')?.id
    const unit = useTypedUnit('pressure')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `compression:${row.cylinder}`,
        BLANK,
        'closing',
    )
    const figure = withUnit(typed.figure, unit)
    const dry = () => {
        if (typed.figure.trim() !== '' && !isSending) {
            void enter(
                'reading_taken',
                { spot: row.spot, reading: figure, ...(tool ? { tool } : {}) },
                `Compression ${row.name}: ${figure}`,
            )
        }
    }
    return (
        <tr className="border-t border-line">
            <th scope="row" className="py-1 text-lg font-bold first-letter:uppercase">
                {row.name}
            </th>
            <td>{row.before ?? '–'}</td>
            <td>
                <span className="flex items-center gap-1.5">
                    {row.after && <VerdictMark state={row.state} size={18} />}
                    <b>{row.after ?? '–'}</b>
                </span>
                {row.words && <span className="block text-sm leading-tight">{row.words}</span>}
            </td>
            <td>
                {row.wet ?? '–'}
                {row.says && <span className="block text-sm leading-tight">{row.says}</span>}
            </td>
            <td className="py-1">
                <form
                    aria-label={`Compression, ${row.name}`}
                    className="flex items-end gap-2"
                    onSubmit={(event) => {
                        event.preventDefault()
                        dry()
                    }}
                >
                    <Field
                        label={unit}
                        className="w-28"
                        value={typed.figure}
                        onChange={(next) => setTyped({ figure: next })}
                    />
                    <button type="submit" className="btn h-12 px-3" disabled={isSending}>
                        Dry
                    </button>
                    <button
                        type="button"
                        className="btn h-12 px-3"
                        disabled={isSending}
                        onClick={() => {
                            if (typed.figure.trim() !== '') {
                                void enter(
                                    'compression_wet',
                                    { cylinder: row.cylinder, pressure: figure },
                                    `With oil, ${row.name}: ${figure}`,
                                )
                            }
                        }}
                    >
                        With oil
                    </button>
                </form>
                <Refused refusal={refusal} />
            </td>
        </tr>
    )
}
