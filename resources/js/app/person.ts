import { read, write } from './kept'

/**
 * Who is signed in at this tablet, as far as it knows: kept, so that what is typed before the server has answered, or
 * without it, is still known to be theirs.
 */
let username = read<string>('person', '')
const listeners = new Set<() => void>()

export const person = {
    current: (): string => username,

    become(next: string): void {
        if (next !== username) {
            username = next
            write('person', next === '' ? null : next)
            for (const listener of listeners) {
                listener()
            }
        }
    },

    subscribe(listener: () => void): () => void {
        listeners.add(listener)
        return () => listeners.delete(listener)
    },
}
