import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { type Assessment, call, type Job, Problem } from '../../app/api'
import { useKept } from '../../app/kept'
import { useSources } from '../../app/useSources'
import { Dialog } from '../../parts/Dialog'

/** A reading that nothing judges: the limit typed as the manual prints it, once, with its source; the sheet has it from then on. */
export function LimitLacking({ job, assessment }: { job: Job; assessment: Assessment }) {
    const [open, setOpen] = useState(false)
    const [text, setText] = useKept<string>(`limit:${job.number}:${assessment.scope}`, '')
    const [source, setSource] = useState('engine maker')
    const [refusal, setRefusal] = useState<string | null>(null)
    const client = useQueryClient()
    const sources = useSources()
    const { scope } = assessment
    const preview = useQuery({
        queryKey: ['limit', job.number, scope, text],
        queryFn: () => call<{ understood: string }>('POST', `/jobs/${job.number}/limits/preview`, { scope, text }),
        enabled: open && text.trim() !== '',
        retry: false,
    })
    const keep = async () => {
        try {
            const after = await call<Job>('POST', `/jobs/${job.number}/limits`, { scope, text, source })
            client.setQueryData(['job', job.number], after)
            setText('')
            setOpen(false)
        } catch (problem) {
            setRefusal(problem instanceof Problem ? problem.message : 'The limit was not kept.')
        }
    }
    return (
        <>
            <button
                type="button"
                className="min-h-11 text-left text-sm underline decoration-1 underline-offset-3"
                onClick={() => setOpen(true)}
            >
                Type its limit
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title={`Limit: ${assessment.name.toLowerCase()}`}>
                <form
                    className="grid gap-3"
                    onSubmit={(event) => {
                        event.preventDefault()
                        void keep()
                    }}
                >
                    <label className="block">
                        <span className="font-bold">As the manual prints it</span>
                        <input
                            className="input mt-1 h-12 w-full text-lg"
                            placeholder="0.05–0.08 mm, limit 0.12"
                            value={text}
                            onChange={(event) => setText(event.target.value)}
                        />
                    </label>
                    <p aria-live="polite" className="min-h-6 font-bold">
                        {text.trim() !== '' &&
                            (preview.data ? `Understood: ${preview.data.understood}` : preview.error?.message)}
                    </p>
                    <label className="block">
                        <span className="font-bold">Whose figure it is</span>
                        <select
                            className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-2"
                            value={source}
                            onChange={(event) => setSource(event.target.value)}
                        >
                            {sources.map((each) => (
                                <option key={each}>{each}</option>
                            ))}
                        </select>
                    </label>
                    {refusal && <p role="alert">{refusal}</p>}
                    <button type="submit" className="btn btn-primary h-12" disabled={!preview.data}>
                        Onto the sheet
                    </button>
                </form>
            </Dialog>
        </>
    )
}
