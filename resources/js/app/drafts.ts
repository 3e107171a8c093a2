import { useCallback, useSyncExternalStore } from 'react'
import { v7 as uuid } from 'uuid'
import { read, write } from './kept'
import { person } from './person'
import { keptUnder } from './shop'

/** What has been typed and not yet entered, under the id that its entry will have. */
export interface Draft<T = unknown> {
    id: string
    value: T
}

const PREFIX = 'draft:'

/** A draft belongs to whoever typed it. */
const keyOf = (key: string): string => `${PREFIX}${person.current()}:${key}`

const known = new Map<string, Draft | null>()
const listeners = new Set<() => void>()

/** What stands under a key, the same object until it changes. */
export function readDraft<T>(key: string): Draft<T> | null {
    const whole = keyOf(key)
    if (!known.has(whole)) {
        known.set(whole, read<Draft | null>(whole, null))
    }
    return (known.get(whole) ?? null) as Draft<T> | null
}

export function writeDraft<T>(key: string, draft: Draft<T> | null): void {
    known.set(keyOf(key), draft)
    write(keyOf(key), draft)
    tell()
}

export const newDraft = <T>(value: T): Draft<T> => ({ id: uuid(), value })

/** Puts a text into a form behind what stands there. */
export function addToDraft(key: string, text: string): void {
    const draft = readDraft<string>(key) ?? newDraft('')
    writeDraft(key, { ...draft, value: `${draft.value} ${text}`.trim() })
}

/** Forgets what this page has seen of the drafts; another has written or dropped some. */
export function forgetDrafts(): void {
    known.clear()
    tell()
}

/** Drops the drafts whose entries are on their way already. */
export function dropDraftsOf(entered: Set<string>): void {
    if (entered.size === 0) {
        return
    }
    for (const key of Object.keys(localStorage).filter((each) => each.startsWith(`${keptUnder}:${PREFIX}`))) {
        const short = key.slice(keptUnder.length + 1)
        const kept = read<unknown>(short, null)
        if (isDraft(kept) && entered.has(kept.id)) {
            write(short, null)
        }
    }
    forgetDrafts()
}

function tell(): void {
    for (const listener of listeners) {
        listener()
    }
}

const isDraft = (kept: unknown): kept is Draft =>
    typeof kept === 'object' && kept !== null && 'id' in kept && 'value' in kept

export const noteKey = (job: number): string => `note:${job}`

export interface Drafted<T> {
    value: T
    /** The id that the entry of what stands there will have; null while nothing stands there. */
    id: string | null
    change: (value: T) => void
    /** The id of the entry that is made of it now; the form is empty from then on. */
    take: () => string
    clear: () => void
}

const subscribe = (listener: () => void): (() => void) => {
    listeners.add(listener)
    const leave = person.subscribe(listener)
    return () => {
        listeners.delete(listener)
        leave()
    }
}

/** What stands in a form: kept at every keystroke for whoever types it, over a reload and while the form moves about. */
export function useDraft<T>(key: string, initial: T): Drafted<T> {
    const draft = useSyncExternalStore(subscribe, () => readDraft<T>(key))
    const change = useCallback((value: T) => writeDraft(key, { id: readDraft<T>(key)?.id ?? uuid(), value }), [key])
    const clear = useCallback(() => writeDraft(key, null), [key])
    const take = useCallback(() => {
        const id = readDraft<T>(key)?.id ?? uuid()
        writeDraft(key, null)
        return id
    }, [key])
    return { value: draft?.value ?? initial, id: draft?.id ?? null, change, take, clear }
}
