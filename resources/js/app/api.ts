import { answers } from './answers'
import type { components } from './api-types'
import { read, write } from './kept'
import { seeWhen } from './seen'
import { seeShopClock } from './shopClock'

export type Schemas = components['schemas']
export type Job = Schemas['Job']
export type Spot = Schemas['Spot']
export type Assessment = Schemas['Assessment']
export type Step = Schemas['Step']
export type Tool = Schemas['Tool']
export type Refusal = Schemas['Refusal']
/** The kinds of entry that the log takes, and the keys that a payload of each may have. */
export type EntryKind = Schemas['EntryKind']
export type Payloads = Schemas['Payloads']

/** An answer other than success: what the server said of it, and the status. */
export class Problem extends Error {
    constructor(
        readonly status: number,
        readonly title: string,
        detail: string,
        readonly field = '',
        readonly allowed = '',
    ) {
        super(detail)
    }
}

/** The server cannot be reached at all. */
export class Offline extends Error {
    constructor() {
        super('The shop’s server does not answer.')
    }
}

/** By this the owner tells two tablets apart, and nothing else. */
const tablet = read('tablet', '') || Math.random().toString(36).slice(2, 12).padEnd(8, '0')
write('tablet', tablet)

function token(): string {
    const cookie = document.cookie.split('; ').find((part) => part.startsWith('XSRF-TOKEN='))
    return cookie ? decodeURIComponent(cookie.slice('XSRF-TOKEN='.length)) : ''
}

/** How many entries wait on this tablet, said with every question while there are any: its owner sees what hangs. */
let countWaiting: () => number = () => 0
let hasSaid = false

export function sayWaiting(count: () => number): void {
    countWaiting = count
}

function waitingHere(): Record<string, string> {
    const waiting = countWaiting()
    if (waiting === 0 && !hasSaid) {
        return {}
    }
    hasSaid = waiting > 0
    return { Outbox: `${tablet} ${waiting}` }
}

/** Sends a photograph under the id by which an entry names it; sent twice, it is there once. The hash says that it is kept. */
export async function sendPhoto(id: string, picture: Blob): Promise<{ hash?: string }> {
    const form = new FormData()
    form.append('id', id)
    form.append('photo', picture, 'photograph')
    const response = await fetch('/api/photos', {
        method: 'POST',
        headers: { Accept: 'application/json', 'X-XSRF-TOKEN': token() },
        body: form,
        credentials: 'same-origin',
    }).catch(() => {
        throw new Offline()
    })
    seeShopClock(response)
    const document = await response.json().catch(() => ({}))
    if (!response.ok) {
        throw new Problem(
            response.status,
            document.title ?? '',
            document.detail ?? '',
            document.field ?? '',
            document.allowed ?? '',
        )
    }
    return document
}

/** Sends JSON to the shop's own server and gives its JSON back. */
export async function call<T>(method: 'GET' | 'POST' | 'DELETE', path: string, body?: unknown): Promise<T> {
    let response: Response
    try {
        response = await fetch(`/api${path}`, {
            method,
            headers: {
                Accept: 'application/json',
                'Content-Type': 'application/json',
                'X-XSRF-TOKEN': token(),
                ...waitingHere(),
                ...(method === 'GET' ? answers.known(path) : {}),
            },
            body: body === undefined ? undefined : JSON.stringify(body),
            credentials: 'same-origin',
        })
    } catch {
        throw new Offline()
    }
    seeShopClock(response)
    if (method === 'GET') {
        seeWhen(response)
    }
    if (response.status === 204) {
        return undefined as T
    }
    if (response.status === 304) {
        return answers.again(path) as T
    }
    const document = await response.json().catch(() => ({}))
    if (method === 'GET' && response.ok) {
        answers.keep(path, response, document)
    }
    if (!response.ok) {
        throw new Problem(
            response.status,
            document.title ?? 'This did not work',
            document.detail ?? '',
            document.field ?? '',
            document.allowed ?? '',
        )
    }
    return document as T
}
