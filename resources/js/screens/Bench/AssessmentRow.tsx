import { useState } from 'react'
import type { Assessment, Job } from '../../app/api'
import { actDone } from '../../app/done'
import { millimetres } from '../../app/format'
import { useThought } from '../../app/units'
import { LimitRuler } from '../../drawings/LimitRuler'
import { VerdictMark } from '../../drawings/VerdictMark'
import { LimitLacking } from './LimitLacking'
import { SourceChooser } from './SourceChooser'

/** A verdict with its ruler, its reason, whose limit it is, and what to do. */
export function AssessmentRow({ job, assessment, title }: { job: Job; assessment: Assessment; title: string }) {
    const [choosing, setChoosing] = useState(false)
    const { verdict, ruler } = assessment
    const thought = useThought()
    return (
        <section
            aria-label={title || assessment.name}
            className={`grid gap-x-4 py-2 sm:grid-cols-[15rem_1fr] ${title ? 'border-t border-line' : ''}`}
        >
            <div>
                {title && <p className="leading-tight">{title}</p>}
                {assessment.figure && title && (
                    <p className="text-2xl leading-tight font-bold">{assessment.figure.replace(' to ', '–')}</p>
                )}
                {assessment.doubt !== null && (
                    <p className="text-sm leading-tight text-quiet">
                        {thought(`± ${millimetres(assessment.doubt)} mm`)} from these tools
                    </p>
                )}
                {assessment.doubtIsUnknown && (
                    <p className="text-sm leading-tight text-quiet">± unknown: no tool named</p>
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
                    {verdict?.action && (
                        <span className="leading-tight">{thought(assessment.filing?.text ?? verdict.action)}</span>
                    )}
                </p>
                {assessment.filing && <OpenTheGap job={job} assessment={assessment} />}
                {ruler && <LimitRuler ruler={ruler} label={description(assessment)} />}
                {verdict && <p className="text-sm leading-snug text-quiet">{thought(verdict.reason)}</p>}
                {verdict?.state === 'unknown' && assessment.sources.length === 0 && (
                    <LimitLacking job={job} assessment={assessment} />
                )}
                {assessment.acceptedBy && (
                    <p className="text-sm leading-snug">
                        Accepted by <b>{assessment.acceptedBy}</b>: {assessment.acceptedBecause}
                    </p>
                )}
                {assessment.choiceReason && (
                    <p className="text-sm leading-snug text-quiet">Chosen because: {assessment.choiceReason}</p>
                )}
            </div>
            <SourceChooser job={job} assessment={assessment} open={choosing} onClose={() => setChoosing(false)} />
        </section>
    )
}

/** How to open a tight gap: bites that get smaller, a trial after each; filing makes the last reading stale. */
function OpenTheGap({ job, assessment }: { job: Job; assessment: Assessment }) {
    const filing = assessment.filing
    const [, cylinder = '', ring = ''] = assessment.id.split('.')
    if (!filing) {
        return null
    }
    const filed = () =>
        actDone(job.number, { act: 'ring filed', cylinder, ring }, `Ring filed: ${assessment.name.toLowerCase()}`)
    return (
        <div className="my-2 flex flex-wrap items-center gap-3">
            <ol className="flex items-end gap-1.5" aria-label="Bites, a trial after each">
                {filing.bites.map((bite, index) => (
                    <li
                        // biome-ignore lint/suspicious/noArrayIndexKey: the bites are told apart by their order alone
                        key={index}
                        className="rounded-sm border-2 border-base-content px-2 text-center text-sm leading-tight"
                        style={{ paddingBlock: 4 + 10 * (bite / (filing.bites[0] ?? 1)) }}
                    >
                        <b>{bite.toFixed(2)}</b>
                        <br />
                        try
                    </li>
                ))}
            </ol>
            <p className="text-sm leading-tight">
                mm off, square, edges broken
                {filing.leaf && (
                    <>
                        <br />
                        until the <b>{filing.leaf}</b> leaf passes
                    </>
                )}
            </p>
            <button
                type="button"
                className="h-12 rounded-field border-2 border-base-content px-4 font-bold"
                onClick={filed}
            >
                Filed, try it
            </button>
        </div>
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
    return `${assessment.name} ${assessment.figure ?? 'not measured'}, limits ${marks?.join(', ') ?? 'none'} ${assessment.unit}`
}
