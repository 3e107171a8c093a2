import { beforeEach, describe, expect, it } from 'vitest'
import { type Job, Offline, Problem } from './api'
import { readDraft, writeDraft } from './drafts'
import { journal } from './journal'
import { Outbox, type Post } from './outbox'
import { person } from './person'
import { seeShopClock } from './shopClock'
import type { Waiting } from './waiting'

interface Sent {
    job: number
    ids: string[]
    body: unknown
}

let name = 0
let sent: Sent[] = []
let stored: Set<string>
let failure: Error | null

/** A server that stores each id once, and can be away. */
const server: Post = async (job, body) => {
    const entries = (body as { entries: { id: string; payload: { text?: string } }[] }).entries
    sent.push({ job, ids: entries.map((entry) => entry.id), body })
    if (failure) {
        throw failure
    }
    if (job === 999) {
        throw new Problem(404, 'Not found', 'There is nothing here.')
    }
    if (entries.some((entry) => entry.payload.text === 'malformed')) {
        throw new Problem(422, 'This cannot be used', 'This is not what is needed here.', 'entries', 'a batch')
    }
    if (entries.some((entry) => entry.payload.text === 'breaks it')) {
        throw new Problem(500, 'A fault in Moltrek', 'It has been written to the log.')
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
    localStorage.clear()
    person.become('tomas')
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
        const id = await outbox.add(214, 'note_written', { text: 'a' }, 'a', { held: true })
        await settled(outbox)
        expect([...stored]).toEqual([])
        await outbox.release(id)
        await settled(outbox)
        expect([...stored]).toEqual([id])
        const second = await outbox.add(214, 'note_written', { text: 'b' }, 'b', { held: true })
        const after = new Outbox(`t${name}`, server)
        await after.open()
        await settled(after)
        expect([...stored]).toEqual([id, second])
    })

    it.each([
        ['is malformed', 'malformed', 'a batch'],
        ['the server fails on', 'breaks it', 'sent again, or dropped'],
    ])('lets one entry that %s hold up nothing: halved until it is alone, it is refused', async (_, text, allowed) => {
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        for (const each of ['a', 'b', text, 'c', 'd', 'e', 'f']) {
            await outbox.add(214, 'note_written', { text: each }, each)
        }
        await outbox.add(217, 'note_written', { text: 'another job' }, 'another job')
        failure = null
        await outbox.flush()
        await settled(outbox)
        expect(stored.size).toBe(7)
        expect(outbox.snapshot().map((entry) => entry.label)).toEqual([text])
        expect(outbox.snapshot()[0]?.refusal?.allowed).toBe(allowed)
        expect(outbox.line).toBe('online')
    })

    it('goes on with other jobs when one is gone, and refuses what was typed for that one', async () => {
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        await outbox.add(999, 'note_written', { text: 'lost job' }, 'lost job')
        await outbox.add(999, 'note_written', { text: 'its second' }, 'its second')
        await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        failure = null
        await outbox.flush()
        await settled(outbox)
        expect(stored.size).toBe(1)
        expect(outbox.snapshot().map((entry) => entry.refusal?.message)).toEqual([
            'Job 999 is not there any more.',
            'Job 999 is not there any more.',
        ])
    })

    it('leaves a server alone that fails on everything, refuses nothing, and says so', async () => {
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        for (let note = 0; note < 40; note++) {
            await outbox.add(214, 'note_written', { text: `note ${note}` }, 'note')
        }
        failure = new Problem(500, 'A fault in Moltrek', '')
        sent = []
        await outbox.flush()
        expect(outbox.line).toBe('fault')
        expect(sent.length).toBeLessThan(12)
        expect(outbox.snapshot().filter((entry) => entry.refusal !== null)).toEqual([])
        failure = null
        await outbox.flush()
        await settled(outbox)
        expect(stored.size).toBe(40)
    })

    it('sends what somebody typed only under their own sign-in', async () => {
        const outbox = new Outbox(`t${name}`, server)
        failure = new Offline()
        await outbox.add(214, 'note_written', { text: 'by Tomas' }, 'by Tomas')
        person.become('petra')
        failure = null
        await outbox.add(214, 'note_written', { text: 'by Petra' }, 'by Petra')
        await outbox.flush()
        expect(outbox.snapshot().map((entry) => [entry.label, entry.by])).toEqual([['by Tomas', 'tomas']])
        expect(sent.map((each) => (each.body as { by: string }).by).at(-1)).toBe('petra')
        person.become('tomas')
        await outbox.flush()
        await settled(outbox)
        expect(stored.size).toBe(2)
    })

    it('sends with each entry how far the clock was out when it was typed', async () => {
        const said = (ahead: number) =>
            seeShopClock({ headers: new Headers({ 'Shop-Now': new Date(Date.now() + ahead).toISOString() }) })
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        said(7_200_000)
        await outbox.add(214, 'note_written', { text: 'two hours slow' }, '')
        said(0)
        await outbox.add(214, 'note_written', { text: 'put right' }, '')
        failure = null
        await outbox.flush()
        await settled(outbox)
        const last = sent.at(-1)?.body as { entries: { clock_offset: number }[] } | undefined
        const offsets = last?.entries.map((entry) => entry.clock_offset) ?? []
        expect(Math.round((offsets[0] ?? 0) / 1000)).toBe(7200)
        expect(Math.abs(Math.round((offsets[1] ?? 1000) / 1000))).toBe(0)
    })

    it('has written an entry down before the keystroke is over, and finds it after a reload', async () => {
        failure = new Offline()
        const outbox = new Outbox(`t${name}`, server)
        writeDraft('note:214', { id: 'draft-1', value: 'half a note' })
        void outbox.add(214, 'note_written', { text: 'half a note' }, 'half a note', { id: 'draft-1' })
        // nothing has been awaited: the page may end here
        expect(journal.left().map((entry) => entry.id)).toEqual(['draft-1'])
        failure = null
        const after = new Outbox(`other${name}`, server)
        expect(readDraft('note:214')).toBeNull()
        await after.open()
        await settled(after)
        expect([...stored]).toEqual(['draft-1'])
        expect(after.snapshot()).toEqual([])
    })

    it('crosses an entry out of the journal once it has it, and never sends it twice', async () => {
        const outbox = new Outbox(`t${name}`, server)
        const id = await outbox.add(214, 'note_written', { text: 'a' }, 'a')
        await settled(outbox)
        expect(journal.left()).toEqual([])
        // as if the page had ended just before the crossing out
        journal.write({
            ...({ refusal: null } as Waiting),
            id,
            job: 214,
            kind: 'note_written',
            payload: { text: 'a' },
            by: 'tomas',
        })
        const after = new Outbox(`t${name}`, server)
        await after.open()
        await settled(after)
        expect([...stored]).toEqual([id])
        expect(after.snapshot()).toEqual([])
    })

    it('sends a photograph before the entry that names it, and keeps it while the server is away', async () => {
        const order: string[] = []
        const outbox = new Outbox(
            `t${name}`,
            (job, body) => {
                order.push('entry')
                return server(job, body)
            },
            async (id, picture) => {
                order.push(`photo ${id} ${picture.size}`)
                if (failure) {
                    throw failure
                }
                return { hash: 'h1' }
            },
        )
        failure = new Offline()
        const photo = { id: 'p1', picture: new Blob(['12345']) }
        await outbox.add(214, 'note_written', { text: 'seen', photo: 'p1' }, 'seen', { photo })
        await settled(outbox)
        expect(outbox.snapshot()).toHaveLength(1)
        failure = null
        order.length = 0
        await outbox.flush()
        expect(order[0]).toMatch(/^photo p1/)
        expect(order.at(-1)).toBe('entry')
        expect(outbox.snapshot()).toEqual([])
    })

    it('keeps its copy of a photograph until the server tells the hash of what it keeps', async () => {
        let kept: { hash?: string } = {}
        let sent = 0
        const outbox = new Outbox(`t${name}`, server, async () => {
            sent++
            return kept
        })
        await outbox.add(214, 'note_written', { text: 'seen', photo: 'p1' }, 'seen', {
            photo: { id: 'p1', picture: new Blob(['12345']) },
        })
        await settled(outbox)
        expect(outbox.line).toBe('fault')
        expect(outbox.snapshot()).toHaveLength(1)
        kept = { hash: 'h1' }
        const before = sent
        await outbox.flush()
        expect(sent).toBe(before + 1)
        expect(outbox.snapshot()).toEqual([])
    })
})
