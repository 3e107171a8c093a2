import { useState } from 'react'
import type { Schemas } from '../../app/api'
import { plural } from '../../app/format'
import type { Draft } from './useSheetEditor'

/** How far what is typed has come, and the two ways out of it. */
export function KeepBar({
    sheet,
    draft,
    isTyped,
    mayKeep,
    refusal,
    onShow,
    onKeep,
    onLeave,
}: {
    /** as it is in the spec book */
    sheet: Schemas['Sheet'] | null
    draft: Draft | undefined
    isTyped: boolean
    mayKeep: boolean
    refusal: string
    onShow: (place: string) => void
    onKeep: () => void
    onLeave: () => void
}) {
    const [isSure, setSure] = useState(false)
    const [first] = draft?.refusals ?? []
    const isOther = sheet === null || (draft?.differences.length ?? 0) > 0
    return (
        <footer className="sticky bottom-0 flex flex-wrap items-center gap-x-4 gap-y-2 border-t-2 border-base-content bg-base-100 px-5 py-2">
            <p className="flex-1 leading-tight">
                {first ? (
                    <button
                        type="button"
                        className="min-h-11 text-left font-bold text-error"
                        onClick={() => onShow(first.field)}
                    >
                        ✕ {draft?.refusals.length === 1 ? 'One thing' : `${draft?.refusals.length} things`} cannot be
                        used. Show me
                    </button>
                ) : (
                    standing(sheet, draft?.differences.length ?? 0)
                )}
                {refusal && (
                    <b role="alert" className="block text-error">
                        {refusal}
                    </b>
                )}
            </p>
            <button
                type="button"
                className="btn h-12 px-4"
                onClick={() => (isTyped && !isSure ? setSure(true) : onLeave())}
                onBlur={() => setSure(false)}
            >
                {isTyped ? (isSure ? 'Really: all of it goes' : 'Throw away what I typed') : 'Leave'}
            </button>
            <button
                type="button"
                className="btn btn-primary h-12 px-6"
                disabled={!draft || first !== undefined || !mayKeep || !isOther}
                onClick={onKeep}
            >
                {sheet ? `Keep as version ${sheet.version + 1}` : 'Into the spec book'}
            </button>
        </footer>
    )
}

function standing(sheet: Schemas['Sheet'] | null, differences: number): string {
    if (sheet === null) {
        return 'Not in the spec book yet.'
    }
    return differences === 0
        ? `As version ${sheet.version} has it.`
        : `${plural(differences, 'fact')} ${differences === 1 ? 'differs' : 'differ'} from version ${sheet.version}. Running jobs keep theirs.`
}
