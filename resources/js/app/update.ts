import { useSyncExternalStore } from 'react'
import { Workbox } from 'workbox-window'

/** The worker that keeps the program in this browser, and whether a newer program lies ready. */
let worker: Workbox | null = null
let isReady = false
const listeners = new Set<() => void>()

/** Where the browser allows it: on the machine itself, and over a connection that is private. */
export function keepProgram(): void {
    if (!('serviceWorker' in navigator) || import.meta.env.DEV) {
        return
    }
    worker = new Workbox('/sw.js')
    worker.addEventListener('waiting', () => {
        isReady = true
        for (const listener of listeners) {
            listener()
        }
    })
    worker.register().catch(() => {
        // without it everything works but a reload without a network
    })
}

/** The newer program takes over; what was typed is kept where every reload finds it. */
export function takeUpdate(): void {
    worker?.addEventListener('controlling', () => window.location.reload())
    worker?.messageSkipWaiting()
}

export const useUpdate = (): boolean =>
    useSyncExternalStore(
        (listener) => {
            listeners.add(listener)
            return () => listeners.delete(listener)
        },
        () => isReady,
    )
