import { useQueryClient } from '@tanstack/react-query'
import { useEffect } from 'react'
import { call, type Job, type Schemas } from './api'
import { Idle } from './idle'

/** Nobody works on more at once; of those the newest are kept first. */
const MOST = 20
const EVERY = 10 * 60_000
const AFTER = 5_000

/**
 * The open jobs are asked for while nobody touches the screen, one after another, so that the browser has them when the network is
 * gone: those that were never opened on this tablet too. A hand on the screen stops it until it has rested again.
 */
export function useKeepOpenJobs(isSignedIn: boolean): void {
    const client = useQueryClient()
    useEffect(() => {
        if (!isSignedIn || !navigator.serviceWorker) {
            return
        }
        const idle = new Idle(window)
        let isOver = false
        const keep = async () => {
            const floor = client.getQueryData<Schemas['Floor']>(['floor'])
            for (const number of newestFirst(floor?.jobs ?? []).slice(0, MOST)) {
                await idle.rest()
                if (isOver || !navigator.serviceWorker.controller) {
                    return
                }
                await call<Job>('GET', `/jobs/${number}`).catch(() => null)
            }
        }
        const first = setTimeout(() => void keep(), AFTER)
        const timer = setInterval(() => void keep(), EVERY)
        return () => {
            isOver = true
            clearTimeout(first)
            clearInterval(timer)
            idle.end()
        }
    }, [client, isSignedIn])
}

/** The machine that came in last is the one that is worked on. */
export const newestFirst = (jobs: { number: number }[]): number[] =>
    jobs.map(({ number }) => number).sort((one, other) => other - one)
