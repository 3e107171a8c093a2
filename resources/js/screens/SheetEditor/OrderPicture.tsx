import { useState } from 'react'
import type { Draft } from './useSheetEditor'

/** The order of work that follows from what is typed, with what came into it and what fell out. */
export function OrderPicture({ draft }: { draft: Draft }) {
    const [chosen, setChosen] = useState('top end')
    const errand = draft.errands.find((each) => each.name === chosen) ?? draft.errands[0]
    if (!errand) {
        return null
    }
    return (
        <div>
            <label className="block text-sm text-quiet">
                The order of work for
                <select
                    className="mt-1 h-11 w-full rounded-field border border-line bg-base-100 px-2 text-base text-base-content"
                    value={errand.name}
                    onChange={(event) => setChosen(event.target.value)}
                >
                    {draft.errands.map((each) => (
                        <option key={each.name} value={each.name}>
                            {each.name}, {each.steps.length} steps
                        </option>
                    ))}
                </select>
            </label>
            {errand.gone.length > 0 && (
                <ul aria-label="Gone" className="mt-2">
                    {errand.gone.map((step) => (
                        <li key={step.id} className="leading-snug text-error line-through">
                            {step.name}
                        </li>
                    ))}
                </ul>
            )}
            <ol aria-label="Order of work" className="mt-2 border-y border-line">
                {errand.steps.map((step, index) => (
                    <li
                        key={step.id}
                        className={`flex gap-2 py-0.5 leading-snug ${step.isNew ? 'bg-tint font-bold' : ''}`}
                    >
                        <span className="w-7 shrink-0 text-right text-sm text-quiet">{index + 1}</span>
                        <span>
                            {step.name}
                            {step.isNew && <span className="text-primary"> · new</span>}
                            {step.waits.map((wait) => (
                                <span key={wait} className="block text-sm">
                                    ⧖ {wait}
                                </span>
                            ))}
                        </span>
                    </li>
                ))}
            </ol>
        </div>
    )
}
