import { cleanup, fireEvent, screen, waitFor } from '@testing-library/react'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../app/api'
import { forgetDrafts } from '../app/drafts'
import { FromTable } from '../parts/FromTable'
import { aJob, answers, asked, entered, show } from '../testing/bench'
import { Floor } from './Floor/Floor'
import { Parts } from './Parts/Parts'
import { Condition } from './Shop/Condition'
import { Habits } from './Shop/Habits'
import { People } from './Shop/People'
import { Practice } from './Shop/Practice'
import { SecondFactor } from './Shop/SecondFactor'
import { Security } from './Shop/Security'
import { Settings } from './Shop/Settings'
import { Tablets } from './Shop/Tablets'
import { Begin } from './SignIn/Begin'
import { SignIn } from './SignIn/SignIn'
import { Compare } from './SpecBook/Compare'
import { LikeThis } from './SpecBook/LikeThis'
import { LimitsTable } from './SpecBook/LimitsTable'
import { RodLacking } from './Timing/RodLacking'

const shop = {
    key: 'own',
    name: 'Brannoch Slip',
    zone: 'Europe/London',
    hours: { mon: ['08:00-12:00'] },
    units: { length: 'mm' },
    begun: true,
    others: ['practice'],
    ownBegun: true,
    practice: true,
    unitChoices: { length: ['mm', 'in'], torque: ['N·m', 'lbf·ft'] },
    zones: ['Europe/London', 'UTC'],
    shortestPassword: 8,
    wantsCode: false,
    benches: ['By the door'],
    suppliers: [{ name: 'Dearg Parts', days: 3, here: '2026-12-01' }],
} as Schemas['Shop']

const tomas = {
    username: 'tomas',
    name: 'Tomas Wend',
    initials: 'TW',
    role: 'mechanic',
    disabled: false,
    awaited: false,
    hours: null,
}

const refusal = (field: string, detail: string) => ({
    status: 422,
    document: { title: 'no', detail, field, allowed: 'something else' },
})

const bodies = (path: string) => asked.filter((each) => each.path === path && each.body).map(({ body }) => body)

beforeEach(() => forgetDrafts())

describe('the people of the shop', () => {
    beforeEach(() => {
        answers['/people'] = (body) =>
            body
                ? {
                      document: {
                          username: 'joss',
                          name: 'Joss Pell',
                          code: 'ABCD-EFGH',
                          path: '/welcome/ABCD-EFGH',
                          until: '2026-12-04T10:00:00Z',
                      },
                  }
                : { document: [tomas] }
        answers['/roles'] = () => ({
            document: [
                { name: 'apprentice', may: 'Works on the bench, but for handing a machine over.' },
                { name: 'mechanic', may: 'Nearly everything.' },
                { name: 'owner', may: 'Everything.' },
            ],
        })
    })

    it('shows a new person’s code once, and what the server says of the role', async () => {
        show(<People me="isla" />)
        fireEvent.click(await screen.findByRole('button', { name: 'Add somebody' }))
        fireEvent.click(await screen.findByRole('button', { name: 'Apprentice' }))
        expect(await screen.findByText('Works on the bench, but for handing a machine over.')).toBeTruthy()
        fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Joss Pell' } })
        fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'joss' } })
        fireEvent.change(screen.getByLabelText('Initials'), { target: { value: 'JP' } })
        fireEvent.click(screen.getByRole('button', { name: 'Add, and give a code' }))
        expect((await screen.findByTestId('code')).textContent).toBe('ABCD-EFGH')
        expect(bodies('/people')).toEqual([{ name: 'Joss Pell', username: 'joss', initials: 'JP', role: 'apprentice' }])
    })

    it('says at its field what somebody cannot be called, and keeps what was typed', async () => {
        answers['/people'] = (body) =>
            body ? refusal('initials', 'Tomas Wend has that already.') : { document: [tomas] }
        show(<People me="isla" />)
        fireEvent.click(await screen.findByRole('button', { name: 'Add somebody' }))
        fireEvent.change(screen.getByLabelText('Name'), { target: { value: 'Tam Wild' } })
        fireEvent.change(screen.getByLabelText('Signs in as'), { target: { value: 'tam' } })
        fireEvent.change(screen.getByLabelText('Initials'), { target: { value: 'TW' } })
        fireEvent.click(screen.getByRole('button', { name: 'Add, and give a code' }))
        expect(await screen.findByText(/Tomas Wend has that already. Accepted: something else/)).toBeTruthy()
        expect((screen.getByLabelText('Name') as HTMLInputElement).value).toBe('Tam Wild')
    })

    it('gives somebody hours of their own, beginning with the shop’s, and takes them back', async () => {
        answers['/shop'] = () => ({ document: shop })
        answers['/people/tomas'] = () => ({ document: [tomas] })
        show(<People me="isla" />)
        fireEvent.click(await screen.findByRole('button', { name: 'Change Tomas Wend' }))
        await waitFor(() => expect(asked.some(({ path }) => path === '/shop')).toBe(true))
        fireEvent.click(screen.getByRole('button', { name: 'Hours of their own' }))
        fireEvent.change(screen.getByLabelText('Wednesday'), { target: { value: '9:00 – 11:00, 12:00-13:00' } })
        fireEvent.click(screen.getByRole('button', { name: 'Keep these hours' }))
        await waitFor(() => expect(bodies('/people/tomas')).toHaveLength(1))
        expect(bodies('/people/tomas')[0]).toMatchObject({ hours: { wed: ['9:00-11:00', '12:00-13:00'], sun: [] } })
        fireEvent.click(screen.getByRole('button', { name: 'As the shop' }))
        await waitFor(() => expect(bodies('/people/tomas').at(-1)).toEqual({ hours: null }))
    })

    it('offers nobody to shut themselves out, and says what the server refused', async () => {
        answers['/people/tomas'] = () => refusal('role', 'The shop would have no owner.')
        show(<People me="tomas" />)
        fireEvent.click(await screen.findByRole('button', { name: 'Change Tomas Wend' }))
        expect(screen.queryByRole('button', { name: 'Owner' })).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: 'Hours of their own' }))
        fireEvent.click(screen.getByRole('button', { name: 'Keep these hours' }))
        expect(await screen.findByText('The shop would have no owner.')).toBeTruthy()
    })
})

describe('what the shop is', () => {
    it('sends benches and suppliers without empty lines, and says at its place what cannot be', async () => {
        answers['/shop'] = () => ({ document: shop })
        show(<Settings shop={shop} />)
        fireEvent.click(screen.getByRole('button', { name: 'One more bench' }))
        fireEvent.change(screen.getByLabelText('Bench 2, name'), { target: { value: ' Window ' } })
        fireEvent.click(screen.getByRole('button', { name: 'One more bench' }))
        fireEvent.change(screen.getByLabelText('Supplier 1, days'), { target: { value: '5' } })
        fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        await screen.findByText('Kept.')
        expect(bodies('/shop')[0]).toMatchObject({
            name: 'Brannoch Slip',
            hours: { mon: ['08:00-12:00'], tue: [] },
            benches: ['By the door', 'Window'],
            suppliers: [{ name: 'Dearg Parts', days: 5 }],
        })
        answers['/shop'] = () => refusal('suppliers.0.days', 'This is not a whole number.')
        fireEvent.change(screen.getByLabelText('Supplier 1, days'), { target: { value: 'soon' } })
        fireEvent.click(screen.getByRole('button', { name: 'Keep it' }))
        expect(await screen.findByText(/This is not a whole number/)).toBeTruthy()
        expect((screen.getByLabelText('Supplier 1, days') as HTMLInputElement).value).toBe('soon')
    })

    it('keeps the shop for practice or closes it, and says so when it could not', async () => {
        answers['/shop'] = () => ({ document: { ...shop, practice: false } })
        show(<Practice shop={shop} />)
        fireEvent.click(screen.getByRole('button', { name: 'Throw it away' }))
        await waitFor(() => expect(bodies('/shop')[0]).toMatchObject({ practice: false, name: 'Brannoch Slip' }))
        answers['/shop'] = () => ({ status: 500, document: {} })
        fireEvent.click(screen.getByRole('button', { name: 'Throw it away' }))
        expect(await screen.findByText(/nothing has changed/)).toBeTruthy()
    })

    it('enrols this tablet, and lets one go', async () => {
        const here = { id: 'x', name: 'bench 1', enrolledAt: '2026-11-20T10:00:00Z', isHere: true }
        answers['/devices'] = (body) => ({ document: body ? [here] : [] })
        answers['/devices/x'] = () => ({ document: [] })
        show(<Tablets />)
        fireEvent.change(await screen.findByLabelText('This tablet'), { target: { value: 'bench 1' } })
        fireEvent.click(screen.getByRole('button', { name: 'It stays in the shop' }))
        expect(await screen.findByText(/this one/)).toBeTruthy()
        expect(screen.queryByLabelText('This tablet')).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: 'bench 1 is the shop’s no more' }))
        expect(await screen.findByLabelText('This tablet')).toBeTruthy()
    })

    it.each([
        ['a backup that is overdue', { backupOverdue: true, backupAt: null }, /▲ ?none yet/],
        [
            'a backup that failed',
            { backupFailedAt: '2026-11-25T02:00:00Z' },
            /▲ ?Wed(.*)none has come about since: \.\/moltrek backup says why/,
        ],
        ['a full disk', { diskLow: true, diskFree: 90 * 1024 ** 2 }, /▲ ?90.0 MB/],
        ['faults', { faultsToday: 3 }, /▲ ?3, in var\/storage\/logs/],
        [
            'a tablet whose entries hang',
            { outboxes: [{ who: 'TW', waiting: 2, at: '2026-11-24T10:00:00Z' }] },
            /▲ ?2 entries where TW works/,
        ],
    ])('marks for its owner %s', async (_, stated, said) => {
        const well = {
            backupAt: '2026-11-24T02:00:00Z',
            backupSize: 2 * 1024 ** 2,
            backupOverdue: false,
            backupFailedAt: null,
            diskFree: 9 * 1024 ** 3,
            diskLow: false,
            entries: 700,
            databaseSize: 5 * 1024 ** 2,
            faultsToday: 0,
            outboxes: [],
        }
        answers['/condition'] = () => ({ document: { ...well, ...stated } })
        const { container } = show(<Condition />)
        await screen.findByText('Last backup')
        const bad = [...container.querySelectorAll('dd.text-error')]
        expect(bad).toHaveLength(1)
        expect(bad[0]?.textContent).toMatch(said)
    })

    it('makes a habit of the shop, and says when it may not', async () => {
        const matter = {
            matter: 'base_gasket',
            question: 'Base gasket',
            chosen: 'bare',
            whose: 'usual',
            reason: null,
            isFixed: false,
            options: [
                { name: 'bare', speaksFor: 'Comes off clean.', against: 'Needs faces without a mark.' },
                { name: 'grease', speaksFor: 'Holds it.', against: 'Fills nothing.' },
            ],
        }
        answers['/habits'] = (body) =>
            body
                ? { status: 403, document: { detail: 'The owner makes the habits of the shop.' } }
                : { document: [matter] }
        show(<Habits />)
        expect(await screen.findByText('+ Comes off clean. − Needs faces without a mark.')).toBeTruthy()
        fireEvent.change(screen.getByLabelText(/Base gasket/), { target: { value: 'grease' } })
        expect(await screen.findByText('The owner makes the habits of the shop.')).toBeTruthy()
        expect(bodies('/habits')).toEqual([{ base_gasket: 'grease' }])
    })
})

describe('beginning a shop', () => {
    it('proposes sign-in and initials from the name until they are typed, and says at its field what is refused', async () => {
        answers['/shop'] = () => ({ document: { ...shop, begun: false, ownBegun: false } })
        answers['/shop/begin'] = () => refusal('owner.password', 'This password is among those that are tried first.')
        show(<Begin />, '/begin', '/begin')
        fireEvent.change(await screen.findByLabelText('Name of the shop'), { target: { value: 'Slip' } })
        fireEvent.change(screen.getByLabelText('Your name'), { target: { value: 'Màiri Holm' } })
        expect((screen.getByLabelText('You sign in as') as HTMLInputElement).value).toBe('mairi')
        fireEvent.change(screen.getByLabelText('Initials'), { target: { value: 'MX' } })
        fireEvent.change(screen.getByLabelText('Your name'), { target: { value: 'Màiri Holm Grant' } })
        expect((screen.getByLabelText('Initials') as HTMLInputElement).value).toBe('MX')
        fireEvent.change(screen.getByLabelText('Your password'), { target: { value: 'password1' } })
        fireEvent.click(screen.getByRole('button', { name: 'Open the shop' }))
        expect(await screen.findByText(/among those that are tried first/)).toBeTruthy()
        expect(bodies('/shop/begin')[0]).toMatchObject({
            shop: { name: 'Slip', hours: { mon: ['08:00-12:00', '13:00-17:00'], sat: [] }, units: { length: 'mm' } },
            owner: { name: 'Màiri Holm Grant', username: 'mairi', initials: 'MX', password: 'password1' },
        })
    })
})

describe('rows from a spreadsheet', () => {
    const table = () =>
        show(<FromTable title="Tools from a table" path="/tools/table" example="name" onKept={kept} onClose={closed} />)
    const kept = vi.fn()
    const closed = vi.fn()

    it('keeps nothing while a line is not understood, and what was pasted over a closing', async () => {
        answers['/tools/table'] = () => ({
            document: { rows: [{ line: 2, understood: null, refused: 'A kind of tool, please.' }] },
        })
        table()
        fireEvent.change(screen.getByRole('textbox'), { target: { value: 'name,kind\nM9,hammer' } })
        expect(await screen.findByText(/line 2: A kind of tool, please/)).toBeTruthy()
        expect((screen.getByRole('button', { name: 'Keep all 1' }) as HTMLButtonElement).disabled).toBe(true)
        cleanup()
        answers['/tools/table'] = () => ({
            document: { rows: [{ line: 2, understood: 'M9, a micrometer', refused: null }] },
        })
        table()
        expect((screen.getByRole('textbox') as HTMLTextAreaElement).value).toBe('name,kind\nM9,hammer')
        fireEvent.click(await screen.findByRole('button', { name: 'Keep all 1' }))
        await waitFor(() => expect(kept).toHaveBeenCalled())
        expect(closed).toHaveBeenCalled()
        expect(bodies('/tools/table').at(-1)).toMatchObject({ keep: true })
    })
})

describe('the spec book', () => {
    it('shows what a table of limits changes before it is kept, and whose figures they are', async () => {
        answers['/sheets/harbick-421/limits/preview'] = () => ({
            document: {
                rows: [
                    { line: 1, what: 'Taper', figure: 'max 0.03', understood: 'taper: up to 0.03 mm', refused: null },
                ],
                changes: [{ where: 'limits · taper', before: null, after: '0.03 mm' }],
                refused: null,
            },
        })
        answers['/sheets/harbick-421/limits'] = () => refusal('text', 'The limits cross.')
        show(<LimitsTable slug="harbick-421" onDone={() => {}} />)
        fireEvent.click(await screen.findByRole('button', { name: 'gasket maker' }))
        fireEvent.change(screen.getByLabelText(/^A line each/), { target: { value: 'Taper\tmax 0.03' } })
        expect(await screen.findByText('taper: up to 0.03 mm')).toBeTruthy()
        expect(screen.getByRole('row', { name: /limits · taper/ }).textContent).toContain('0.03 mm')
        fireEvent.click(screen.getByRole('button', { name: 'Onto the sheet, as a new version' }))
        expect(await screen.findByText('The limits cross.')).toBeTruthy()
        expect(bodies('/sheets/harbick-421/limits')).toEqual([{ text: 'Taper\tmax 0.03', source: 'gasket maker' }])
    })

    it('says what is different from a version or an engine', async () => {
        const sheet = {
            slug: 'a',
            title: 'Harbick 421',
            version: 2,
            versions: [
                { version: 2, at: '2026-11-24', jobs: 0 },
                { version: 1, at: '2026-11-20', jobs: 2 },
            ],
        } as unknown as Schemas['Sheet']
        answers['/sheets/a/differences?from=1'] = () => ({
            document: [{ where: 'geometry · bore', before: '86 mm', after: '87 mm' }],
        })
        answers['/sheets/a/differences?from=b'] = () => ({ document: [] })
        show(<Compare sheet={sheet} sheets={[sheet, { ...sheet, slug: 'b', title: 'Skarn 594' }]} />)
        expect(screen.getByText(/kept by 2 jobs/)).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'what has changed since' }))
        expect((await screen.findByRole('row', { name: /geometry · bore/ })).textContent).toContain('87 mm')
        fireEvent.change(screen.getByLabelText('Beside another engine'), { target: { value: 'b' } })
        expect(await screen.findByText('Nothing is different.')).toBeTruthy()
    })

    it('says at its field that an engine is there already, with every word that was typed', async () => {
        answers['/sheets/a/like'] = () => refusal('model', 'The spec book has a sheet of this engine.')
        const sheet = { slug: 'a', title: 'Harbick 421' } as unknown as Schemas['Sheet']
        show(<LikeThis sheet={sheet} onClose={() => {}} />)
        for (const [label, value] of [
            ['Make', 'Harbick'],
            ['Model', '421'],
            ['What it is', 'ATV'],
            ['Bore, mm', '86'],
            ['Stroke, mm', '2.85 in'],
        ] as const) {
            fireEvent.change(screen.getByLabelText(label), { target: { value } })
        }
        fireEvent.click(screen.getByRole('button', { name: 'Into the spec book' }))
        expect(await screen.findByText(/has a sheet of this engine/)).toBeTruthy()
        expect(bodies('/sheets/a/like')[0]).toMatchObject({ bore: '86 mm', stroke: '2.85 in' })
        expect((screen.getByLabelText('Model') as HTMLInputElement).value).toBe('421')
    })
})

describe('where it is needed', () => {
    it('takes a rod’s length with who says so, and says what is refused', async () => {
        answers['/jobs/214/rod'] = () => refusal('rod', 'A rod is longer than half its stroke.')
        const typed = vi.fn()
        show(<RodLacking job={214} rod="20" onRod={typed} />)
        fireEvent.click(screen.getByRole('button', { name: 'Keep it on the sheet' }))
        expect((screen.getByRole('button', { name: 'Onto the sheet' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.change(screen.getByLabelText('Who says so'), { target: { value: 'page 12' } })
        fireEvent.click(screen.getByRole('button', { name: 'Onto the sheet' }))
        expect(await screen.findByText(/longer than half its stroke/)).toBeTruthy()
        expect(bodies('/jobs/214/rod')).toEqual([{ rod: '20 mm', source: 'page 12' }])
    })

    it('orders a part from a supplier for the day that is counted', async () => {
        const part = {
            part: 'Base gasket',
            state: 'needed',
            promised: null,
            for: [],
            why: null,
            wrong: false,
            reuse: null,
            condition: '',
            mayGoBack: false,
            column: null,
        }
        answers['/jobs/214'] = () => ({ document: aJob({ planned: [part] as never }) })
        answers['/dates'] = () => ({ document: { jobs: [] } })
        answers['/shelf'] = () => ({ document: [] })
        answers['/shop'] = () => ({ document: shop })
        show(<Parts />)
        fireEvent.click(await screen.findByRole('button', { name: 'Ordered: Base gasket' }))
        fireEvent.click(await screen.findByRole('button', { name: 'Dearg Parts, 3 days' }))
        fireEvent.click(screen.getByRole('button', { name: 'Into the log' }))
        expect(entered).toEqual([
            {
                job: 214,
                kind: 'part_ordered',
                payload: { part: 'Base gasket', promised: '2026-12-01', for: [], from: 'Dearg Parts' },
            },
        ])
    })

    it('says on the floor what stands on which bench, and puts another there', async () => {
        answers['/floor'] = () => ({
            document: {
                jobs: [],
                comesBack: [],
                today: '2026-11-24',
                zone: 'Europe/London',
                benches: [{ name: 'By the door', job: null }],
            },
        })
        answers['/benches'] = () => ({ status: 422, document: { detail: 'No such job.', field: 'job' } })
        show(<Floor />, '/', '/')
        const bench = (await screen.findByLabelText('What stands on By the door')) as HTMLSelectElement
        expect(bench.selectedOptions[0]?.text).toBe('free')
        fireEvent.change(bench, { target: { value: '' } })
        expect(await screen.findByText('No such job.')).toBeTruthy()
        expect(bodies('/benches')).toEqual([{ bench: 'By the door', job: null }])
    })
})

describe('a second factor', () => {
    const off = { on: false, advised: true, codesLeft: 0, secret: null, address: null, codes: [] }
    const type = (label: string, value: string) => fireEvent.change(screen.getByLabelText(label), { target: { value } })
    const press = (name: string) => fireEvent.click(screen.getByRole('button', { name }))

    it('is begun by the password, confirmed by a first code, and shows the codes for paper once', async () => {
        const secret = { secret: 'ABCDEFGHIJKLMNOP', address: 'otpauth://totp/Brannoch:isla?secret=ABCDEFGHIJKLMNOP' }
        answers['/second-factor'] = (body) => ({ document: body ? { ...off, ...secret } : off })
        answers['/second-factor/confirm'] = (body) =>
            (body as { code: string }).code === '123456'
                ? { document: { ...off, on: true, codesLeft: 2, codes: ['abcde-fghjk', 'mnpqr-stuvw'] } }
                : refusal('code', 'These are not the digits of now.')
        show(<SecondFactor />)
        expect(await screen.findByText(/You are an owner and have none yet/)).toBeTruthy()
        type('Your password', 'three wet ferries')
        press('Begin')
        expect(await screen.findByText('ABCD EFGH IJKL MNOP')).toBeTruthy()
        expect(screen.getByRole('img', { name: /Square for your telephone/ })).toBeTruthy()
        type('The six digits that it shows', '999999')
        press('Confirm')
        expect(await screen.findByText(/These are not the digits of now/)).toBeTruthy()
        expect((screen.getByLabelText('The six digits that it shows') as HTMLInputElement).value).toBe('999999')
        type('The six digits that it shows', '123456')
        press('Confirm')
        expect(await screen.findByText('abcde-fghjk')).toBeTruthy()
        press('They are on paper')
        expect(screen.queryByText('abcde-fghjk')).toBeNull()
        expect(screen.getByText(/2 codes on paper left: end it and begin again/)).toBeTruthy()
    })

    it('is asked for at the door after name and password, and what was typed stays', async () => {
        answers['/shop'] = () => ({ document: shop })
        answers['/bench'] = () => ({ document: { tablet: null, people: [], locksAfter: 600 } })
        answers['/session'] = (body) =>
            (body as { code?: string }).code
                ? { document: { person: tomas, byPin: false, secondFactor: true } }
                : refusal('code', 'Type the six digits that your telephone shows.')
        show(<SignIn />)
        type('Name', 'tomas')
        expect(screen.queryByLabelText('Code')).toBeNull()
        type('Password', 'three wet ferries')
        press('Sign in')
        expect(await screen.findByText(/Type the six digits/)).toBeTruthy()
        type('Code', '123456')
        press('Sign in')
        await waitFor(() => expect(bodies('/session')).toHaveLength(2))
        expect(bodies('/session')).toEqual([
            { username: 'tomas', password: 'three wet ferries' },
            { username: 'tomas', password: 'three wet ferries', code: '123456' },
        ])
    })
})

it('shows the owner who came in and who was refused, the newest few first', async () => {
    const line = (number: number, what: string) => ({
        at: `2026-11-24T12:0${number}:00Z`,
        what,
        who: number === 1 ? null : 'Tomas Wend (TW)',
        about: '',
        origin: '192.168.1.9',
    })
    answers['/security'] = () => ({
        document: [
            line(9, 'signed in'),
            line(1, 'sign-in refused'),
            ...[2, 3, 4, 5, 6, 7, 8].map((each) => line(each, 'PIN set')),
        ],
    })
    show(<Security />)
    expect(await screen.findByText('signed in')).toBeTruthy()
    expect(screen.getByText('sign-in refused').className).toContain('error')
    expect(screen.getAllByRole('listitem')).toHaveLength(8)
    fireEvent.click(screen.getByRole('button', { name: 'All 9' }))
    expect(screen.getAllByRole('listitem')).toHaveLength(9)
})
