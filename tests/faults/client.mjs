// Somebody signed in without a browser: what a tablet sends, and what it is answered.
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'
import { ADDRESS } from './harness.mjs'

const passwords = () => JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8'))

/** A cookie jar and the questions that go with it. */
export class Client {
    constructor(address = ADDRESS) {
        this.address = address
        this.jar = new Map()
    }

    headers(more = {}) {
        return {
            cookie: [...this.jar].map(([name, value]) => `${name}=${value}`).join('; '),
            accept: 'application/json',
            'content-type': 'application/json',
            'x-xsrf-token': decodeURIComponent(this.jar.get('XSRF-TOKEN') ?? ''),
            ...more,
        }
    }

    async ask(method, path, body) {
        const answer = await fetch(this.address + path, {
            method,
            headers: this.headers(),
            signal: AbortSignal.timeout(20_000),
            ...(body === undefined ? {} : { body: JSON.stringify(body) }),
        })
        for (const line of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(line) ?? []
            this.jar.set(name, value)
        }
        const text = await answer.text()
        let document = null
        try {
            document = JSON.parse(text)
        } catch {
            // no JSON
        }
        return { status: answer.status, headers: answer.headers, text, document }
    }

    async signIn(who) {
        await this.ask('GET', 'api/session')
        const { status, text } = await this.ask('POST', 'api/session', { username: who, password: passwords()[who] })
        if (status !== 200) {
            throw new Error(`${who} could not sign in: ${status} ${text.slice(0, 200)}`)
        }
        return this
    }

    /** One note into a job's log: stored, or not answered so. */
    async note(job, text, id = randomUUID()) {
        const entries = [{ id, kind: 'note_written', happened_at: new Date().toISOString(), payload: { text } }]
        const { status, document, headers } = await this.ask('POST', `api/jobs/${job}/entries`, { entries })
        return { status, stored: status === 200 && document.results[0].state !== 'refused', id, retryAfter: headers.get('retry-after') }
    }

    /** How often each text stands in a job's log. */
    async counts(job) {
        const { document } = await this.ask('GET', `api/jobs/${job}`)
        const counts = new Map()
        for (const { text } of document.log.slip) {
            counts.set(text, (counts.get(text) ?? 0) + 1)
        }
        return counts
    }

    /** The line on which the server tells what is new: ends when the server ends it. */
    async follow() {
        const answer = await fetch(`${this.address}api/events`, { headers: this.headers() })
        const line = { status: answer.status, isOver: false, told: '' }
        if (answer.ok) {
            const reader = answer.body.getReader()
            line.close = () => reader.cancel()
            void (async () => {
                for (;;) {
                    const { done, value } = await reader.read()
                    if (done) {
                        line.isOver = true
                        return
                    }
                    line.told += new TextDecoder().decode(value)
                }
            })().catch(() => {
                line.isOver = true
            })
        }
        return line
    }
}
