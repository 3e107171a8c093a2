import { useState } from 'react'
import type { Assessment, Job } from '../../app/api'
import { millimetres } from '../../app/format'
import { LimitRuler } from '../../drawings/LimitRuler'
import { VerdictMark } from '../../drawings/VerdictMark'
import { SourceChooser } from './SourceChooser'

/** A verdict with its ruler, its reason, whose limit it is, and what to do. */
export function AssessmentRow({ job, assessment, title }: { job: Job; assessment: Assessment; title: string }) {
    const [choosing, setChoosing] = useState(false)
    const { verdict, ruler } = assessment
    return (
        <section
            aria-label={title || assessment.name}
            className={`grid gap-x-4 py-2 sm:grid-cols-[12rem_1fr] ${title ? 'border-t border-line' : ''}`}
        >
            <div>
                {title && <p className="leading-tight">{title}</p>}
                {assessment.figure && title && (
                    <p className="text-2xl leading-tight font-bold">{assessment.figure.replace(' to ', '–')}</p>
                )}
                {assessment.doubt !== null && (
                    <p className="text-sm leading-tight text-quiet">
                        ± {millimetres(assessment.doubt)} mm from these tools
                    </p>
                )}
                {assessment.sources.length > 1 && (
                    <button
                        type="button"
                        className="mt-1 min-h-10 text-left text-sm underline decoration-1 underline-offset-3"
                        onClick={() => setChoosing(true)}
                    >
                        {ruling(assessment)}
                        {assessment.choiceReason ? ', chosen' : ''}: change
                    </button>
                )}
            </div>
            <div>
                <p className="flex items-start gap-2">
                    <VerdictMark state={verdict?.state ?? null} />
                    <span className="leading-tight font-bold whitespace-nowrap">
                        {verdict?.words ?? 'Not measured'}
                    </span>
                    {verdict?.action && <span className="leading-tight">{assessment.filing ?? verdict.action}</span>}
                </p>
                {ruler && <LimitRuler ruler={ruler} label={description(assessment)} />}
                {verdict && <p className="text-sm leading-snug text-quiet">{verdict.reason}</p>}
                {assessment.choiceReason && (
                    <p className="text-sm leading-snug text-quiet">Chosen because: {assessment.choiceReason}</p>
                )}
            </div>
            <SourceChooser job={job} assessment={assessment} open={choosing} onClose={() => setChoosing(false)} />
        </section>
    )
}

/** "as new by the piston maker, service by the engine maker". */
function ruling({ sources }: Assessment): string {
    const range = sources.find((source) => source.rulesRange)?.source
    const service = sources.find((source) => source.rulesService)?.source
    return range === service || !service ? `by the ${range}` : `as new by the ${range}, service by the ${service}`
}

function description(assessment: Assessment): string {
    const marks = assessment.ruler?.marks.map((mark) => `${mark.at.toFixed(3)} ${mark.service ? 'service' : 'as new'}`)
    return `${assessment.name} ${assessment.figure ?? 'not measured'}, limits ${marks?.join(', ') ?? 'none'} millimetres`
}
