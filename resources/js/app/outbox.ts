import { type DBSchema, type IDBPDatabase, openDB } from 'idb'
import { v7 as uuid } from 'uuid'
import { call, type Job, Offline, Problem, type Refusal, type Schemas } from './api'

/** An entry of the log on its way to the server. It is kept here until the server says that it is stored. */
export interface Waiting {
    id: string
    job: number
    kind: string
    payload: unknown
    happenedAt: string
    /** What it says, for the slip, while nobody has replayed it yet. */
    label: string
    refusal: Refusal | null
    /** Kept here while the server looks at it; sent as it is if this visit ends before it has. */
    held?: boolean
}

export type Line = 'online' | 'offline' | 'signed-out'

interface Shelf extends DBSchema {
    entries: { key: string; value: Waiting; indexes: { job: number } }
}

/** How the outbox reaches the server; tests put their own in its place. */
export type Post = (
    job: number,
    batch: unknown,
) => Promise<{ results: { id: string; state: string; refusal: Refusal | null }[]; job: Job }>

const post: Post = (job, batch) => call<Schemas['Entries']>('POST', `/jobs/${job}/entries`, batch)

const MOST = 100

/**
 * Entries get their id here, are written to IndexedDB before anything else, and go to the server in order, job by job.
 * Sending the same entry twice does no harm: the server knows it by its id.
 */
export class Outbox {
    private database: Promise<IDBPDatabase<Shelf>>
    private flushing: Promise<void> | null = null
    private again = false
    private entries: Waiting[] = []
    private listeners = new Set<() => void>()
    private holding = new Set<string>()
    line: Line = 'online'

    constructor(
        name = 'moltrek',
        private send: Post = post,
        private stored: (job: Job) => void = () => {},
    ) {
        this.database = openDB<Shelf>(name, 1, {
            upgrade(database) {
                database.createObjectStore('entries', { keyPath: 'id' }).createIndex('job', 'job')
            },
        })
    }

    onStored(stored: (job: Job) => void): void {
        this.stored = stored
    }

    subscribe = (listener: () => void): (() => void) => {
        this.listeners.add(listener)
        return () => this.listeners.delete(listener)
    }

    snapshot = (): Waiting[] => this.entries

    /** Takes up what an earlier visit left behind. */
    async open(): Promise<void> {
        await this.reload()
        for (const entry of this.entries.filter((each) => each.held && !this.holding.has(each.id))) {
            await (await this.database).put('entries', { ...entry, held: false })
        }
        await this.reload()
        void this.flush()
    }

    async add(job: number, kind: string, payload: unknown, label: string, held = false): Promise<string> {
        const id = uuid()
        if (held) {
            this.holding.add(id)
        }
        const entry = { id, job, kind, payload, happenedAt: new Date().toISOString(), label, refusal: null, held }
        await (await this.database).add('entries', entry)
        await this.reload()
        void this.flush()
        return id
    }

    /** Lets go an entry that was held while the server looked at it. */
    async release(id: string): Promise<void> {
        const database = await this.database
        const entry = await database.get('entries', id)
        this.holding.delete(id)
        if (entry) {
            await database.put('entries', { ...entry, held: false })
        }
        await this.reload()
        void this.flush()
    }

    /** Drops an entry that the server has refused, once a person has seen why. */
    async drop(id: string): Promise<void> {
        await (await this.database).delete('entries', id)
        await this.reload()
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
        const waiting = this.entries.filter((entry) => entry.refusal === null && !entry.held)
        for (const job of new Set(waiting.map((entry) => entry.job))) {
            const batch = waiting.filter((entry) => entry.job === job).slice(0, MOST)
            if (!(await this.sendBatch(job, batch))) {
                return
            }
        }
    }

    /** True when the server answered for the whole batch. */
    private async sendBatch(job: number, batch: Waiting[]): Promise<boolean> {
        try {
            const answer = await this.send(job, {
                client_now: new Date().toISOString(),
                entries: batch.map(({ id, kind, payload, happenedAt }) => ({
                    id,
                    kind,
                    payload,
                    happened_at: happenedAt,
                })),
            })
            await this.settle(batch, answer.results)
            this.stored(answer.job)
            this.report('online')
            return true
        } catch (error) {
            if (error instanceof Problem && (error.status === 401 || error.status === 419)) {
                this.report('signed-out')
            } else if (error instanceof Offline || error instanceof Problem) {
                this.report('offline')
            } else {
                throw error
            }
            return false
        }
    }

    private async settle(batch: Waiting[], results: { id: string; state: string; refusal: Refusal | null }[]) {
        const change = (await this.database).transaction('entries', 'readwrite')
        for (const [index, result] of results.entries()) {
            const entry = batch[index]
            if (!entry) {
                continue
            }
            if (result.state === 'refused') {
                await change.store.put({ ...entry, refusal: result.refusal })
            } else {
                await change.store.delete(entry.id)
            }
        }
        await change.done
        await this.reload()
    }

    private async reload(): Promise<void> {
        const entries = await (await this.database).getAll('entries')
        this.entries = entries.sort((one, other) => (one.id < other.id ? -1 : 1))
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
