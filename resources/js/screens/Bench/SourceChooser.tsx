import { type FormEvent, useState } from 'react'
import type { Assessment, Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useThought } from '../../app/units'
import { Dialog } from '../../parts/Dialog'

interface Chooser {
    job: Job
    assessment: Assessment
    open: boolean
    onClose: () => void
}

/** Whose figures rule: the as-new range and the service limit may come from different sources; the reason is kept. */
export function SourceChooser({ job, assessment, open, onClose }: Chooser) {
    return (
        <Dialog open={open} onClose={onClose} title={`Whose limit rules: ${assessment.name.toLowerCase()}`}>
            <ChooserForm job={job} assessment={assessment} onClose={onClose} />
        </Dialog>
    )
}

type Source = Assessment['sources'][number]['source']

function ChooserForm({ job, assessment, onClose }: Omit<Chooser, 'open'>) {
    const [range, setRange] = useState(assessment.sources.find((source) => source.rulesRange)?.source ?? null)
    const [service, setService] = useState(assessment.sources.find((source) => source.rulesService)?.source ?? null)
    const draft = useDraft(`source:${job.number}:${assessment.id}`, '')
    const reason = draft.value
    const [complaint, setComplaint] = useState('')
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (reason.trim() === '') {
            setComplaint('Say why: the record shows it to whoever opens this engine next.')
            return
        }
        if (range === null) {
            setComplaint('Choose whose as-new range rules.')
            return
        }
        void outbox.add(
            job.number,
            'source_chosen',
            { limit: assessment.scope, range, ...(service ? { service } : {}), reason: reason.trim() },
            `${assessment.name}: ${range} rules, ${reason.trim()}`,
            { id: draft.take() },
        )
        onClose()
    }
    return (
        <form onSubmit={submit}>
            <Choice
                legend="As-new range"
                name="range"
                options={assessment.sources.filter((source) => source.hasRange)}
                value={range}
                onChange={setRange}
            />
            <Choice
                legend="Service limit"
                name="service"
                options={assessment.sources.filter((source) => source.hasService)}
                value={service}
                onChange={setService}
            />
            <label className="mt-4 block">
                <span className="font-bold">Why</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={reason}
                    onChange={(event) => draft.change(event.target.value)}
                    placeholder="the piston fitted is theirs"
                />
            </label>
            <p role="alert" className="min-h-6 text-sm font-bold text-error">
                {complaint}
            </p>
            <div className="mt-2 flex gap-3">
                <button type="submit" className="btn btn-primary h-12 flex-1">
                    Let it rule
                </button>
                <button type="button" className="btn h-12 flex-1" onClick={onClose}>
                    Leave as it is
                </button>
            </div>
        </form>
    )
}

function Choice({
    legend,
    name,
    options,
    value,
    onChange,
}: {
    legend: string
    name: string
    options: Assessment['sources']
    value: Source | null
    onChange: (source: Source) => void
}) {
    const thought = useThought()
    if (options.length === 0) {
        return null
    }
    return (
        <fieldset className="mt-3">
            <legend className="font-bold">{legend}</legend>
            {options.map((source) => (
                <label
                    key={source.source}
                    className={`mt-1 flex min-h-12 items-center gap-3 rounded-field border-2 px-3 ${
                        source.source === value ? 'border-base-content bg-base-200' : 'border-line'
                    }`}
                >
                    <input
                        type="radio"
                        name={name}
                        className="size-5"
                        checked={source.source === value}
                        onChange={() => onChange(source.source)}
                    />
                    <span className="font-bold">{source.source}</span>
                    <span className="ml-auto text-sm">{thought(source.text)}</span>
                </label>
            ))}
        </fieldset>
    )
}
