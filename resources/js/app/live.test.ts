import { QueryClient } from '@tanstack/react-query'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { every, follow } from './live'

/** A line to the server that a test speaks on. */
class Line extends EventTarget {
    close = vi.fn()
    says(event: string, data: unknown = {}) {
        this.dispatchEvent(new MessageEvent(event, { data: JSON.stringify(data) }))
    }
}

const job = (lastSeq: number) => ({ log: { lastSeq } })
let client: QueryClient
let line: Line
let leave: () => void

const isStale = (...key: unknown[]) => client.getQueryState(key)?.isInvalidated

beforeEach(() => {
    vi.useFakeTimers()
    client = new QueryClient()
    line = new Line()
    for (const number of [214, 216]) {
        client.setQueryData(['job', number], job(40))
        client.setQueryData(['timing', number], {})
    }
    client.setQueryData(['floor'], {})
    client.setQueryData(['tools'], [])
    leave = follow(client, line as unknown as EventSource)
})

afterEach(() => {
    leave()
    vi.useRealTimers()
})

describe('what other tablets enter', () => {
    it('makes stale the job that grew and the floor, and nothing else', () => {
        line.says('log', { job: 214, seq: 41 })
        line.says('log', { job: 214, seq: 42 })
        vi.advanceTimersByTime(200)
        expect([isStale('job', 214), isStale('timing', 214), isStale('floor')]).toEqual([true, true, true])
        expect([isStale('job', 216), isStale('timing', 216), isStale('tools')]).toEqual([false, false, false])
    })

    it('is not asked for where this tablet entered it: the answer came with the sending', () => {
        line.says('log', { job: 214, seq: 41 })
        client.setQueryData(['job', 214], job(41))
        vi.advanceTimersByTime(200)
        expect(isStale('job', 214)).toBe(false)
        expect(isStale('floor')).toBe(true)
    })

    it('is asked for whole when the line was away, and less often by itself while it is there', () => {
        expect(every(20_000)()).toBe(20_000)
        vi.advanceTimersByTime(5000)
        line.says('again')
        expect([isStale('job', 214), isStale('job', 216), isStale('tools')]).toEqual([true, true, true])
        expect(every(20_000)()).toBe(120_000)
        line.dispatchEvent(new Event('error'))
        expect(every(20_000)()).toBe(20_000)
    })

    it('is followed no more once somebody has left', () => {
        line.says('log', { job: 214, seq: 41 })
        leave()
        vi.advanceTimersByTime(200)
        expect(isStale('job', 214)).toBe(false)
        expect(line.close).toHaveBeenCalled()
    })
})
