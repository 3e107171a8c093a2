import { dropDraftsOf } from './drafts'
import { keptUnder } from './shop'
import type { Waiting } from './waiting'

/**
 * What was entered, written in the very moment of the keystroke and in one piece, and crossed out once the outbox has
 * it. Whatever ends the page in between, the next one finds it here.
 */
const PREFIX = `${keptUnder}:journal:`

export const journal = {
    /** False where this browser keeps nothing more; then the outbox alone has it. */
    write(entry: Waiting): boolean {
        try {
            localStorage.setItem(PREFIX + entry.id, JSON.stringify(entry))
            return true
        } catch {
            return false
        }
    },

    cross(id: string): void {
        try {
            localStorage.removeItem(PREFIX + id)
        } catch {
            // a store that cannot be written to has nothing to cross out
        }
    },

    /** What was written and not crossed out. */
    left(): Waiting[] {
        const entries: Waiting[] = []
        for (const key of keys()) {
            try {
                entries.push({ ...(JSON.parse(localStorage.getItem(key) ?? '') as Waiting), held: false })
            } catch {
                localStorage.removeItem(key)
            }
        }
        return entries
    },

    /** What an earlier page left here; the drafts that it was made from are done with. */
    recovered(): Waiting[] {
        const entries = journal.left()
        dropDraftsOf(new Set(entries.map((entry) => entry.id)))
        return entries
    },
}

function keys(): string[] {
    try {
        return Object.keys(localStorage).filter((key) => key.startsWith(PREFIX))
    } catch {
        return []
    }
}
