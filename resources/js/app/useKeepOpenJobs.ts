import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { call, type Job, type Schemas } from './api'

/** Nobody works on more at once; the floor lists first what can be worked on. */
const MOST = 40
const EVERY = 10 * 60_000
const AFTER = 5_000

/**
 * The open jobs are asked for while nobody waits, one after another, so that the browser has them when the network is gone:
 * those that were never opened on this tablet too.
 */
export function useKeepOpenJobs(isSignedIn: boolean): void {
    const client = useQueryClient()
    useEffect(() => {
        if (!isSignedIn || !navigator.serviceWorker) {
            return
        }
        let isOver = false
        const keep = async () => {
            const floor = client.getQueryData<Schemas['Floor']>(['floor'])
            for (const job of floor?.jobs.slice(0, MOST) ?? []) {
                if (isOver || !navigator.serviceWorker.controller) {
                    return
                }
                await call<Job>('GET', `/jobs/${job.number}`).catch(() => null)
            }
        }
        const first = setTimeout(() => void keep(), AFTER)
        const timer = setInterval(() => void keep(), EVERY)
        return () => {
            isOver = true
            clearTimeout(first)
            clearInterval(timer)
        }
    }, [client, isSignedIn])
}
