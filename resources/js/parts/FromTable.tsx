import { useState } from 'react'
import { call, type Schemas } from '../app/api'
import { useDraft } from '../app/drafts'
import { usePasted } from '../app/usePasted'
import { Dialog } from './Dialog'
import { FileText } from './FileText'
import { UnderstoodRows } from './UnderstoodRows'

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
    const { answer, error, isOfNow } = usePasted<Schemas['Table']>(path, { text })
    const [failed, setFailed] = useState('')
    const keep = async () => {
        try {
            await call('POST', path, { text, keep: true })
            setText('')
            onKept()
            onClose()
        } catch (problem) {
            setFailed(problem instanceof Error ? problem.message : 'This did not work.')
        }
    }
    const rows = answer?.rows ?? []
    const mayKeep = isOfNow && rows.length > 0 && rows.every((row) => row.refused === null)
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
            <UnderstoodRows rows={rows} className="mt-2 max-h-60 overflow-y-auto" />
            <p role="alert" className="min-h-6 font-bold text-error">
                {error || failed}
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
