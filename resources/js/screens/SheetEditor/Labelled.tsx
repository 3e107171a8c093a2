import { type ReactNode, useId } from 'react'
import { saidOf, useEditing } from './useSheetEditor'
import { labelOf } from './words'

/** What a field of one line looks like. */
export const BOX = 'h-11 w-full rounded-field border bg-base-100 px-2'

/** A field with its name above it, and what is wrong with it below. */
export function Labelled({
    path,
    wide = false,
    hint,
    children,
}: {
    path: string
    wide?: boolean
    hint?: string | undefined
    children: (id: string) => ReactNode
}) {
    const id = useId()
    const { refused } = useEditing()
    const wrong = saidOf(refused.get(path))
    return (
        <div className={wide ? 'sm:col-span-2' : ''} data-place={path}>
            <label htmlFor={id} className="block text-sm text-quiet first-letter:uppercase">
                {labelOf(path)}
            </label>
            {children(id)}
            {wrong ? (
                <p className="text-sm font-bold text-error">{wrong}</p>
            ) : (
                hint && <p className="text-sm text-quiet">{hint}</p>
            )}
        </div>
    )
}
