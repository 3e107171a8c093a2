import type { Payloads } from '../../../app/api'
import type { Draft, Field, Habit } from '../drafted'

/** What the Deck knows of one form of reading: its fields, the reading that they make, and that reading in words. */
export interface Form {
    /** The fields in the order in which Enter walks them. */
    fields: (habit: Habit) => Field[]
    /** Every field that the place shows, beyond those that Enter walks. */
    shown?: (habit: Habit) => Field[]
    /** Whether every field has to be filled before there is a reading. */
    whole?: boolean
    reading: (draft: Draft, habit: Habit, unit: string) => Payloads['reading_taken']['reading'] | null
    /** The parts of a reading in words; null where this reading is a plain figure. */
    words: (parts: Record<string, string | undefined>) => string | null
}
