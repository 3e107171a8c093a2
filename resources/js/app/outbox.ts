import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { v7 as uuid } from 'uuid'
import type { EntryKind, Job, Payloads } from './api'
import { dropDraftsOf } from './drafts'
import { journal } from './journal'
import { person } from './person'
import { type Line, type Post, Sender, type SendPhoto } from './sender'
import { keptUnder } from './shop'
import { clockOffset } from './shopClock'
import { isOf, type Photo, photoOf, type Waiting } from './waiting'

export type { Line, Post } from './sender'

interface Shelf extends DBSchema {
    entries: { key: string; value: Waiting; indexes: { job: number } }
    photos: { key: string; value: Photo }
}

/** How an entry is made, where it is not made of nothing. */
export interface How {
    /** The id of the draft it was made from. */
    id?: string
    held?: boolean
    /** A photograph that goes with it; the payload names it by the id that is given here. */
    photo?: Photo
}

/**
 * Entries get their id here, are written to the journal in the moment they are made and to IndexedDB right after, and go to
 * the server in order, job by job. Sending the same entry twice does no harm: the server knows it by its id.
 */
export class Outbox {
    private database: Promise<IDBPDatabase<Shelf>>
    private flushing: Promise<void> | null = null
    private again = false
    private entries: Waiting[] = []
    private listeners = new Set<() => void>()
    private holding = new Set<string>()
    private sender: Sender
    private stored: (job: Job) => void = () => {}
    line: Line = 'online'
    /** Whether what was kept from an earlier visit has been read: until then nobody can say that an entry has gone. */
    isRead = false

    constructor(name = keptUnder, post?: Post, sendPhoto?: SendPhoto) {
        this.database = openDB<Shelf>(name, 2, {
            upgrade(database, from) {
                if (from < 1) {
                    database.createObjectStore('entries', { keyPath: 'id' }).createIndex('job', 'job')
                }
                database.createObjectStore('photos', { keyPath: 'id' })
            },
        })
        this.entries = journal.recovered()
        this.sender = new Sender(
            {
                stored: async (ids, job) => {
                    // the job with them first: nobody sees a moment in which they are neither here nor there
                    if (job) {
                        this.stored(job)
                    }
                    await this.forget(ids)
                },
                refused: (entry, refusal) => this.replace({ ...entry, refusal }),
                photo: async (id) => (await (await this.database).get('photos', id))?.picture ?? null,
            },
            post,
            sendPhoto,
        )
    }

    onStored(stored: (job: Job) => void): void {
        this.stored = stored
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener)
        return () => this.listeners.delete(listener)
    }

    snapshot = (): Waiting[] => this.entries

    /** Takes up what an earlier visit left behind: in the journal, or held while the server looked at it. */
    async open(): Promise<void> {
        const database = await this.database
        for (const entry of journal.recovered().filter((each) => !this.holding.has(each.id))) {
            await database.put('entries', entry)
            journal.cross(entry.id)
        }
        await this.reload()
        dropDraftsOf(new Set(this.entries.map((entry) => entry.id).filter((id) => !this.holding.has(id))))
        for (const entry of this.entries.filter((each) => each.held && !this.holding.has(each.id))) {
            await database.put('entries', { ...entry, held: false })
        }
        await this.reload()
        void this.flush()
    }

    /** Everything up to the first await happens in the keystroke itself. */
    async add<K extends EntryKind>(
        job: number,
        kind: K,
        payload: Payloads[K],
        label: string,
        how: How = {},
    ): Promise<string> {
        const { id = uuid(), held = false, photo } = how
        if (held) {
            this.holding.add(id)
        }
        const entry: Waiting = {
            id,
            job,
            kind,
            payload,
            happenedAt: new Date().toISOString(),
            clockOffset: clockOffset(),
            by: person.current(),
            label,
            refusal: null,
            held,
        }
        journal.write(entry)
        this.entries = [...this.entries.filter((each) => each.id !== id), entry]
        this.tell()
        const database = await this.database
        if (photo) {
            await database.put('photos', photo)
        }
        await database.put('entries', entry)
        journal.cross(id)
        await this.reload()
        void this.flush()
        return id
    }

    /** Keeps a photograph until the entry that names it is sent. */
    async keepPhoto(picture: Blob): Promise<string> {
        const id = uuid()
        await (await this.database).put('photos', { id, picture })
        return id
    }

    /** Lets go an entry that was held while the server looked at it. */
    async release(id: string): Promise<void> {
        this.holding.delete(id)
        await this.change(id, (entry) => ({ ...entry, held: false }))
        void this.flush()
    }

    /** Sends a refused entry once more. */
    async resend(id: string): Promise<void> {
        await this.change(id, (entry) => ({ ...entry, refusal: null }))
        void this.flush()
    }

    /** Drops an entry that the server has refused, once a person has seen why. */
    async drop(id: string): Promise<void> {
        this.holding.delete(id)
        journal.cross(id)
        await this.forget([id])
    }

    /** Sends what waits. Calls while it is sending are remembered, so that nothing is left behind. */
    flush(): Promise<void> {
        if (this.flushing) {
            this.again = true
            return this.flushing
        }
        this.flushing = this.exclusively(() => this.sendAll()).finally(() => {
            this.flushing = null
            if (this.again) {
                this.again = false
                void this.flush()
            }
        })
        return this.flushing
    }

    /** One tab at a time. */
    private async exclusively(work: () => Promise<void>): Promise<void> {
        if (navigator.locks) {
            await navigator.locks.request('moltrek-outbox', work)
        } else {
            await work()
        }
    }

    private async sendAll(): Promise<void> {
        await this.reload()
        const mine = this.entries.filter(
            (entry) => entry.refusal === null && !entry.held && isOf(entry, person.current()),
        )
        this.report(await this.sender.send(mine, person.current()))
    }

    private async change(id: string, into: (entry: Waiting) => Waiting): Promise<void> {
        const entry = await (await this.database).get('entries', id)
        if (entry) {
            await this.replace(into(entry))
        }
    }

    private async replace(entry: Waiting): Promise<void> {
        await (await this.database).put('entries', entry)
        await this.reload()
    }

    private async forget(ids: string[]): Promise<void> {
        const database = await this.database
        const photos = this.entries.filter((entry) => ids.includes(entry.id)).map(photoOf)
        const change = database.transaction(['entries', 'photos'], 'readwrite')
        for (const id of ids) {
            await change.objectStore('entries').delete(id)
        }
        for (const photo of photos.filter((each) => each !== null)) {
            await change.objectStore('photos').delete(photo)
        }
        await change.done
        await this.reload()
    }

    private async reload(): Promise<void> {
        const kept = await (await this.database).getAll('entries')
        const known = new Set(kept.map((entry) => entry.id))
        const written = journal.left().filter((entry) => !known.has(entry.id))
        const held = this.entries.filter((entry) => this.holding.has(entry.id) && !known.has(entry.id))
        const all = [...kept, ...written.filter((entry) => !this.holding.has(entry.id)), ...held]
        this.entries = all.sort((one, other) => (one.id < other.id ? -1 : 1))
        this.isRead = true
        this.tell()
    }

    report(line: Line): void {
        this.line = line
        this.tell()
    }

    private tell(): void {
        for (const listener of this.listeners) {
            listener()
        }
    }
}

export const outbox = new Outbox()
