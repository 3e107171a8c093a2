import { useQueryClient } from '@tanstack/react-query'
import { useEffect, useSyncExternalStore } from 'react'
import { sayWaiting } from './api'
import { type Line, outbox } from './outbox'
import type { Waiting } from './waiting'

const RETRY = 3000

/** Keeps the outbox going: on start, when the network is back, and every few seconds while something waits. */
export function useOutboxRunner(): void {
    const client = useQueryClient()
    useEffect(() => {
        outbox.onStored((job) => {
            client.setQueryData(['job', job.number], job)
            void client.invalidateQueries({ queryKey: ['floor'] })
            for (const key of [['record', job.number], ['dates'], ['shelf']]) {
                void client.invalidateQueries({ queryKey: key })
            }
        })
        sayWaiting(() => outbox.snapshot().length)
        void outbox.open()
        const flush = () => void outbox.flush()
        const timer = setInterval(() => {
            if (outbox.snapshot().some((entry) => entry.refusal === null)) {
                flush()
            }
        }, RETRY)
        window.addEventListener('online', flush)
        return () => {
            clearInterval(timer)
            window.removeEventListener('online', flush)
        }
    }, [client])
}

export function useWaiting(job?: number): Waiting[] {
    const all = useSyncExternalStore(outbox.subscribe, outbox.snapshot)
    return job === undefined ? all : all.filter((entry) => entry.job === job)
}

export function useLine(): Line {
    return useSyncExternalStore(outbox.subscribe, () => outbox.line)
}
