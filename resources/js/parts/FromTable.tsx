import { useEffect, useState } from 'react'
import { call, type Schemas } from '../app/api'
import { useDraft } from '../app/drafts'
import { Dialog } from './Dialog'
import { FileText } from './FileText'

const AFTER = 250

/** Rows of a spreadsheet, pasted or from a CSV file: what is understood of each is shown before all of them are kept. */
export function FromTable({
    title,
    path,
    example,
    onKept,
    onClose,
}: {
    title: string
    path: string
    example: string
    onKept: () => void
    onClose: () => void
}) {
    const { value: text, change: setText } = useDraft(`table:${path}`, '')
    const [table, setTable] = useState<{ of: string; rows: Schemas['LimitRow'][] } | null>(null)
    const [error, setError] = useState('')
    useEffect(() => {
        if (text.trim() === '') {
            return
        }
        const timer = setTimeout(async () => {
            try {
                const { rows } = await call<Schemas['Table']>('POST', path, { text })
                setTable({ of: text, rows })
                setError('')
            } catch (problem) {
                setTable(null)
                setError(problem instanceof Error ? problem.message : 'This did not work.')
            }
        }, AFTER)
        return () => clearTimeout(timer)
    }, [path, text])
    const keep = async () => {
        try {
            await call('POST', path, { text, keep: true })
            setText('')
            onKept()
            onClose()
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'This did not work.')
        }
    }
    const rows = table?.rows ?? []
    const mayKeep = table?.of === text && rows.length > 0 && rows.every((row) => row.refused === null)
    return (
        <Dialog open onClose={onClose} title={title}>
            <label className="block">
                <span className="text-sm text-quiet">A heading and a line each, as a spreadsheet copies them</span>
                <textarea
                    spellCheck={false}
                    placeholder={example}
                    className="textarea mt-1 h-40 w-full leading-snug"
                    value={text}
                    onChange={(event) => setText(event.target.value)}
                />
            </label>
            <FileText label="From a CSV file" accept=".csv,.tsv,.txt,text/csv" onText={setText} />
            <ol aria-live="polite" className="mt-2 max-h-60 overflow-y-auto">
                {rows.map((row) => (
                    <li key={row.line} className="border-t border-line py-1 leading-snug">
                        {row.understood ?? (
                            <span className="font-bold text-error">
                                <span aria-hidden="true">✕ </span>
                                line {row.line}: {row.refused}
                            </span>
                        )}
                    </li>
                ))}
            </ol>
            <p role="alert" className="min-h-6 font-bold text-error">
                {error}
            </p>
            <button
                type="button"
                className="btn btn-primary h-12 w-full"
                disabled={!mayKeep}
                onClick={() => void keep()}
            >
                Keep {rows.length === 0 ? 'them' : `all ${rows.length}`}
            </button>
        </Dialog>
    )
}
