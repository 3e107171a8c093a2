import { newDraft, writeDraft } from './drafts'

type Values = Record<string, unknown>

/** What is typed of a sheet and not kept yet, and the version it was begun from; null for one that came as a file. */
export interface Typed {
    base: number | null
    /** As the form holds it. */
    values?: Values
    /** As it was read in. */
    document?: Values
}

export const editKey = (slug: string): string => `sheet:${slug}`

/** Lays a sheet that was read in where its editor takes it up. */
export const readIn = (document: Values & { id: string }): void =>
    writeDraft(editKey(document.id), newDraft<Typed>({ base: null, document }))
