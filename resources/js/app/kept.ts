import { useCallback, useState } from 'react'
import { keptUnder } from './shop'

/** State that survives a reload, under a key in this browser. */
export function useKept<T>(key: string, initial: T): [T, (value: T) => void] {
    const [value, setValue] = useState<T>(() => read(key, initial))
    const keep = useCallback(
        (next: T) => {
            setValue(next)
            write(key, next)
        },
        [key],
    )
    return [value, keep]
}

export function read<T>(key: string, initial: T): T {
    try {
        const text = localStorage.getItem(`${keptUnder}:${key}`)
        return text === null ? initial : (JSON.parse(text) as T)
    } catch {
        return initial
    }
}

export function write(key: string, value: unknown): void {
    try {
        if (value === undefined || value === null) {
            localStorage.removeItem(`${keptUnder}:${key}`)
        } else {
            localStorage.setItem(`${keptUnder}:${key}`, JSON.stringify(value))
        }
    } catch {
        // A full or forbidden store costs the memory of a preference, nothing that was entered.
    }
}
