import type { Refusal } from './api'

/** An entry of the log on its way to the server. It is kept here until the server says that it is stored. */
export interface Waiting {
    id: string
    job: number
    kind: string
    payload: unknown
    happenedAt: string
    /** By how many milliseconds the shop's clock was ahead of this one's when it was typed; null where nobody knew. */
    clockOffset: number | null
    /** Who typed it: it is sent under their sign-in alone. */
    by: string
    /** What it says, for the slip, while nobody has replayed it yet. */
    label: string
    refusal: Refusal | null
    /** Kept here while the server looks at it; sent as it is if this visit ends before it has. */
    held?: boolean
}

export interface Photo {
    id: string
    picture: Blob
}

/** Whether somebody may send an entry: their own, or one from before entries knew whose they were. */
export const isOf = (entry: Waiting, who: string): boolean => !entry.by || entry.by === who

export function photoOf(entry: Waiting): string | null {
    const photo = (entry.payload as { photo?: unknown } | null)?.photo
    return typeof photo === 'string' ? photo : null
}
