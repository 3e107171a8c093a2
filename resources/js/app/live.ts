import type { QueryClient } from '@tanstack/react-query'
import type { Job } from './api'

/**
 * What other tablets enter, as the server tells of it: which job’s log grew, and how far. What is shown of it is asked for
 * anew. While the line to the server is not there, everything is asked for every so often, as if there were none.
 */
let isOpen = false

/** How often something is asked for by itself: seldom while the server tells. */
export const every = (milliseconds: number) => (): number => (isOpen ? milliseconds * 6 : milliseconds)

/** What was asked for just now is not asked for again when the line opens. */
const FRESH = 1000

/** What several entries in a row make stale is asked for once. */
const PAUSE = 100

/** Follows while the page is looked at: a browser keeps few lines to one server, and pages behind others need none. */
export function followWhileSeen(client: QueryClient): () => void {
    let leave: (() => void) | null = null
    const look = () => {
        if (document.visibilityState === 'hidden') {
            leave?.()
            leave = null
        } else {
            leave ??= follow(client, new EventSource('/api/events'))
        }
    }
    document.addEventListener('visibilitychange', look)
    look()
    return () => {
        document.removeEventListener('visibilitychange', look)
        leave?.()
    }
}

export function follow(client: QueryClient, source: EventSource): () => void {
    const grown = new Map<number, number>()
    let timer: ReturnType<typeof setTimeout> | undefined
    const refresh = () => {
        timer = undefined
        // what this tablet has entered itself it knows by now
        const jobs = new Set([...grown].filter(([job, seq]) => !knows(client, job, seq)).map(([job]) => job))
        grown.clear()
        void client.invalidateQueries({
            predicate: ({ queryKey: [what, of] }) => what === 'floor' || what === 'dates' || jobs.has(of as number),
        })
    }
    source.addEventListener('log', (event) => {
        const { job, seq } = JSON.parse((event as MessageEvent<string>).data) as { job: number; seq: number }
        grown.set(job, seq)
        timer ??= setTimeout(refresh, PAUSE)
    })
    // the line has been away, or was never there: whatever came meanwhile was not told
    source.addEventListener('again', () => {
        isOpen = true
        void client.invalidateQueries({ predicate: ({ state }) => state.dataUpdatedAt < Date.now() - FRESH })
    })
    source.addEventListener('error', () => {
        isOpen = false
    })
    return () => {
        isOpen = false
        clearTimeout(timer)
        source.close()
    }
}

const knows = (client: QueryClient, job: number, seq: number): boolean =>
    (client.getQueryData<Job>(['job', job])?.log.lastSeq ?? -1) >= seq
