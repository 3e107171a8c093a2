import { Link } from 'react-router'
import { type RecordDocument, useRecord } from '../../app/queries'
import { comparison } from './comparison'

/** An earlier record beside the new one: what was left open then, what was assumed, each reading then and now. */
export function Beside({ now, then }: { now: number; then: number }) {
    const before = useRecord(then)
    const after = useRecord(now)
    if (!before.data || !after.data) {
        return <p className="mt-3">{before.isError ? `Job ${then} cannot be had now. Trying again.` : 'One moment.'}</p>
    }
    const rows = comparison(before.data.readings, after.data.readings)
    return (
        <div className="mt-3 grid gap-4">
            <Then record={before.data} />
            <table className="w-full text-left">
                <thead className="text-sm text-quiet">
                    <tr>
                        <th className="py-1 pr-3 font-normal">read</th>
                        <th className="py-1 pr-3 font-normal">job {then}</th>
                        <th className="py-1 pr-3 font-normal">job {now}</th>
                        <th className="py-1 font-normal">since then</th>
                    </tr>
                </thead>
                <tbody>
                    {rows.map((row) => (
                        <tr key={row.place} className="border-t border-line">
                            <td className="py-1.5 pr-3">{row.name}</td>
                            <td className="py-1.5 pr-3">{row.before ?? '–'}</td>
                            <td className="py-1.5 pr-3 font-bold">{row.now ?? '–'}</td>
                            <td className="py-1.5 font-bold">{row.change ?? ''}</td>
                        </tr>
                    ))}
                </tbody>
            </table>
            {rows.length === 0 && <p className="text-quiet">Neither job has a reading yet.</p>}
        </div>
    )
}

function Then({ record }: { record: RecordDocument }) {
    const lines: [string, string[]][] = [
        ['Left open then', record.hand_over],
        ['Waived then', record.waived],
        ['Decided then', record.decisions],
        [
            'Written then',
            record.log.filter((line) => line.kind === 'note_written' && !line.struck).map((line) => line.text),
        ],
    ]
    return (
        <div className="border-2 border-base-content p-3">
            <p>
                <b>{record.job.complaint || 'No complaint was written down.'}</b>{' '}
                <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${record.job.number}/record`}>
                    the whole record
                </Link>
            </p>
            {lines
                .filter(([, texts]) => texts.length > 0)
                .map(([title, texts]) => (
                    <div key={title} className="mt-2">
                        <p className="text-sm text-quiet">{title}</p>
                        {texts.map((text) => (
                            <p key={text}>{text}</p>
                        ))}
                    </div>
                ))}
        </div>
    )
}
