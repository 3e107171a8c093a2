import { useCallback, useState } from 'react'

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
        const text = localStorage.getItem(`moltrek:${key}`)
        return text === null ? initial : (JSON.parse(text) as T)
    } catch {
        return initial
    }
}

export function write(key: string, value: unknown): void {
    try {
        if (value === undefined || value === null) {
            localStorage.removeItem(`moltrek:${key}`)
        } else {
            localStorage.setItem(`moltrek:${key}`, JSON.stringify(value))
        }
    } catch {
        // A full or forbidden store costs the memory of a preference, nothing that was entered.
    }
}
