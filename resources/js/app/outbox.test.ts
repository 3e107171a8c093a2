import { beforeEach, describe, expect, it } from 'vitest'
import { type Job, Offline, Problem } from './api'
import { Outbox, type Post } from './outbox'

interface Sent {
    job: number
    ids: string[]
}

let name = 0
let sent: Sent[] = []
let stored: Set<string>
let failure: Error | null

/** A server that stores each id once, and can be away. */
const server: Post = async (job, body) => {
    const entries = (body as { entries: { id: string; payload: { text?: string } }[] }).entries
    sent.push({ job, ids: entries.map((entry) => entry.id) })
    if (failure) {
        throw failure
    }
    const results = entries.map((entry) => {
        if (entry.payload.text === '') {
            const refusal = { field: 'payload.text', message: 'missing', read: '', allowed: 'a text' }
            return { id: entry.id, state: 'refused', refusal }
        }
        const state = stored.has(entry.id) ? 'already' : 'stored'
        stored.add(entry.id)
        return { id: entry.id, state, refusal: null }
    })
    return { results, job: { number: job } as Job }
}

const settled = async (outbox: Outbox) => {
    for (let i = 0; i < 50; i++) {
        await new Promise((resolve) => setTimeout(resolve, 2))
        await outbox.flush()
        if (failure || outbox.snapshot().every((entry) => entry.refusal !== null)) {
            return
        }
    }
}

beforeEach(() => {
    name++
    sent = []
    stored = new Set()
    failure = null
})

describe('the outbox', () => {
    it('sends in order and forgets what is stored', async () => {
        const outbox = new Outbox(`t${name}`, server)
        const first = await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        const second = await outbox.add(214, 'note_written', { text: 'b' }, 'b')
        await settled(outbox)
        expect([...stored]).toEqual([first, second])
        expect(outbox.snapshot()).toEqual([])
    })

    it('keeps entries while the server is away and sends them when it is back', async () => {
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        const id = await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        await settled(outbox)
        expect(outbox.snapshot().map((entry) => entry.id)).toEqual([id])
        expect(outbox.line).toBe('offline')
        failure = null
        await outbox.flush()
        expect(outbox.snapshot()).toEqual([])
        expect(outbox.line).toBe('online')
    })

    it('takes up what an earlier visit left behind, under the same id', async () => {
        failure = new Offline()
        const before = new Outbox(`t${name}`, server)
        const id = await before.add(214, 'note_written', { text: 'a' }, 'a')
        await settled(before)
        failure = null
        const after = new Outbox(`t${name}`, server)
        await after.open()
        await settled(after)
        expect([...stored]).toEqual([id])
    })

    it('keeps a refused entry with its reason and does not send it again', async () => {
        const outbox = new Outbox(`t${name}`, server)
        const id = await outbox.add(214, 'note_written', { text: '' }, 'nothing')
        await settled(outbox)
        const requests = sent.length
        await outbox.flush()
        expect(sent.length).toBe(requests)
        expect(outbox.snapshot()[0]?.refusal?.field).toBe('payload.text')
        await outbox.drop(id)
        expect(outbox.snapshot()).toEqual([])
    })

    it('sends each job’s entries to that job', async () => {
        const outbox = new Outbox(`t${name}`, server)
        await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        await outbox.add(217, 'note_written', { text: 'b' }, 'b')
        await settled(outbox)
        expect(new Set(sent.map((request) => request.job))).toEqual(new Set([214, 217]))
    })

    it('says when the person has been signed out, and keeps everything', async () => {
        failure = new Problem(401, 'Sign in first', '')
        const outbox = new Outbox(`t${name}`, server)
        await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        await settled(outbox)
        expect(outbox.line).toBe('signed-out')
        expect(outbox.snapshot()).toHaveLength(1)
    })

    it('holds an entry until it is let go, and lets it go when the page comes back', async () => {
        const outbox = new Outbox(`t${name}`, server)
        const id = await outbox.add(214, 'reading_taken', {}, 'a', true)
        await settled(outbox)
        expect([...stored]).toEqual([])
        await outbox.release(id)
        await settled(outbox)
        expect([...stored]).toEqual([id])
        const second = await outbox.add(214, 'reading_taken', {}, 'b', true)
        const after = new Outbox(`t${name}`, server)
        await after.open()
        await settled(after)
        expect([...stored]).toEqual([id, second])
    })
})
