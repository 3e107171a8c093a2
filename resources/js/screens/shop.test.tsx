import { act, fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../app/api'
import { WaitBell } from '../app/WaitBell'
import { Finder } from '../parts/Finder'
import { aJob, answers, asked, entered, send, show } from '../testing/bench'
import { Dates } from './Dates/Dates'
import { Floor } from './Floor/Floor'
import { Import } from './Import/Import'
import { MachineShop } from './MachineShop/MachineShop'
import { Pairing } from './Pairing/Pairing'
import { Record } from './Record/Record'
import { Rings } from './Rings/Rings'
import { Toolbox } from './Toolbox/Toolbox'
import { Wrench } from './Wrench/Wrench'

const floorJob = (parts: Partial<Schemas['FloorJob']>): Schemas['FloorJob'] =>
    ({
        number: 214,
        title: 'Ulvane 139 R',
        description: 'trail bike, two-stroke single',
        owner: 'Brannoch Moor Rescue',
        promised: '2026-11-27',
        promisedInWords: '3 days left',
        late: false,
        progress: 0.2,
        togetherUpTo: null,
        drawing: aJob().engine.drawing,
        slabs: [],
        next: { kind: 'step', id: 'a', slab: null, text: 'Clean the barrel', why: 'Carbon.', canBeWorked: true },
        parts: [],
        waits: [],
        minutesLeft: 130,
        shortMoves: [],
        ...parts,
    }) as Schemas['FloorJob']

const onFloor = (jobs: Schemas['FloorJob'][]) => {
    answers['/floor'] = () => ({ document: { jobs, comesBack: [], today: '2026-11-24', zone: 'Europe/Lisbon' } })
}

const waiting = {
    kind: 'wait',
    id: null,
    slab: null,
    text: 'Waiting for ring set',
    why: 'Promised.',
    canBeWorked: false,
}

describe('the floor', () => {
    it('puts what can be worked before what waits, and lights the first', async () => {
        onFloor([floorJob({}), floorJob({ number: 209, title: 'Harbick 421 Yard', next: waiting as never })])
        show(<Floor />, '/', '/')
        expect(await screen.findByRole('heading', { name: /Tuesday, 1 job can be worked/ })).toBeTruthy()
        const now = within(screen.getByRole('region', { name: 'Can be worked now' }))
        expect(now.getAllByRole('link')).toHaveLength(1)
        expect(now.getByRole('link').className).toContain('outline-primary')
        expect(within(screen.getByRole('region', { name: 'Waiting' })).getByText('Waiting for ring set')).toBeTruthy()
    })
    it('says what a short slot fits, what is awaited, and by when it was promised', async () => {
        onFloor([
            floorJob({
                shortMoves: ['20 minutes: file rings'],
                parts: [{ part: 'Ring set', promised: '2026-11-25' }],
                late: true,
                promisedInWords: '2 days late',
            }),
        ])
        show(<Floor />, '/', '/')
        const strip = await screen.findByRole('link', { name: /Ulvane/ })
        expect(strip.textContent).toContain('in a short slot, 20 minutes: file rings')
        expect(strip.textContent).toContain('on order: Ring set, Wed 25 Nov')
        expect(strip.textContent).toContain('about 2 h of work')
        expect(within(strip).getByText('2 days late').className).toContain('text-error')
    })
    it('says what to do where nothing is there', async () => {
        onFloor([])
        show(<Floor />, '/', '/')
        expect(await screen.findByText(/No engine is on the floor/)).toBeTruthy()
        expect(screen.getByRole('link', { name: 'A machine comes in' }).getAttribute('href')).toBe('/intake')
    })
})

describe('a wait', () => {
    it('calls once when it is due: by sound and by title', async () => {
        const tones = vi.fn()
        const node = () => ({ connect: () => node(), start: tones, stop: () => undefined, frequency: {}, gain: {} })
        vi.stubGlobal(
            'AudioContext',
            class {
                currentTime = 0
                destination = {}
                createOscillator = node
                createGain = node
            },
        )
        vi.useFakeTimers({ shouldAdvanceTime: true })
        vi.setSystemTime(new Date('2026-11-24T08:00:00Z'))
        const wait = { id: 'w', name: 'Sealant skinning', since: '', due: '2026-11-24T08:00:03Z', seen: null }
        onFloor([floorJob({ waits: [wait] as never })])
        show(<WaitBell />, '/', '/')
        expect((await screen.findByRole('link')).textContent).toContain('1 wait · 00:03')
        expect(tones).not.toHaveBeenCalled()
        await act(() => vi.advanceTimersByTimeAsync(4000))
        expect(screen.getByRole('link').textContent).toContain('due')
        expect(document.title).toBe('Sealant skinning is due')
        expect(tones).toHaveBeenCalledTimes(2)
        await act(() => vi.advanceTimersByTimeAsync(5000))
        expect(tones).toHaveBeenCalledTimes(2)
        vi.useRealTimers()
    })
    it('does not call for what was due before the screen was opened', async () => {
        const tones = vi.fn()
        vi.stubGlobal('AudioContext', tones)
        onFloor([
            floorJob({
                waits: [{ id: 'w', name: 'Soaking', since: '', due: '2020-01-01T00:00:00Z', seen: null }] as never,
            }),
        ])
        show(<WaitBell />, '/', '/')
        expect((await screen.findByRole('link')).textContent).toContain('due')
        expect(tones).not.toHaveBeenCalled()
    })
})

describe('the finder', () => {
    it('finds a job by any of its words and goes there with Enter', async () => {
        onFloor([floorJob({}), floorJob({ number: 209, title: 'Harbick 421 Yard', owner: 'Corrant crofts' })])
        const closed = vi.fn()
        const { router } = show(<Finder open onClose={closed} />, '/', '/')
        const field = screen.getByLabelText(/Job number, machine/)
        await screen.findByText('Harbick 421 Yard · job 209')
        fireEvent.change(field, { target: { value: 'crofts 421' } })
        expect(screen.queryByText('Ulvane 139 R · job 214')).toBeNull()
        send(field)
        expect(closed).toHaveBeenCalled()
        await waitFor(() => expect(router.state.location.pathname).toBe('/jobs/209'))
    })
    it('says what to try where nothing is found', async () => {
        onFloor([floorJob({})])
        show(<Finder open onClose={() => undefined} />, '/', '/')
        fireEvent.change(screen.getByLabelText(/Job number, machine/), { target: { value: 'zeppelin' } })
        expect(screen.getByText(/Try fewer letters/)).toBeTruthy()
    })
})

describe('a file of readings', () => {
    const row = (line: number, error: string | null) => ({
        line,
        place: 'piston.1',
        reading: '54.95',
        column: 'reading',
        error,
    })
    const open = async () => {
        answers['/jobs/214'] = () => ({ document: aJob() })
        show(<Import />)
        return (await screen.findByLabelText('The file’s text')) as HTMLTextAreaElement
    }
    it('is looked at before anything is entered, and goes in whole or not at all', async () => {
        const field = await open()
        answers['/jobs/214/import'] = () => ({
            document: { rows: [row(2, null), row(3, 'a unit is missing')], wrong: 1, entered: false },
        })
        fireEvent.change(field, { target: { value: 'place,reading' } })
        fireEvent.click(screen.getByRole('button', { name: 'Look at it' }))
        expect(await screen.findByText(/1 line cannot be read/)).toBeTruthy()
        expect(screen.getByText('column reading: a unit is missing')).toBeTruthy()
        expect((screen.getByRole('button', { name: /^Enter/ }) as HTMLButtonElement).disabled).toBe(true)
        expect(asked.at(-1)?.body).toEqual({ csv: 'place,reading', enter: false })
    })
    it('is entered once every line can be read, and the field is empty then', async () => {
        const field = await open()
        answers['/jobs/214/import'] = (body) => ({
            document: { rows: [row(2, null)], wrong: 0, entered: (body as { enter: boolean }).enter },
        })
        fireEvent.change(field, { target: { value: 'place,reading' } })
        fireEvent.click(screen.getByRole('button', { name: 'Look at it' }))
        fireEvent.click(await screen.findByRole('button', { name: 'Enter 1 reading' }))
        expect(await screen.findByText('1 reading entered.')).toBeTruthy()
        expect(field.value).toBe('')
    })
    it('keeps the text when the server is away', async () => {
        const field = await open()
        fireEvent.change(field, { target: { value: 'place,reading' } })
        fireEvent.click(screen.getByRole('button', { name: 'Look at it' }))
        await waitFor(() => expect(screen.getByRole('alert').textContent).toContain('the text stays here'))
        expect(field.value).toBe('place,reading')
    })
})

describe('the toolbox', () => {
    const tool = (parts: Partial<Schemas['Tool']>): Schemas['Tool'] => ({
        id: 'm2',
        name: 'micrometer M2',
        kind: 'micrometer',
        doubt: '0.002 mm',
        leaves: [],
        range: '50 to 75 mm',
        length: null,
        resolution: '0.001 mm',
        checkedOn: '2026-10-01',
        nextCheck: '2027-10-01',
        isOverdue: false,
        simulated: false,
        ...parts,
    })
    const open = async (tools: Schemas['Tool'][]) => {
        answers['/tools'] = () => ({ document: tools })
        answers['/shelf'] = () => ({ document: [] })
        answers['/sheets'] = () => ({ document: [] })
        answers['/tools/kinds'] = () => ({
            document: [
                { kind: 'micrometer', units: ['mm', 'in'], hasLeaves: false },
                { kind: 'bore gauge', units: ['mm', 'in'], hasLeaves: false },
            ],
        })
        show(<Toolbox />, '/toolbox', '/toolbox')
        await screen.findByRole('heading', { name: 'Toolbox' })
    }
    it('counts what is overdue for a check', async () => {
        await open([tool({}), tool({ id: 'm4', name: 'micrometer M4', isOverdue: true })])
        expect(screen.getByText(/2 tools · 1 overdue/)).toBeTruthy()
    })
    it('enters a tool with the unit it was typed in, or millimetres', async () => {
        await open([tool({})])
        answers['/tools/gauge-b2'] = () => ({ document: [] })
        fireEvent.click(screen.getByRole('button', { name: 'Enter a tool' }))
        const dialog = within(screen.getByRole('dialog'))
        fireEvent.change(dialog.getByLabelText('Name'), { target: { value: 'gauge B2' } })
        fireEvent.change(dialog.getByLabelText('Kind'), { target: { value: 'bore gauge' } })
        fireEvent.change(dialog.getByLabelText(/Doubt/), { target: { value: '0.1 thou' } })
        fireEvent.change(dialog.getByLabelText('Resolution'), { target: { value: '0.001' } })
        fireEvent.click(dialog.getByRole('button', { name: 'Keep it' }))
        await waitFor(() => expect(asked.some((each) => each.path === '/tools/gauge-b2')).toBe(true))
        expect(asked.find((each) => each.path === '/tools/gauge-b2')?.body).toMatchObject({
            name: 'gauge B2',
            kind: 'bore gauge',
            doubt: '0.1 thou',
            resolution: '0.001 mm',
            leaves: [],
        })
    })
    it('says what it refuses and leaves the form as it was typed', async () => {
        await open([tool({})])
        answers['/tools/x'] = () => ({
            status: 422,
            document: { title: 'No', detail: 'Not a length.', field: 'doubt' },
        })
        fireEvent.click(screen.getByRole('button', { name: 'Enter a tool' }))
        const dialog = within(screen.getByRole('dialog'))
        fireEvent.change(dialog.getByLabelText('Name'), { target: { value: 'x' } })
        fireEvent.click(dialog.getByRole('button', { name: 'Keep it' }))
        await waitFor(() => expect(dialog.getByRole('alert').textContent).toBe('Not a length.'))
        expect((dialog.getByLabelText('Name') as HTMLInputElement).value).toBe('x')
    })
})

describe('the dates', () => {
    const dates = (daysLate: number): Schemas['Dates'] => ({
        start: '2026-11-24T08:00:00+00:00',
        finish: '2026-11-27T15:00:00+00:00',
        zone: 'Europe/Lisbon',
        closedWeekdays: [0],
        people: ['TW', 'PQ'],
        calendar: '/calendar/x.ics',
        comesBack: [],
        jobs: [
            {
                number: 209,
                title: 'Harbick 421 Yard',
                finish: '2026-11-27T15:00:00+00:00',
                promised: '2026-11-26',
                daysLate,
                bars: [
                    {
                        who: 'TW',
                        start: '2026-11-24T08:00:00+00:00',
                        finish: '2026-11-24T12:00:00+00:00',
                        text: 'Rings',
                        critical: true,
                        column: null,
                        columnName: null,
                    },
                    {
                        who: null,
                        start: '2026-11-24T12:00:00+00:00',
                        finish: '2026-11-24T13:00:00+00:00',
                        text: 'Soaking',
                        critical: false,
                        column: null,
                        columnName: null,
                    },
                ],
                parts: [{ part: 'Ring set', promised: '2026-11-25' }],
                needs: [],
            },
        ],
    })
    it('say whose promise cannot be kept', async () => {
        answers['/dates'] = () => ({ document: dates(1) })
        show(<Dates />, '/dates', '/dates')
        expect(await screen.findByRole('heading', { name: 'Harbick 421 Yard will be late' })).toBeTruthy()
        expect(screen.getByText(/Fri 27 Nov 15:00, 1 d late/)).toBeTruthy()
    })
    it('try a late part by asking, and take it back', async () => {
        answers['/dates'] = () => ({ document: dates(0) })
        answers['/dates?late_job=209&days=7'] = () => ({ document: dates(6) })
        show(<Dates />, '/dates', '/dates')
        await screen.findByRole('heading', { name: 'Every promise can be kept' })
        fireEvent.click(screen.getByRole('button', { name: 'a week late' }))
        await screen.findByRole('heading', { name: /will be late/ })
        expect(asked.at(-1)?.path).toBe('/dates?late_job=209&days=7')
        fireEvent.click(screen.getByRole('button', { name: 'as promised' }))
        await screen.findByRole('heading', { name: 'Every promise can be kept' })
    })
    it('draw work and waits to one scale of time', async () => {
        answers['/dates'] = () => ({ document: dates(0) })
        const { container } = show(<Dates />, '/dates', '/dates')
        await screen.findByRole('heading', { name: 'Every promise can be kept' })
        const bars = [...container.querySelectorAll('rect[rx]')].map((bar) => Number(bar.getAttribute('width')))
        expect((bars[0] ?? 0) / (bars[1] ?? 1)).toBeCloseTo(4, 5)
    })
})

describe('pistons and bores', () => {
    const cell = (bore: string, piston: string, margin: number): Schemas['PairCell'] => ({
        bore,
        piston,
        boreSize: 66.206,
        pistonSize: 66.17,
        clearance: 0.036,
        margin,
        grade: null,
    })
    const pairing: Schemas['Pairing'] = {
        min: 0.03,
        max: 0.045,
        cells: [cell('1', '1', 0.001), cell('1', '2', 0.004), cell('2', '1', 0.003), cell('2', '2', 0.002)],
        best: [cell('1', '2', 0.004), cell('2', '1', 0.003)],
        chosen: [],
    }
    const two = aJob().engine.drawing
    const cylinders = [
        { id: '1', name: 'left cylinder' },
        { id: '2', name: 'right cylinder' },
    ]
    const open = async (chosen: Schemas['PairCell'][] = []) => {
        answers['/jobs/214'] = () => ({
            document: aJob({ pairing: { ...pairing, chosen }, drawing: { ...two, cylinders } as never }),
        })
        show(<Pairing />)
        await screen.findByText(/Worst margin/)
    }
    const worst = () => screen.getByText(/Worst margin/).textContent
    it('begin as they came, and say what could be had', async () => {
        await open()
        expect(worst()).toContain('Worst margin 1.0 µm')
        expect(worst()).toContain('the best that can be had is 3.0 µm')
    })
    it('are put to their best, with a word on what has run elsewhere', async () => {
        await open()
        fireEvent.click(screen.getByRole('button', { name: 'Best fit' }))
        expect(worst()).toContain('Worst margin 3.0 µm')
        expect(screen.getByText(/A piston that has run in one bore goes to another/)).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'Pair them so' }))
        expect(entered).toEqual([{ job: 214, kind: 'pistons_paired', payload: { pairs: { '1': '2', '2': '1' } } }])
    })
    it('are changed over by touching one and then the other', async () => {
        await open()
        const pistons = () => screen.getAllByRole('button', { name: /piston of/ })
        fireEvent.click(pistons()[0] as HTMLElement)
        fireEvent.click(pistons()[1] as HTMLElement)
        expect(pistons().map((piston) => piston.textContent)).toEqual([
            expect.stringContaining('piston of right cylinder'),
            expect.stringContaining('piston of left cylinder'),
        ])
    })
    it('ask nothing where they stand as they were chosen', async () => {
        await open(pairing.best)
        expect((screen.getByRole('button', { name: 'Pair them so' }) as HTMLButtonElement).disabled).toBe(true)
    })
})

describe('the ring clock', () => {
    const place: Schemas['GapPlace'] = {
        cylinder: '1',
        name: 'cylinder',
        school: 'opposed',
        isPlaced: false,
        angles: [
            { ring: 'top', name: 'top ring', angle: 0 },
            { ring: 'second', name: 'second ring', angle: 180 },
        ],
        keepOff: [{ from: 350, to: 10, why: 'the thrust face at the exhaust' }],
    }
    const clocking = (conflicts: unknown[]) => ({
        angles: { top: { value: 0 }, second: { value: 180 } },
        separations: [],
        conflicts,
    })
    const open = async (conflicts: unknown[] = []) => {
        answers['/calculations/ring-clocking'] = () => ({ document: clocking(conflicts) })
        answers['/jobs/214'] = () => ({ document: aJob({ gaps: [place] }) })
        show(<Rings />)
        await screen.findByRole('heading', { name: 'Cylinder' })
    }
    it('says that it is clear all round, or what is in the way', async () => {
        await open()
        expect(await screen.findByText('✓ clear all round')).toBeTruthy()
        expect(screen.getByText(/no gap here: the thrust face/)).toBeTruthy()
    })
    it('names the rings in conflict', async () => {
        await open([{ kind: 'avoided', rings: ['top'], why: 'the thrust face' }])
        expect(await screen.findByText(/top ring: over the thrust face/)).toBeTruthy()
    })
    it('becomes one’s own school as soon as a gap is moved by hand', async () => {
        await open()
        fireEvent.change(await screen.findByLabelText('top ring'), { target: { value: '45' } })
        expect((screen.getByRole('radio', { name: /By hand/ }) as HTMLInputElement).checked).toBe(true)
        fireEvent.click(screen.getByRole('button', { name: 'They are placed so' }))
        expect(entered[0]).toMatchObject({ kind: 'gaps_placed', payload: { cylinder: '1', school: 'custom' } })
    })
})

describe('the record', () => {
    const record = (parts: object) => ({
        shop: 'Brannoch Slip Engine Room',
        job: { number: 214, owner: 'Brannoch Moor Rescue', complaint: 'Rattles.', promised: null },
        engine: {
            title: 'Ulvane 139 R',
            description: 'trail bike',
            bore: { value: 55, unit: 'mm' },
            stroke: { value: 58.4, unit: 'mm' },
            displacement: { value: 138.7, unit: 'cm3' },
        },
        made: '2026-11-24T12:00:00+00:00',
        readings: [],
        before_and_after: [],
        decisions: [],
        waived: [],
        chapters: [],
        joints: [],
        hand_over: [],
        verdicts: [],
        steps: [],
        log: [],
        chain: { entries: 12, hash: 'ab'.repeat(32), shop: `2026-11-24 845 ${'c'.repeat(32)}` },
        caution: 'The maker’s manual comes first.',
        ...parts,
    })
    const open = async (parts: object, job: Parameters<typeof aJob>[0] = {}) => {
        answers['/jobs/214/record'] = () => ({ document: record(parts) })
        answers['/jobs/214'] = () => ({ document: aJob(job) })
        show(<Record />)
        await screen.findByRole('heading', { name: /Ulvane 139 R, job 214/ })
    }
    it('strikes through what was struck out and says by whom and why', async () => {
        const struck = { by: 'IC', reason: 'leaf was forced' }
        await open({
            log: [
                {
                    id: 'a',
                    kind: 'reading_taken',
                    at: '2026-11-24T08:00:00+00:00',
                    by: 'TW',
                    text: 'Gap 0.25',
                    photo: null,
                    struck,
                },
            ],
        })
        expect(document.querySelector('s')?.textContent).toBe('Gap 0.25')
        expect(screen.getByText(/struck out: leaf was forced/)).toBeTruthy()
    })
    it('shows the photograph beside its line', async () => {
        await open({
            log: [
                {
                    id: 'a',
                    kind: 'note_written',
                    at: '2026-11-24T08:00:00+00:00',
                    by: 'TW',
                    text: 'As found',
                    photo: 'p1',
                    struck: null,
                },
            ],
        })
        expect(screen.getByRole('img', { name: 'As found' }).getAttribute('src')).toBe('/api/photos/p1')
    })
    it('shows before and after, and what is still to be read again', async () => {
        await open({ before_and_after: [{ name: 'Bore', before: '86.04 mm', after: null, why: 'bore honed' }] })
        expect(screen.getByText('to be read again, bore honed')).toBeTruthy()
    })
    it('hands over with a word to the owner', async () => {
        await open({}, { openEnds: ['tube seals'] })
        fireEvent.click(await screen.findByRole('button', { name: 'Hand over' }))
        expect(screen.getByText(/Stays open: tube seals/)).toBeTruthy()
        fireEvent.change(screen.getByLabelText('What was said to the owner'), { target: { value: 'gently' } })
        fireEvent.click(screen.getByRole('button', { name: 'Hand it over' }))
        await waitFor(() => expect(entered).toEqual([{ job: 214, kind: 'handed_over', payload: { note: 'gently' } }]))
    })
    it('hands nothing over that has a rag in it', async () => {
        await open({}, { ledger: [{ what: 'rag', dropped: false, by: 'PQ', since: '' }] as never })
        fireEvent.click(await screen.findByRole('button', { name: 'Hand over' }))
        expect(screen.getByText('Not yet: rag is still in.')).toBeTruthy()
        expect(screen.queryByRole('button', { name: 'Hand it over' })).toBeNull()
    })
    it('says when the machine went out', async () => {
        await open({}, { handedOver: '2026-11-24T16:30:00.000Z' })
        expect(await screen.findByText('Handed over 24 Nov 16:30')).toBeTruthy()
    })
    it('always defers to the maker', async () => {
        await open({})
        expect(screen.getByText('The maker’s manual comes first.')).toBeTruthy()
    })
})

describe('the order for the machine shop', () => {
    const bore = (parts: object) => ({
        cylinder: '1',
        name: 'left cylinder',
        missing: null,
        decision: 'rebore',
        size: '+0.25',
        piston: 82.71,
        finishMin: 82.74,
        finishAim: 82.7525,
        finishMax: 82.765,
        remove: 0.2465,
        honeBudgetLeft: null,
        considered: [],
        reasons: ['Worn past service.'],
        decided: 'rebore to +0.25',
        decidedBy: 'TW',
        goesOut: true,
        away: null,
        promised: null,
        ...parts,
    })
    it('says what is asked of each bore, or what is missing for it', async () => {
        answers['/jobs/214'] = () => ({
            document: aJob({
                bores: [
                    bore({}),
                    bore({
                        cylinder: '2',
                        name: 'right cylinder',
                        missing: 'Five places are not read.',
                        decided: null,
                    }),
                ] as never,
            }),
        })
        const { container } = show(<MachineShop />)
        await screen.findByRole('heading', { name: /machine shop/i })
        expect(container.textContent).toContain('rebore to +0.25')
        expect(container.textContent).toContain('takes out 0.246 mm')
    })
    it('sends a bore out with a name, and takes it back', async () => {
        answers['/jobs/214'] = () => ({
            document: aJob({
                bores: [
                    bore({}),
                    bore({ cylinder: '2', name: 'right cylinder', away: 'Bore, at Corrie Bore Works' }),
                ] as never,
            }),
        })
        show(<MachineShop />)
        const to = await screen.findByLabelText('Goes to')
        expect((screen.getByRole('button', { name: 'Sent out' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.change(to, { target: { value: 'Corrie Bore Works' } })
        fireEvent.click(screen.getByRole('button', { name: 'Sent out' }))
        fireEvent.click(screen.getByRole('button', { name: 'It is back' }))
        expect(entered.map(({ kind, payload }) => ({ kind, payload }))).toEqual([
            { kind: 'work_sent', payload: { cylinder: '1', to: 'Corrie Bore Works' } },
            { kind: 'work_back', payload: { cylinder: '2' } },
        ])
    })
})

describe('the wrench chooser', () => {
    const wrench = (id: string, range: string) =>
        ({
            id,
            name: `torque wrench ${id.toUpperCase()}`,
            kind: 'torque wrench',
            doubt: null,
            leaves: [],
            range,
            resolution: '0.5 N·m',
            length: '280 mm',
            checkedOn: null,
            nextCheck: '2027-01-01',
            isOverdue: false,
            simulated: false,
        }) as never
    const setting = (dial: string, more: object = {}) => ({
        target: { value: 24, unit: 'N·m' },
        exact: { value: 24, unit: 'N·m' },
        dial: { value: 24, unit: 'N·m' },
        dial_text: dial,
        delivered: { value: 23.9, unit: 'N·m' },
        inside: true,
        cautions: [],
        ...more,
    })
    it('shows the best wrench large, and asks the core about each', async () => {
        answers['/tools'] = () => ({ document: [wrench('w1', '5 to 50 N·m'), wrench('w2', '20 to 200 N·m')] })
        answers['/calculations/pick-wrench'] = () => ({
            document: { choices: [{ wrench: 'w1', adapter: null, setting: setting('24 N·m') }] },
        })
        answers['/calculations/wrench-setting'] = () => ({ document: setting('24 N·m') })
        show(<Wrench />, '/wrench', '/wrench')
        expect(await screen.findByText('Set torque wrench W1 to')).toBeTruthy()
        expect(screen.getByRole('region', { name: 'Set' }).textContent).toContain('the bolt gets 23.9 N·m')
        fireEvent.change(screen.getByLabelText('Length of the adapter'), { target: { value: '60' } })
        await waitFor(() =>
            expect(asked.filter((each) => each.path === '/calculations/pick-wrench').at(-1)?.body).toMatchObject({
                target: '24 N·m',
                wrenches: [{ id: 'w1', min: '5 N·m', max: '50 N·m', step: '0.5 N·m', length: '280 mm' }, { id: 'w2' }],
                adapters: [{ id: 'adapter', length: '60 mm', angle: '0 deg' }],
                needs_adapter: true,
            }),
        )
    })
    it('asks whether a figure can be meant for its bolt', async () => {
        answers['/tools'] = () => ({ document: [wrench('w1', '5 to 50 N·m')] })
        answers['/calculations/pick-wrench'] = () => ({ document: { choices: [] } })
        answers['/calculations/wrench-setting'] = () => ({ document: setting('24 N·m') })
        answers['/calculations/torque-sanity'] = (body) => ({
            document: {
                preload: { value: 20000, unit: 'N' },
                guide: { value: 9.1, unit: 'N·m' },
                ratio: 9.9,
                doubtful: (body as { class: string }).class === '8.8',
                perhaps: 'lbf·in',
            },
        })
        show(<Wrench />, '/wrench', '/wrench')
        fireEvent.change(await screen.findByLabelText('Thread'), { target: { value: 'M6x1' } })
        expect(await screen.findByText(/far too much for this bolt; near 9.1 N·m .* printed in lbf·in/)).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: '12.9' }))
        expect(await screen.findByText(/It can/)).toBeTruthy()
        expect(asked.filter((each) => each.path === '/calculations/torque-sanity').at(-1)?.body).toMatchObject({
            thread: 'M6x1',
            class: '12.9',
            condition: 'oiled',
        })
    })
    it('says why a wrench cannot be used', async () => {
        answers['/tools'] = () => ({ document: [wrench('w1', '5 to 50 N·m')] })
        answers['/calculations/pick-wrench'] = () => ({ document: { choices: [] } })
        answers['/calculations/wrench-setting'] = () => ({
            status: 422,
            document: { title: 'Refused', detail: 'This wrench cannot be set to 60 N·m.', field: 'target' },
        })
        show(<Wrench />, '/wrench', '/wrench')
        expect(await screen.findByText('None of these wrenches can give it.')).toBeTruthy()
        expect(await screen.findByText(/cannot be set to 60/)).toBeTruthy()
    })
})
