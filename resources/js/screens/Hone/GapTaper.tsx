import type { Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { millimetres } from '../../app/format'
import { type CalculatedVerdict, type Quantity, useCalculation } from '../../app/useCalculation'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Figure } from '../../parts/Figure'

interface Tapered {
    difference: { low: Quantity | null; high: Quantity | null }
    verdict: CalculatedVerdict
}

const PLACES = [
    ['upper', 'At the top'],
    ['lower', 'At the bottom'],
] as const

type Typed = Record<'upper' | 'lower', { passes: string; refuses: string }> & { most: string }

/** One ring's end gap at two depths tells the taper without a bore gauge. */
export function GapTaper({ job }: { job: Job }) {
    const draft = useDraft<Typed>(`taper:${job.number}`, {
        upper: { passes: '', refuses: '' },
        lower: { passes: '', refuses: '' },
        most: job.fitting.honing.taperMax === null ? '' : millimetres(job.fitting.honing.taperMax),
    })
    const { most, ...typed } = draft.value
    const leaves = (at: 'upper' | 'lower') =>
        Object.fromEntries(
            Object.entries(typed[at])
                .filter(([, text]) => text !== '')
                .map(([how, text]) => [how, `${text} mm`]),
        )
    const any = PLACES.every(([at]) => Object.keys(leaves(at)).length > 0)
    const { answer, refusal } = useCalculation<Tapered>(
        'taper-from-gaps',
        any
            ? { upper: leaves('upper'), lower: leaves('lower'), ...(most ? { limit: { max: `${most} mm` } } : {}) }
            : null,
    )
    const wrong = (field: string) => (refusal?.field.startsWith(field) ? refusal.message : null)
    return (
        <section aria-label="Taper from two gaps" className="bg-base-100 p-5">
            <h2 className="text-lg font-bold">Taper from two gaps</h2>
            <p className="text-quiet">
                the same ring squared near the top and near the bottom; the gap grows with the bore’s circumference
            </p>
            <div className="mt-2 flex flex-wrap items-end gap-x-10 gap-y-3">
                {PLACES.map(([at, name]) => (
                    <fieldset key={at}>
                        <legend className="font-bold">{name}</legend>
                        <div className="flex gap-3">
                            {(['passes', 'refuses'] as const).map((how) => (
                                <Figure
                                    key={how}
                                    label={`${name}: ${how}`}
                                    shown={how}
                                    unit="mm"
                                    value={typed[at][how]}
                                    onChange={(text) =>
                                        draft.change({ ...draft.value, [at]: { ...typed[at], [how]: text } })
                                    }
                                    wrong={wrong(`${at}.${how}`)}
                                />
                            ))}
                        </div>
                    </fieldset>
                ))}
                <Figure
                    label="Taper at most"
                    unit="mm"
                    value={most}
                    onChange={(text) => draft.change({ ...draft.value, most: text })}
                    wrong={wrong('limit')}
                />
            </div>
            <div className="mt-3 min-h-12" aria-live="polite">
                {answer && (
                    <>
                        <p className="flex items-center gap-2 text-lg font-bold">
                            <VerdictMark state={answer.verdict.state} />
                            the bottom is {range(answer.difference)}
                        </p>
                        <p className="text-sm text-quiet">
                            {answer.verdict.reason} {answer.verdict.action}
                        </p>
                    </>
                )}
            </div>
        </section>
    )
}

/** "between 0.010 smaller and 0.006 larger": lower less upper diameter. */
function range({ low, high }: Tapered['difference']): string {
    const one = (end: Quantity) => `${millimetres(Math.abs(end.value))} ${end.value < 0 ? 'smaller' : 'larger'}`
    if (low && high) {
        return `between ${one(low)} and ${one(high)}, in millimetres`
    }
    return low ? `at least ${one(low)}` : high ? `at most ${one(high)}` : 'not bounded by these leaves'
}
