import { readFileSync } from 'node:fs'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render } from '@testing-library/react'
import type { ReactElement } from 'react'
import { createMemoryRouter, RouterProvider } from 'react-router'
import { afterEach, beforeEach, expect, vi } from 'vitest'
import type { Job, Step } from '../app/api'
import { outbox } from '../app/outbox'

/** Every payload that a test sends; a test of the core reads each of them. */
const READ_BY_CORE = JSON.parse(readFileSync('core/tests/fixtures/sent-payloads.json', 'utf8')) as unknown[]

/** What a screen has entered into the log: job, kind and payload, in order. */
export let entered: { job: number; kind: string; payload: unknown }[] = []

type Answer = { status?: number; document: unknown }

/** Answers by the path that is asked for; a path that nobody has set is an error of the test. */
export let answers: Record<string, (body: unknown) => Answer | Promise<Answer>> = {}

/** What was asked of the server, and with what. */
export let asked: { path: string; body: unknown }[] = []

beforeEach(() => {
    entered = []
    asked = []
    answers = {}
    localStorage.clear()
    vi.spyOn(outbox, 'add').mockImplementation(async (job, kind, payload) => {
        entered.push({ job, kind, payload })
        return 'id'
    })
    vi.stubGlobal('fetch', async (address: string, init?: { body?: string }) => {
        const path = address.replace(/^\/api/, '')
        const body = init?.body ? JSON.parse(init.body) : undefined
        asked.push({ path, body })
        const answer = await answers[path]?.(body)
        if (!answer) {
            throw new Error(`Nobody answers ${path}`)
        }
        const { status = 200, document } = answer
        return { ok: status < 400, status, json: async () => document }
    })
    HTMLDialogElement.prototype.showModal ??= function (this: HTMLDialogElement) {
        this.open = true
    }
    HTMLDialogElement.prototype.close ??= function (this: HTMLDialogElement) {
        this.open = false
    }
})

afterEach(() => {
    for (const { kind, payload } of entered) {
        expect(READ_BY_CORE, 'a payload that core reads too').toContainEqual(
            JSON.parse(JSON.stringify({ kind, payload })),
        )
    }
    cleanup()
    vi.restoreAllMocks()
    vi.unstubAllGlobals()
})

/** A screen or a part of one, with what every screen stands in. */
export function show(element: ReactElement, at = '/jobs/214', path = '/jobs/:number/*') {
    const client = new QueryClient({ defaultOptions: { queries: { retry: false } } })
    const router = createMemoryRouter(
        [
            { path, element },
            { path: '*', element: <p>elsewhere</p> },
        ],
        { initialEntries: [at] },
    )
    const view = render(
        <QueryClientProvider client={client}>
            <RouterProvider router={router} />
        </QueryClientProvider>,
    )
    return { ...view, router, client }
}

const least = {
    engine: {
        description: '',
        facts: '',
        sheet: 'ulvane-139r',
        sheetVersion: 1,
        newerSheet: null,
        sheetNote: null,
        findings: [],
        drawing: {
            bore: 86,
            stroke: 72.5,
            rod: 124,
            rodIsStated: true,
            barrelHeight: 98,
            pistonHeight: 62,
            cylinders: [{ id: '1', name: 'cylinder', phase: 0, belowTop: 0, crank: 0, bank: null }],
            rings: [],
        },
    },
    stack: { slabs: [], togetherUpTo: null, trays: [], columns: [], acts: [] },
    planning: {
        steps: [],
        next: undefined,
        waits: [],
        ledger: [],
        debts: [],
        schools: [],
        minutesLeft: 0,
        progress: 0,
        brief: { errands: ['top end'], offered: [] },
    },
    measuring: { spots: [], assessments: [], tools: [], heldWays: [] },
    fitting: {
        bores: [],
        pairing: null,
        gaps: [],
        honing: { lining: 'iron', tools: ['ball hone'], budget: 0.02, taperMax: 0.015 },
        marks: [],
        marksSettledBy: null,
        shells: [],
    },
    parts: { orders: [], planned: [], home: [] },
    closing: {
        owner: 'Brannoch Moor Rescue',
        complaint: '',
        symptoms: [],
        earlier: [],
        promise: { day: null, inWords: null, late: false },
        openEnds: [],
        handedOver: null,
    },
    log: { lastSeq: 0, slip: [], people: ['IC', 'TW', 'PQ'] },
}

type Chapters = {
    [C in keyof typeof least]: Job[C]
}
type Stated = Partial<
    Chapters['engine'] &
        Chapters['stack'] &
        Chapters['planning'] &
        Chapters['measuring'] &
        Chapters['fitting'] &
        Chapters['parts'] &
        Chapters['closing'] &
        Chapters['log']
>

/** A job with as little in it as a test needs; what the test states goes to the chapter that it belongs to. */
export function aJob(stated: Stated = {}): Job {
    const chapters = Object.entries(least).map(([name, chapter]) => [
        name,
        { ...chapter, ...Object.fromEntries(Object.entries(stated).filter(([key]) => key in chapter)) },
    ])
    return { number: 214, title: 'Ulvane 139 R', zone: 'Europe/Lisbon', ...Object.fromEntries(chapters) } as Job
}

export function aStep(parts: Partial<Step> = {}): Step {
    return {
        id: 'step',
        slab: 'barrel',
        kind: 'fit',
        name: 'Base gasket down',
        why: 'It seals.',
        how: null,
        uses: null,
        tools: [],
        takes: [],
        caution: null,
        minutes: 5,
        secondPerson: false,
        state: 'ready',
        canBeDone: true,
        needs: [],
        blockedBy: [],
        voidBecause: null,
        asks: [],
        questions: [],
        inTurn: [],
        isMirrored: false,
        owes: null,
        alone: null,
        isOwn: false,
        spots: [],
        entry: null,
        doneBy: null,
        doneAt: null,
        answerers: [],
        access: null,
        aside: null,
        bench: null,
        ...parts,
    } as unknown as Step
}

/** Sends the form that a field belongs to, as Enter does. */
export function send(field: HTMLElement): void {
    const { form } = field as HTMLInputElement
    if (!form) {
        throw new Error('This field belongs to no form')
    }
    fireEvent.submit(form)
}
