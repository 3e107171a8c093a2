import type { Schemas } from '../../app/api'
import { Differences } from '../../parts/Differences'
import type { Draft } from './useSheetEditor'
import { labelOf } from './words'

/** What the sheet says, what it contradicts, what is left to be asked for, and what differs from the version that is there. */
export function Report({
    draft,
    version,
    onGo,
}: {
    draft: Draft
    version: number | null
    onGo: (place: string) => void
}) {
    return (
        <div className="max-w-180">
            <Refusals refusals={draft.refusals} onGo={onGo} />
            {draft.says.length > 0 && (
                <section aria-label="It says" className="mt-3">
                    <h3 className="font-bold">It says</h3>
                    <ul>
                        {draft.says.map((each) => (
                            <li key={each} className="border-t border-line py-1 leading-snug first-letter:uppercase">
                                {each}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {draft.lacks.length > 0 && (
                <section aria-label="It does not say" className="mt-4">
                    <h3 className="font-bold">It does not say</h3>
                    <ul>
                        {draft.lacks.map((each) => (
                            <li key={each} className="border-t border-line py-1 leading-snug first-letter:uppercase">
                                {each}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {version !== null && (
                <Differences
                    title="What is different"
                    differences={draft.differences}
                    before={`version ${version}`}
                    after="as typed"
                />
            )}
        </div>
    )
}

function Refusals({ refusals, onGo }: { refusals: Schemas['Refusal'][]; onGo: (place: string) => void }) {
    if (refusals.length === 0) {
        return (
            <p className="font-bold">
                ✓ Nothing in it contradicts itself, and every errand of it has its order of work.
            </p>
        )
    }
    return (
        <section aria-label="What cannot be used" className="border-2 border-error p-3">
            <h3 className="font-bold text-error">
                {refusals.length === 1 ? 'One thing' : `${refusals.length} things`} in it cannot be used
            </h3>
            <ul>
                {refusals.map((each) => (
                    <li key={each.field + each.message} className="border-t border-line">
                        <button
                            type="button"
                            className="min-h-12 w-full py-1 text-left leading-snug"
                            onClick={() => onGo(each.field)}
                        >
                            <b className="first-letter:uppercase">{placeOf(each.field)}</b>
                            {each.read && <>: read “{each.read}”</>}
                            <span className="block text-sm">
                                {each.message} {each.allowed.length < 200 && `Accepted: ${each.allowed}.`}
                            </span>
                        </button>
                    </li>
                ))}
            </ul>
        </section>
    )
}

/** "fasteners 6, x" for "fasteners.5.x". */
function placeOf(field: string): string {
    const keys = field.split('.')
    const said = keys.map((key, at) =>
        /^\d+$/.test(key) ? ` ${Number(key) + 1}` : `${at > 0 ? ', ' : ''}${labelOf(keys.slice(0, at + 1).join('.'))}`,
    )
    return said.join('')
}
