import { readFileSync } from 'node:fs'
import { fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Job } from '../app/api'
import { outbox } from '../app/outbox'
import {
    fastenersCsv,
    figureOf,
    finalOf,
    fromCsv,
    groupsOf,
    orderOf,
    programmesCsv,
    type SheetText,
    withFasteners,
    withPattern,
} from '../app/sheetTorque'
import type { Waiting } from '../app/waiting'
import { aJob, answers, entered, show } from '../testing/bench'
import { commonOf, withCommon } from './SpecBook/FastenerFields'
import { ahead, type Joint, marksOf, type Run } from './Torque/run'
import { Torque } from './Torque/Torque'

const bolt = (id: string, x: number, more: object = {}) => ({
    id,
    x,
    y: 0,
    thread: 'M8x1.25',
    condition: 'thread oiled',
    leftHand: false,
    reached: 'straight',
    oneUse: false,
    document: { id, slab: 'head', x: `${x} mm`, y: '0 mm', thread: 'M8x1.25' },
    ...more,
})

const setting = {
    wrench: 'w1',
    name: 'torque wrench W1',
    adapter: null,
    adapterName: null,
    angle: 0,
    lever: 280,
    reach: null,
    dial: '20 N·m',
    delivered: 20,
    doubt: 0.5,
    overdue: false,
    cautions: [],
}

const pass = (more: object = {}) => ({
    group: 'head',
    name: 'Head bolts',
    source: 'engine maker',
    kind: 'torque',
    words: '20 N·m',
    act: 'One steady pull until it clicks; do not pull on.',
    actByFeel: 'No wrench gets in.',
    order: ['a', 'b', 'c'],
    figure: 20,
    least: 19,
    most: 21,
    final: null,
    between: null,
    note: null,
    over: 'slacken and restart the stage',
    settings: [setting],
    ...more,
})

const aRun = (more: object = {}): Run =>
    ({
        id: 'run-1',
        begunBy: 'TW',
        begunAt: '2026-11-24T09:00:00.000Z',
        lastAt: null,
        lastBy: null,
        isComplete: false,
        voidBecause: null,
        stage: 1,
        next: { stage: 1, bolt: 'a', turned: 0 },
        asked: null,
        stagesBack: [],
        wasLong: false,
        missed: [],
        owed: [],
        done: [
            { stage: 1, bolts: [], felt: [], outOfOrder: [] },
            { stage: 2, bolts: [], felt: [], outOfOrder: [] },
        ],
        remarks: [],
        last: null,
        pulls: 0,
        earlier: 0,
        ...more,
    }) as Run

const aJoint = (more: object = {}): Joint =>
    ({
        step: 'pull.head',
        slab: 'head',
        name: 'Head bolts',
        state: 'ready',
        canBegin: true,
        why: null,
        bolts: [bolt('a', 0), bolt('b', 40), bolt('c', 80)],
        passes: [pass(), pass({ kind: 'check', words: 'check pass at 20 N·m' })],
        programme: { aim: 'middle', groups: [] },
        run: null,
        place: { bores: [], chain: null, isHead: true },
        ...more,
    }) as unknown as Joint

const asked = (bolt: string, more: Partial<NonNullable<Run['asked']>> = {}) => ({
    stage: 1,
    begins: 1,
    bolt,
    outcome: 'over' as const,
    headline: `${bolt} went past its limit`,
    ask: 'Slacken and restart the stage.',
    mayBeAccepted: true,
    ...more,
})

/** The wrench of a pull, as it is entered. */
const WITH = expect.objectContaining({ wrench: 'w1', dial: '20 N·m', gives: '20.000 N·m' })

const waiting = (...pulls: [number, string, object?][]): Waiting[] =>
    pulls.map(([stage, id, more], index) => ({
        id: String(index),
        kind: 'bolt_pulled',
        payload: { run: 'run-1', stage, bolt: id, ...more },
        refusal: null,
    })) as unknown as Waiting[]

describe('a run while its pulls are on their way', () => {
    it.each([
        ['nothing on its way', [], '1 a'],
        ['one click', [[1, 'a']], '1 b'],
        [
            'a whole stage',
            [
                [1, 'a'],
                [1, 'b'],
                [1, 'c'],
            ],
            '2 a',
        ],
        ['out of order: the missed one comes back', [[1, 'b']], '1 a'],
        [
            'the same twice',
            [
                [1, 'a'],
                [1, 'a'],
            ],
            '1 b',
        ],
        ['ahead of its stage: waits for the server', [[2, 'a']], '1 a'],
        ['one that the core has to judge', [[1, 'a', { torque: '25 N·m' }]], '1 a'],
        ['one that went over', [[1, 'a', { over: true }]], '1 a'],
        ['of another run', [[1, 'a', { run: 'another' }]], '1 a'],
    ] as [string, [number, string, object?][], string][])('%s', (_, pulls, expected) => {
        const { next } = ahead(aRun(), aJoint().passes, waiting(...pulls))
        expect(`${next?.stage} ${next?.bolt}`).toBe(expected)
    })

    it('passes by what is owed', () => {
        const owed = [{ bolt: 'b', reason: 'bracket first', release: '', stage: 1 }]
        expect(ahead(aRun({ owed }), aJoint().passes, waiting([1, 'a'])).next?.bolt).toBe('c')
    })

    it('shows each fastener by what it is in this stage', () => {
        const run = aRun({
            next: { stage: 1, bolt: 'a', turned: 0 },
            missed: ['a'],
            done: [{ stage: 1, bolts: ['b'], felt: ['b'], outOfOrder: ['b'] }],
        })
        expect(marksOf(aJoint(), run, 1)).toEqual({ a: 'due', b: 'felt', c: 'after' })
        expect(marksOf(aJoint(), { ...run, next: null, asked: asked('c') }, 1)).toEqual({
            a: 'missed',
            b: 'felt',
            c: 'over',
        })
    })
})

const AT = '/jobs/214/torque/pull.head'

function shown(joint: Joint, more: Partial<Job> = {}) {
    const job = { ...aJob(), torquing: { joints: [joint] }, ...more }
    answers['/jobs/214'] = () => ({ document: job })
    answers['/jobs/214/sequence'] = () => ({ document: { lastSeq: 0 } })
    return show(<Torque />, AT, '/jobs/:number/torque/:step')
}

describe('the torque map', () => {
    it('shows the setting large, and enters a click with the wrench it was made with', async () => {
        shown(aJoint({ run: aRun() }))
        expect(await screen.findByText(/gives 20.0 N·m/)).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: /^Clicked/ }))
        expect(entered).toEqual([
            {
                job: 214,
                kind: 'bolt_pulled',
                payload: { run: 'run-1', stage: 1, bolt: 'a', with: WITH },
            },
        ])
    })

    it('takes the space bar, once for a glove that bounces', async () => {
        shown(aJoint({ run: aRun() }))
        await screen.findByText(/gives 20.0 N·m/)
        fireEvent.keyDown(window, { key: ' ' })
        fireEvent.keyDown(window, { key: ' ' })
        expect(entered).toHaveLength(1)
    })

    it('stops a bolt that is out of order, and takes it only when it is said again', async () => {
        shown(aJoint({ run: aRun() }))
        await screen.findByText(/gives 20.0 N·m/)
        fireEvent.click(screen.getByRole('button', { name: 'c' }))
        const alert = screen.getByRole('alert')
        expect(alert.textContent).toContain('c out of order: a is next')
        fireEvent.keyDown(window, { key: ' ' })
        expect(entered).toEqual([])
        fireEvent.click(within(alert).getByRole('button', { name: 'c has been pulled' }))
        expect(entered[0]?.payload).toMatchObject({ bolt: 'c' })
    })

    it('asks for the maker’s consequence of a pull past its limit: all slackened is from the first stage', async () => {
        shown(aJoint({ run: aRun({ next: null, asked: asked('b', { stage: 2, begins: 2 }) }) }))
        const alert = await screen.findByRole('alert')
        expect(alert.textContent).toContain('engine maker: Slacken and restart the stage.')
        fireEvent.click(within(alert).getByRole('button', { name: 'All slackened: from stage 1' }))
        fireEvent.click(within(alert).getByRole('button', { name: 'Only head bolts slackened: from stage 2' }))
        fireEvent.click(within(alert).getByRole('button', { name: 'b replaced' }))
        expect(entered.map(({ kind, payload }) => [kind, (payload as { stage?: number }).stage])).toEqual([
            ['stage_restarted', 1],
            ['stage_restarted', 2],
            ['bolt_replaced', undefined],
        ])
    })

    it.each([
        ['clicked at once', true, 'b out, seen and in again', 'bolt_replaced'],
        ['turns without rising', false, 'b replaced', 'bolt_replaced'],
    ] as const)(
        'asks about a fastener that %s, and accepts only what may be',
        async (outcome, mayBeAccepted, button, kind) => {
            const headline = `b ${outcome}`
            shown(aJoint({ run: aRun({ next: null, asked: asked('b', { outcome, headline, mayBeAccepted }) }) }))
            const alert = await screen.findByRole('alert')
            expect(alert.textContent).toContain(headline)
            expect(within(alert).queryByRole('button', { name: 'Accept it' }) !== null).toBe(mayBeAccepted)
            expect(within(alert).queryByRole('button', { name: 'Leave it owed' }) !== null).toBe(!mayBeAccepted)
            fireEvent.click(within(alert).getByRole('button', { name: button }))
            expect(entered[0]).toMatchObject({ kind, payload: { bolt: 'b', reason: expect.stringContaining('out, ') } })
        },
    )

    it('leaves a fastener owed until its thread is mended', async () => {
        const feel = { outcome: 'turns without rising' as const, mayBeAccepted: false }
        shown(aJoint({ run: aRun({ next: null, asked: asked('b', feel) }) }))
        fireEvent.click(await screen.findByRole('button', { name: 'Leave it owed' }))
        fireEvent.change(screen.getByLabelText('What b waits for'), { target: { value: 'thread insert' } })
        const alert = screen.getByRole('alert')
        fireEvent.click(within(alert).getAllByRole('button', { name: 'Leave it owed' }).at(-1) as HTMLElement)
        expect(entered[0]).toMatchObject({
            kind: 'bolt_skipped',
            payload: { bolt: 'b', reason: 'turns without rising', release: 'thread insert' },
        })
    })

    it.each([
        ['torque', 'Past this stage, not past 42.0 N·m', { past: true }],
        ['torque', 'Past 42.0 N·m', { over: true }],
        ['torque', 'Clicked at once', { feel: 'clicked at once' }],
        ['torque', 'Turns without rising', { feel: 'turns without rising' }],
        ['angle', 'Past its angle', { over: true }],
        ['check', 'Past 21.0 N·m', { over: true }],
    ])('enters of a stage of %s what is said with “%s”', async (kind, button, said) => {
        const passes = [pass({ kind, final: kind === 'torque' ? 42 : null }), pass({ kind: 'check' })]
        shown(aJoint({ passes, run: aRun() }))
        fireEvent.click(await screen.findByRole('button', { name: /over, felt/ }))
        fireEvent.click(screen.getByRole('button', { name: button }))
        expect(entered[0]).toMatchObject({ kind: 'bolt_pulled', payload: { bolt: 'a', ...said } })
    })

    it('asks of a check pass neither a click at once nor what is past a stage', async () => {
        shown(aJoint({ passes: [pass({ kind: 'check' })], run: aRun() }))
        fireEvent.click(await screen.findByRole('button', { name: /over, felt/ }))
        expect(screen.queryByRole('button', { name: 'Clicked at once' })).toBeNull()
        expect(screen.queryByRole('button', { name: /^Past this stage/ })).toBeNull()
        expect(screen.getByRole('button', { name: 'It moved' })).toBeTruthy()
    })

    it('brings a bolt up that was owed, at the stage that it lacks', async () => {
        const owed = [{ bolt: 'b', reason: 'bracket first', release: '', stage: 1 }]
        shown(aJoint({ run: aRun({ next: { stage: 2, bolt: 'a', turned: 0 }, stage: 2, owed }) }))
        fireEvent.click(await screen.findByRole('button', { name: 'pull b now' }))
        fireEvent.click(screen.getByRole('button', { name: /^Clicked/ }))
        expect(entered[0]?.payload).toEqual({
            run: 'run-1',
            stage: 1,
            bolt: 'b',
            with: WITH,
        })
    })

    it('says that a thread is left-hand', async () => {
        shown(aJoint({ run: aRun(), bolts: [bolt('a', 0, { leftHand: true }), bolt('b', 40), bolt('c', 80)] }))
        expect(await screen.findByText('↺ Left-hand thread: it tightens anticlockwise.')).toBeTruthy()
    })

    it('enters a bolt that nothing reaches as felt', async () => {
        shown(aJoint({ run: aRun(), bolts: [bolt('a', 0, { reached: 'feel' }), bolt('b', 40), bolt('c', 80)] }))
        fireEvent.click(await screen.findByRole('button', { name: /^Clicked/ }))
        expect(entered[0]?.payload).toEqual({ run: 'run-1', stage: 1, bolt: 'a', felt: true })
    })

    it('offers to go round again after a long pause, and waits for the answer', async () => {
        const last = { id: 'e1', stage: 1, bolt: 'a', outcome: 'done', by: 'PQ', at: '2026-11-24T09:00:00.000Z' }
        const run = aRun({ wasLong: true, stagesBack: [1], last, lastAt: last.at, lastBy: 'PQ' })
        shown(aJoint({ run }))
        const pause = await screen.findByRole('region', { name: 'After a pause' })
        fireEvent.keyDown(window, { key: ' ' })
        expect(entered).toEqual([])
        fireEvent.click(within(pause).getByRole('button', { name: 'Go round stage 1 again' }))
        expect(entered[0]?.payload).toEqual({ run: 'run-1', stage: 1, reason: 'to be sure after a pause' })
        fireEvent.click(within(pause).getByRole('button', { name: 'Go on at a' }))
        expect(screen.queryByRole('region', { name: 'After a pause' })).toBeNull()
    })

    it('says that it was begun here and is not in the log yet, and shows what was refused', async () => {
        const begun = {
            id: '1',
            job: 214,
            kind: 'run_started',
            payload: { step: 'pull.head' },
            refusal: null,
            label: '',
        }
        const refusal = {
            field: 'payload.bolt',
            message: 'This is not what is needed here.',
            read: 'z',
            allowed: 'a, b, c',
        }
        const refused = {
            id: '2',
            job: 214,
            kind: 'bolt_pulled',
            payload: { run: 'run-0', stage: 1, bolt: 'z' },
            label: 'Head bolts, stage 1: z',
            happenedAt: '2026-11-24T09:00:00.000Z',
            refusal,
        }
        const kept = [begun, refused] as unknown as Waiting[]
        vi.spyOn(outbox, 'snapshot').mockReturnValue(kept)
        shown(aJoint())
        expect(await screen.findByText(/Begun here, not yet in the log/)).toBeTruthy()
        expect(screen.queryByRole('button', { name: /^Begin/ })).toBeNull()
        expect(screen.getByRole('alert').textContent).toContain('Refused: This is not what is needed here.')
    })

    it('says why a joint cannot be pulled yet', async () => {
        shown(aJoint({ canBegin: false, why: 'First: head down on its dowels.' }))
        expect(await screen.findByText('First: head down on its dowels.')).toBeTruthy()
        expect(screen.queryByRole('button', { name: /Begin/ })).toBeNull()
    })

    it('asks for what the sheet does not state, and begins with it', async () => {
        answers['/calculations/torque-stages'] = () => ({
            document: { stages: [8, 16, 24].map((value) => ({ value, unit: 'N·m' })) },
        })
        shown(aJoint({ programme: null, passes: [] }))
        fireEvent.click(await screen.findByRole('button', { name: /Keep it on the sheet/ }))
        expect(screen.getByText('A torque, such as 24.')).toBeTruthy()
        expect(entered).toEqual([])
        fireEvent.change(screen.getByLabelText('Final figure'), { target: { value: '24' } })
        fireEvent.change(screen.getByLabelText(/^Who says so/), { target: { value: 'service manual, page 48' } })
        fireEvent.click(screen.getByRole('button', { name: 'crosswise' }))
        await screen.findByText('8 N·m, 16 N·m, 24 N·m, then a check pass')
        fireEvent.click(screen.getByRole('button', { name: /Keep it on the sheet/ }))
        const stages = [
            { kind: 'torque', figure: '8 N·m', pattern: 'cross' },
            { kind: 'torque', figure: '16 N·m' },
            { kind: 'torque', figure: '24 N·m' },
        ]
        expect(entered[0]).toMatchObject({
            kind: 'run_started',
            payload: { step: 'pull.head', programme: { groups: [{ stages }] } },
        })
    })

    it('begins with no stages that belong to the figure before', async () => {
        let answerThirty = () => {}
        const thirds = (final: number) => ({
            document: { stages: [final / 3, (final / 3) * 2, final].map((value) => ({ value, unit: 'N·m' })) },
        })
        answers['/calculations/torque-stages'] = (body) =>
            (body as { final: string }).final === '30 N·m'
                ? new Promise((resolve) => {
                      answerThirty = () => resolve(thirds(30))
                  })
                : thirds(24)
        shown(aJoint({ programme: null, passes: [] }))
        fireEvent.change(await screen.findByLabelText('Final figure'), { target: { value: '24' } })
        fireEvent.change(screen.getByLabelText(/^Who says so/), { target: { value: 'service manual, page 48' } })
        await screen.findByText('8 N·m, 16 N·m, 24 N·m, then a check pass')
        fireEvent.change(screen.getByLabelText('Final figure'), { target: { value: '30' } })
        const begin = screen.getByRole('button', { name: /Keep it on the sheet/ })
        expect(begin).toHaveProperty('disabled', true)
        fireEvent.submit(begin.closest('form') as HTMLFormElement)
        expect(entered).toEqual([])
        answerThirty()
        await screen.findByText('10 N·m, 20 N·m, 30 N·m, then a check pass')
        expect(begin).toHaveProperty('disabled', false)
    })
})

const sheetOf = (name: string): SheetText => JSON.parse(readFileSync(`database/sheets/${name}.json`, 'utf8'))
const SHEETS = [
    'ostrel-608',
    'harbick-421',
    'pellgrove-1092',
    'ferrant-738',
    'brindlecote-812',
    'dunmoor-208sv',
    'ulvane-139r',
    'skarn-594',
]

describe('the torque of a sheet', () => {
    it.each([
        ['24 N·m', { figure: '24 N·m' }],
        ['22 to 26 N·m', { min: '22 N·m', max: '26 N·m' }],
        ['22 N·m to 26 N·m', { min: '22 N·m', max: '26 N·m' }],
        ['15-18 lbf·ft', { min: '15 lbf·ft', max: '18 lbf·ft' }],
        ['85 to 95 deg', { min: '85 deg', max: '95 deg' }],
        [' 90 deg ', { figure: '90 deg' }],
        ['', {}],
    ])('reads the figure “%s”', (text, expected) => {
        expect(figureOf(text)).toEqual(expected)
    })

    it.each([
        ['h1 h4, h2', { order: ['h1', 'h4', 'h2'] }],
        ['cross', { pattern: 'cross' }],
        ['', {}],
    ])('reads the order “%s”', (text, expected) => {
        expect(orderOf(text)).toEqual(expected)
    })

    it.each(SHEETS)('comes back from its tables as it went out: %s', (name) => {
        const sheet = sheetOf(name)
        const again = fromCsv(fromCsv({}, fastenersCsv(sheet)), programmesCsv(sheet))
        expect(again.fasteners).toEqual(sheet.fasteners)
        expect(again.programmes).toEqual(sheet.programmes)
    })

    it('changes of a group’s fasteners what was typed for all, and leaves each its own', () => {
        const bolts = (sheetOf('harbick-421').fasteners ?? []).filter(({ id }) => id.startsWith('h'))
        const common = commonOf(bolts)
        expect(common).toMatchObject({ thread: '', class: '', hand: 'right', reached: '' })
        expect(withCommon(bolts, common, common)).toEqual(bolts)
        const typed = withCommon(bolts, common, { ...common, hand: 'left', thread_is: 'threadlocker' })
        expect(typed.every((bolt) => bolt.hand === 'left' && bolt.thread_is === 'threadlocker')).toBe(true)
        expect(typed.map(({ thread }) => thread)).toEqual(bolts.map(({ thread }) => thread))
        const right = withCommon(typed, commonOf(typed), { ...commonOf(typed), hand: 'right', thread_is: '' })
        expect(right[0]).not.toHaveProperty('hand')
        expect(right[0]).not.toHaveProperty('thread_is')
        expect(withFasteners(sheetOf('harbick-421'), typed).fasteners?.filter(({ hand }) => hand === 'left')).toEqual(
            typed,
        )
    })

    it('says which line of a table it cannot read', () => {
        expect(() => fromCsv({}, 'id,slab,x,y,thread\nh1,head,0 mm,,M8x1.25')).toThrow('Line 2: y is missing.')
        expect(() => fromCsv({}, 'bolt,turn\nh1,2')).toThrow('The first line names the columns')
    })

    it('keeps places and order of a group, and lets later stages go the same way', () => {
        const sheet = sheetOf('dunmoor-208sv')
        const group = groupsOf(sheet).find((each) => each.group === 'head')
        const places = (group?.bolts ?? []).map(({ id, x, y }) => ({
            id,
            x: x.replace(' mm', ''),
            y: y.replace(' mm', ''),
        }))
        const order = places.map(({ id }) => id).reverse()
        const changed = withPattern(sheet, 'head', [{ id: 'h1', x: '50', y: '17,1' }, ...places.slice(1)], order)
        expect(changed.fasteners).toHaveLength(sheet.fasteners?.length ?? 0)
        expect(changed.fasteners?.[0]).toEqual({ ...sheet.fasteners?.[0], x: '50 mm', y: '17.1 mm' })
        const [first, second] = groupsOf(changed).find((each) => each.group === 'head')?.programme?.stages ?? []
        expect(first?.order).toEqual(order)
        expect(first?.pattern).toBeUndefined()
        expect(second?.order).toBeUndefined()
        expect(finalOf(group?.programme ?? null)).toBe('24 N·m')
    })
})
