import { call, type Job, Offline, Problem, type Refusal, type Schemas, sendPhoto } from './api'
import { photoOf, type Waiting } from './waiting'

/**
 * How the way to the server is: open, no network, the server fails, is being started, has no room left, nobody is signed in, or
 * somebody else than who typed.
 */
export type Line = 'online' | 'offline' | 'fault' | 'starting' | 'disk-full' | 'signed-out' | 'other-person'

interface Result {
    id: string
    state: string
    refusal: Refusal | null
}

/** How entries and photographs reach the server; tests put their own in their place. */
export type Post = (job: number, batch: unknown) => Promise<{ results: Result[]; job: Job }>
export type SendPhoto = (id: string, picture: Blob) => Promise<{ hash?: string }>

export interface Ledger {
    /** What the server has is no longer waiting. */
    stored: (ids: string[], job: Job | null) => Promise<void>
    refused: (entry: Waiting, refusal: Refusal) => Promise<void>
    photo: (id: string) => Promise<Blob | null>
}

const post: Post = (job, batch) => call<Schemas['Entries']>('POST', `/jobs/${job}/entries`, batch)

const MOST = 100

/** What ends an attempt: nothing can be sent over this line now. */
class Stopped extends Error {
    constructor(readonly line: Line) {
        super(line)
    }
}

/** What became of one batch: how many entries the server answered for, and those that it fails on one by one. */
interface Outcome {
    answered: number
    failed: Waiting[]
}

/**
 * Sends batches job by job. A batch that the server turns away or fails on is halved until the entry that spoils it is
 * alone; that one is refused, and the others go on. A server that fails on everything is left alone until the next time.
 */
export class Sender {
    constructor(
        private ledger: Ledger,
        private postBatch: Post = post,
        private postPhoto: SendPhoto = sendPhoto,
    ) {}

    async send(entries: Waiting[], by: string): Promise<Line> {
        let line: Line = 'online'
        for (const job of new Set(entries.map((entry) => entry.job))) {
            const ofJob = entries.filter((entry) => entry.job === job)
            for (let at = 0; at < ofJob.length; at += MOST) {
                try {
                    await this.sendJob(job, ofJob.slice(at, at + MOST), by)
                } catch (stop) {
                    if (!(stop instanceof Stopped)) {
                        throw stop
                    }
                    line = stop.line
                    if (line !== 'fault') {
                        return line
                    }
                    break
                }
            }
        }
        return line
    }

    /** Where the server fails on one entry and takes its neighbours, the fault is in that entry. */
    private async sendJob(job: number, batch: Waiting[], by: string): Promise<void> {
        const { answered, failed } = await this.sendBatch(job, batch, by)
        if (failed.length > 0 && answered === 0) {
            throw new Stopped('fault')
        }
        for (const entry of failed) {
            await this.ledger.refused(entry, {
                field: '',
                message: 'The server fails on this entry; the others went through.',
                read: '',
                allowed: 'sent again, or dropped',
            })
        }
    }

    private async sendBatch(job: number, batch: Waiting[], by: string): Promise<Outcome> {
        try {
            await this.sendPhotos(batch)
            const answer = await this.postBatch(job, {
                client_now: new Date().toISOString(),
                ...(by ? { by } : {}),
                entries: batch.map(({ id, kind, payload, happenedAt, clockOffset }) => ({
                    id,
                    kind,
                    payload,
                    happened_at: happenedAt,
                    ...(clockOffset === null || clockOffset === undefined ? {} : { clock_offset: clockOffset }),
                })),
            })
            await this.settle(batch, answer.results, answer.job)
            return { answered: batch.length, failed: [] }
        } catch (error) {
            return this.afterFailure(asProblem(error), job, batch, by)
        }
    }

    private async afterFailure(problem: Problem, job: number, batch: Waiting[], by: string): Promise<Outcome> {
        if (problem.status === 404) {
            return this.refuseAll(batch, refusalOf(problem, `Job ${job} is not there any more.`))
        }
        if (batch.length === 1) {
            return problem.status >= 500 ? { answered: 0, failed: batch } : this.refuseAll(batch, refusalOf(problem))
        }
        const middle = Math.ceil(batch.length / 2)
        const left = await this.sendBatch(job, batch.slice(0, middle), by)
        if (problem.status >= 500 && left.answered === 0 && left.failed.length > 1) {
            return left
        }
        const right = await this.sendBatch(job, batch.slice(middle), by)
        return { answered: left.answered + right.answered, failed: [...left.failed, ...right.failed] }
    }

    private async refuseAll(batch: Waiting[], refusal: Refusal): Promise<Outcome> {
        for (const entry of batch) {
            await this.ledger.refused(entry, refusal)
        }
        return { answered: batch.length, failed: [] }
    }

    private async sendPhotos(batch: Waiting[]): Promise<void> {
        for (const entry of batch) {
            const id = photoOf(entry)
            const picture = id === null ? null : await this.ledger.photo(id)
            if (id !== null && picture) {
                const { hash } = await this.postPhoto(id, picture)
                // an answer that does not name what is kept is no answer: the copy here stays
                if (!hash) {
                    throw new Stopped('fault')
                }
            }
        }
    }

    private async settle(batch: Waiting[], results: Result[], job: Job): Promise<void> {
        const kept: string[] = []
        for (const [index, result] of results.entries()) {
            const entry = batch[index]
            if (!entry) {
                continue
            }
            if (result.state === 'refused') {
                await this.ledger.refused(entry, result.refusal ?? refusalOf(new Problem(422, 'Refused', '')))
            } else {
                kept.push(entry.id)
            }
        }
        await this.ledger.stored(kept, job)
    }
}

/** A problem that is about what was sent; anything else ends the attempt. */
function asProblem(error: unknown): Problem {
    if (error instanceof Offline) {
        throw new Stopped('offline')
    }
    if (!(error instanceof Problem)) {
        throw error
    }
    if (error.status === 401 || error.status === 419) {
        throw new Stopped('signed-out')
    }
    if (error.status === 409) {
        throw new Stopped('other-person')
    }
    if (error.status === 503) {
        throw new Stopped(error.title === 'The disk is full' ? 'disk-full' : 'starting')
    }
    if (error.status === 429) {
        throw new Stopped('fault')
    }
    return error
}

function refusalOf(problem: Problem, message = problem.message): Refusal {
    return {
        field: problem.field,
        message: message || problem.title,
        read: '',
        allowed: problem.allowed || 'what this job can take',
    }
}
