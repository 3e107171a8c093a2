import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { usePasted } from '../../app/usePasted'
import { useSources } from '../../app/useSources'
import { Choice } from '../../parts/Choice'
import { Differences } from '../../parts/Differences'
import { FileText } from '../../parts/FileText'
import { UnderstoodRows } from '../../parts/UnderstoodRows'

const EXAMPLE = 'Piston clearance\t0.05–0.08 mm, limit 0.12\nRing gap, top\t0.004 in per inch of bore'

/** A table of limits, typed or pasted as the manual prints it: what is understood stands beside it before it is kept. */
export function LimitsTable({ slug, onDone }: { slug: string; onDone: () => void }) {
    const { value: text, change: setText } = useDraft(`limits:${slug}`, '')
    const { value: source, change: setSource } = useDraft(`limits-source:${slug}`, 'engine maker')
    const { answer, error, isOfNow } = usePasted<Schemas['LimitTable']>(`/sheets/${slug}/limits/preview`, {
        text,
        source,
    })
    const sources = useSources()
    const [failed, setFailed] = useState('')
    const [isSending, setSending] = useState(false)
    const client = useQueryClient()
    const navigate = useNavigate()
    const keep = async () => {
        setSending(true)
        try {
            const sheet = await call<Schemas['Sheet']>('POST', `/sheets/${slug}/limits`, { text, source })
            setText('')
            await client.invalidateQueries({ queryKey: ['sheets'] })
            void client.invalidateQueries({ queryKey: ['job'] })
            navigate(`/spec-book/${sheet.slug}`)
            onDone()
        } catch (problem) {
            setFailed(problem instanceof Error ? problem.message : 'This did not work.')
            setSending(false)
        }
    }
    const isRead = answer?.rows.every((row) => row.refused === null) ?? false
    const mayKeep = isOfNow && isRead && answer?.refused === null && answer.changes.length > 0
    return (
        <section aria-label="Limits from a table" className="mt-3">
            <div className="grid gap-4 lg:grid-cols-2">
                <div>
                    <label className="font-bold" htmlFor="limits-table">
                        A line each: what, and the limit as it is printed
                    </label>
                    <textarea
                        id="limits-table"
                        spellCheck={false}
                        placeholder={EXAMPLE}
                        className="textarea mt-1 h-72 w-full leading-snug"
                        value={text}
                        onChange={(event) => setText(event.target.value)}
                    />
                    <FileText label="From a CSV file" accept=".csv,.tsv,.txt,text/csv" onText={setText} />
                    <p className="mt-3 mb-1 font-bold">Who says so</p>
                    <Choice
                        label="Who says so"
                        options={sources.map((each) => [each, each])}
                        chosen={source}
                        onChoose={setSource}
                    />
                </div>
                <div>
                    <p className="font-bold">Understood</p>
                    <UnderstoodRows rows={answer?.rows ?? []} className="mt-1" />
                    {answer?.refused && (
                        <p role="alert" className="mt-2 font-bold text-error">
                            {answer.refused}
                        </p>
                    )}
                </div>
            </div>
            {answer && answer.changes.length > 0 && (
                <Differences title="What it changes" differences={answer.changes} before="was" after="will be" />
            )}
            <p role="alert" className="min-h-6 font-bold text-error">
                {error || failed}
            </p>
            <button
                type="button"
                className="btn btn-primary h-12 px-8"
                disabled={!mayKeep || isSending}
                onClick={() => void keep()}
            >
                Onto the sheet, as a new version
            </button>
        </section>
    )
}
