import { createContext, useContext } from 'react'
import type { Schemas } from '../../app/api'
import type { Named } from './words'

export type Draft = Schemas['SheetDraft']

export interface Choice {
    id: string
    name: string
}

/** What every field of the editor knows of the sheet about it. */
export interface Editing {
    /** What is refused, by its place. */
    refused: Map<string, Schemas['Refusal']>
    choices: Record<Named, Choice[]>
    /** Ids that the sheet had when it was opened: others may be named anew, these are in logs. */
    known: Set<string>
}

export const EditingContext = createContext<Editing>({
    refused: new Map(),
    choices: { marks: [], slabs: [], cylinders: [], groups: [], steps: [], places: [], judged: [], fasteners: [] },
    known: new Set(),
})

export const useEditing = (): Editing => useContext(EditingContext)

/** Whether something at a place, or within it, is refused. */
export const isRefused = (refused: Map<string, unknown>, path: string): boolean =>
    [...refused.keys()].some((field) => field === path || field.startsWith(`${path}.`))

/** What is said of a refusal beside its field. */
export function saidOf(refusal: Schemas['Refusal'] | undefined): string | undefined {
    if (refusal === undefined) {
        return undefined
    }
    return refusal.field.endsWith('.printed')
        ? 'This is not understood yet.'
        : `${refusal.message}${refusal.allowed && refusal.allowed.length < 200 ? ` Accepted: ${refusal.allowed}.` : ''}`
}
