import { useSyncExternalStore } from 'react'
import { answers } from './answers'

/**
 * From when what is shown is, while the server is away and the browser shows what it kept; null while the server answers.
 * Every answer says which it is.
 */
let from: string | null = null
const listeners = new Set<() => void>()

export function seeWhen(answer: Pick<Response, 'headers'>): void {
    const next = answer.headers?.get('Kept-From') ?? null
    if (next !== from) {
        from = next
        for (const listener of listeners) {
            listener()
        }
    }
}

export const useKeptFrom = (): string | null =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => from,
    )

/** What was kept of the server’s answers belongs to whoever was signed in: it goes with them. */
export async function forgetAnswers(): Promise<void> {
    answers.forget()
    if (typeof caches !== 'undefined') {
        await caches.delete('moltrek-answers').catch(() => false)
    }
}
