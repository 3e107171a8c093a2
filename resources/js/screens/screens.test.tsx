import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../app/api'
import { readDraft } from '../app/drafts'
import type { RecordDocument } from '../app/queries'
import { aJob, answers, asked, entered, send, show } from '../testing/bench'
import { comparison } from './History/comparison'
import { History } from './History/History'
import { GapTaper } from './Hone/GapTaper'
import { HoneBudget } from './Hone/HoneBudget'
import { Intake } from './Intake/Intake'
import { Marks } from './Marks/Marks'
import { Parts } from './Parts/Parts'
import { Shelf } from './Toolbox/Shelf'
import { Slots } from './Trays/Slots'

type Part = Schemas['PlannedPart']

const part = (parts: Partial<Part>): Part => ({
    part: 'Base gasket',
    state: 'needed',
    promised: null,
    for: ['base-gasket'],
    why: null,
    wrong: false,
    reuse: 'one-use',
    condition: 'Crushed once, it does not crush again.',
    mayGoBack: false,
    column: null,
    ...parts,
})

/** The job page of these parts, with what the schedule and the shelf say. */
async function partsPage(
    parts: Part[],
    needs: { part: string; by: string }[] = [],
    shelf: Schemas['ShelfPart'][] = [],
) {
    answers['/jobs/214'] = () => ({ document: aJob({ planned: parts }) })
    answers['/dates'] = () => ({ document: { comesBack: [], jobs: [{ number: 214, needs }] } })
    answers['/shelf'] = () => ({ document: shelf })
    show(<Parts />)
    await screen.findByRole('heading', { name: /Parts/ })
}

describe('the parts of a job', () => {
    it('stand by when they are needed, the first one first', async () => {
        await partsPage(
            [part({ part: 'Oil filter' }), part({})],
            [
                { part: 'Oil filter', by: '2026-11-30T09:00:00+00:00' },
                { part: 'Base gasket', by: '2026-11-27T09:00:00+00:00' },
            ],
        )
        await waitFor(() => expect(screen.getByText('Fri 27 Nov')).toBeTruthy())
        const rows = screen.getAllByRole('listitem').map((row) => row.textContent)
        expect(rows[0]).toContain('Base gasket')
        expect(rows[1]).toContain('Oil filter')
    })
    it('say when what was promised comes too late', async () => {
        await partsPage(
            [part({ state: 'ordered', promised: '2026-12-02' })],
            [{ part: 'Base gasket', by: '2026-11-27T09:00:00+00:00' }],
        )
        expect(await screen.findByText('comes after that')).toBeTruthy()
    })
    it('come from the shelf only where one lies there for this engine', async () => {
        await partsPage(
            [part({}), part({ part: 'Circlips' })],
            [],
            [
                { part: 'Base gasket', fits: 'ulvane-139r', count: 2 },
                { part: 'Circlips', fits: 'harbick-421', count: 4 },
            ],
        )
        fireEvent.click(await screen.findByRole('button', { name: 'From the shelf: Base gasket' }))
        expect(screen.queryByRole('button', { name: 'From the shelf: Circlips' })).toBeNull()
        expect(entered).toEqual([{ job: 214, kind: 'part_taken', payload: { part: 'Base gasket' } }])
    })
    it('go back only where their class allows, and only with what was seen of them', async () => {
        await partsPage([
            part({}),
            part({ part: 'Cover gasket', reuse: 'reuse if', condition: 'the rubber is whole', mayGoBack: true }),
        ])
        expect(screen.queryByRole('button', { name: 'The old one goes back: Base gasket' })).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: 'The old one goes back: Cover gasket' }))
        const write = screen.getByRole('button', { name: 'Into the log' }) as HTMLButtonElement
        expect(write.disabled).toBe(true)
        fireEvent.change(screen.getByLabelText('What was seen of it'), { target: { value: 'soft' } })
        send(screen.getByLabelText('What was seen of it'))
        expect(entered).toEqual([{ job: 214, kind: 'part_reused', payload: { part: 'Cover gasket', reason: 'soft' } }])
    })
    it('that came wrong say so and can be ordered again', async () => {
        await partsPage([part({ wrong: true, why: 'oil way missing' })])
        expect(screen.getByText('came wrong: oil way missing')).toBeTruthy()
        expect(screen.getByRole('button', { name: 'Ordered: Base gasket' })).toBeTruthy()
    })
    it('that are fitted ask for nothing', async () => {
        await partsPage([part({ state: 'fitted' })])
        expect(screen.getByText(/Nothing is missing/)).toBeTruthy()
        expect(screen.getByText('Fitted: base gasket.')).toBeTruthy()
    })
})

describe('the shelf', () => {
    it('counts up and down, and takes what the plan calls it', async () => {
        const lies = [{ part: 'Oil filter', fits: '', count: 1 }]
        answers['/sheets'] = () => ({ document: [{ slug: 'harbick-421', title: 'Harbick 421 Yard' }] })
        answers['/shelf'] = (body) => ({
            document: body ? [{ ...lies[0], count: (body as { count: number }).count }] : lies,
        })
        show(<Shelf />)
        fireEvent.click(await screen.findByRole('button', { name: 'One more: Oil filter, any engine' }))
        await screen.findByText('2')
        expect(asked.filter((each) => each.body)).toEqual([
            { path: '/shelf', body: { part: 'Oil filter', fits: '', count: 2 } },
        ])
    })
    it('says what it refuses and keeps what was typed', async () => {
        answers['/sheets'] = () => ({ document: [] })
        answers['/shelf'] = (body) =>
            body
                ? { status: 422, document: { title: 'No', detail: 'A text is needed.', field: 'part' } }
                : { document: [] }
        show(<Shelf />)
        fireEvent.change(await screen.findByLabelText('A part for the shelf'), { target: { value: 'Cover gasket' } })
        fireEvent.click(screen.getByRole('button', { name: 'Put one there' }))
        expect((await screen.findByRole('alert')).textContent).toContain('A text is needed.')
        expect((screen.getByLabelText('A part for the shelf') as HTMLInputElement).value).toBe('Cover gasket')
    })
})

describe('an intake', () => {
    const errands = [
        { name: 'top end', words: 'all of it' },
        { name: 'exhaust valve', words: 'out, clean, in' },
    ]
    const slabs = [
        { id: 'head', name: 'Head' },
        { id: 'barrel', name: 'Barrel' },
    ]
    const sheets = [{ slug: 'skarn-594', title: 'Skarn 594 Traverse', facts: '72.5 × 72.0 mm', errands, slabs }]
    const fill = async () => {
        fireEvent.click(await screen.findByRole('radio', { name: /Skarn/ }))
        fireEvent.change(screen.getByLabelText('Whose it is'), { target: { value: 'Ferry slip' } })
    }
    it('wants an engine and an owner before it is taken in', async () => {
        answers['/sheets'] = () => ({ document: sheets })
        show(<Intake />, '/intake', '/intake')
        const take = () => screen.getByRole('button', { name: 'Take it in' }) as HTMLButtonElement
        await screen.findByRole('radio', { name: /Skarn/ })
        expect(take().disabled).toBe(true)
        await fill()
        expect(take().disabled).toBe(false)
    })
    it('opens the job and forgets the form', async () => {
        answers['/sheets'] = () => ({ document: sheets })
        answers['/jobs'] = () => ({ status: 201, document: { number: 229 } })
        const { router } = show(<Intake />, '/intake', '/intake')
        await fill()
        fireEvent.click(screen.getByRole('button', { name: 'Take it in' }))
        await waitFor(() => expect(router.state.location.pathname).toBe('/jobs/229'))
        const slip = { sheet: 'skarn-594', owner: 'Ferry slip', condition: 'whole', errands: ['top end'] }
        expect(asked.at(-1)?.body).toEqual({ ...slip, id: expect.any(String) })
        expect(readDraft('intake')).toBeNull()
    })
    it('says what it is for, and what was off already', async () => {
        answers['/sheets'] = () => ({ document: sheets })
        answers['/jobs'] = () => ({ status: 201, document: { number: 229 } })
        const { router } = show(<Intake />, '/intake', '/intake')
        await fill()
        fireEvent.click(screen.getByRole('checkbox', { name: /top end/ }))
        expect((screen.getByRole('button', { name: 'Take it in' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.click(screen.getByRole('checkbox', { name: /exhaust valve/ }))
        fireEvent.click(screen.getByRole('radio', { name: 'already opened by somebody' }))
        fireEvent.click(screen.getByRole('checkbox', { name: 'Head' }))
        fireEvent.click(screen.getByRole('button', { name: 'Take it in' }))
        await waitFor(() => expect(router.state.location.pathname).toBe('/jobs/229'))
        expect(asked.at(-1)?.body).toMatchObject({ condition: 'whole', errands: ['exhaust valve'], off: ['head'] })
    })
    it('shows a refusal at its field and keeps what was typed over a reload', async () => {
        answers['/sheets'] = () => ({ document: sheets })
        answers['/jobs'] = () => ({ status: 422, document: { title: 'No', detail: 'Too long.', field: 'owner' } })
        const first = show(<Intake />, '/intake', '/intake')
        await fill()
        fireEvent.click(screen.getByRole('button', { name: 'Take it in' }))
        expect((await screen.findByRole('alert')).textContent).toBe('Too long.')
        first.unmount()
        show(<Intake />, '/intake', '/intake')
        expect((screen.getByLabelText('Whose it is') as HTMLInputElement).value).toBe('Ferry slip')
    })
})

describe('the complaint', () => {
    const symptom = (name: string, isSpokenOf: boolean) => ({
        symptom: name,
        suspect: `what makes it ${name}`,
        test: 'look',
        isSpokenOf,
    })
    const open = async (parts: Parameters<typeof aJob>[0]) => {
        answers['/jobs/214'] = () => ({ document: aJob(parts) })
        show(<History />)
        await screen.findByRole('heading', { name: /Complaint and history/ })
    }
    it('shows its own suspects, and the others on a touch', async () => {
        await open({ complaint: 'It rattles.', symptoms: [symptom('rattle', true), symptom('smoke', false)] })
        expect(screen.queryByText('Smoke')).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: '1 other suspects' }))
        expect(screen.getByText('Smoke')).toBeTruthy()
    })
    it('shows them all where it names none', async () => {
        await open({ complaint: 'Will not start.', symptoms: [symptom('rattle', false), symptom('smoke', false)] })
        expect(screen.getAllByRole('button', { name: /^Found:/ })).toHaveLength(2)
    })
    it('writes down which suspect it was', async () => {
        await open({ complaint: 'It rattles.', symptoms: [symptom('rattle', true)] })
        fireEvent.click(screen.getByRole('button', { name: 'Found: what makes it rattle' }))
        expect(entered[0]).toMatchObject({
            kind: 'note_written',
            payload: { text: 'Found: what makes it rattle (rattle).' },
        })
    })
    it('keeps a finding for the next engine of its kind', async () => {
        await open({ findings: [{ text: 'Guide wears at the top.', from: 'job 187' }] })
        answers['/sheets/ulvane-139r/findings'] = () => ({ document: {} })
        expect(screen.getByText('Guide wears at the top.')).toBeTruthy()
        const field = screen.getByLabelText('A finding for the next engine of its kind')
        fireEvent.change(field, { target: { value: 'Reed petals chip.' } })
        send(field)
        await waitFor(() => expect((field as HTMLInputElement).value).toBe(''))
        expect(asked.find((each) => each.path.endsWith('/findings'))?.body).toEqual({
            text: 'Reed petals chip.',
            from: 'job 214',
        })
    })
})

describe('then and now', () => {
    const reading = (
        place: string,
        value: number | null,
        as_typed: string,
        unit = 'mm',
    ): RecordDocument['readings'][number] => ({
        place,
        name: place,
        as_typed,
        value: value === null ? null : { value, unit },
        low: null,
        high: null,
        tool: null,
        taken_with: null,
        by: 'TW',
        at: '2026-11-24T08:00:00+00:00',
    })
    it.each([
        ['grown', 66.001, 66.013, '+0.012 mm'],
        ['shrunk', 66.013, 66.001, '−0.012 mm'],
        ['as it was', 66.001, 66.001, 'no change'],
        ['less than a tool reads', 66.001, 66.0012, 'no change'],
    ])('%s', (_, then, now, change) => {
        expect(comparison([reading('bore', then, 'a')], [reading('bore', now, 'b')])[0]?.change).toBe(change)
    })
    it('keeps places that only one of the two has read, the new ones first', () => {
        const rows = comparison(
            [reading('piston', 65.9, 'p'), reading('bore', 66, 'b')],
            [reading('bore', 66.01, 'c'), reading('gap', null, 'g')],
        )
        expect(rows.map((row) => [row.place, row.before, row.now])).toEqual([
            ['bore', 'b', 'c'],
            ['gap', null, 'g'],
            ['piston', 'p', null],
        ])
    })
    it('compares nothing that stands in another unit', () => {
        expect(comparison([reading('x', 1, 'a', 'kPa')], [reading('x', 2, 'b', 'mm')])[0]?.change).toBeNull()
    })
})

describe('marks and shells', () => {
    const mark = (id: string, kind: Schemas['MarkedPart']['kind'], value: string | null): Schemas['MarkedPart'] => ({
        id,
        kind,
        part: '1',
        name: id,
        mark: value,
        choices:
            kind === 'piston'
                ? [
                      { mark: 'A', min: 66.165, max: 66.17 },
                      { mark: 'B', min: 66.171, max: 66.176 },
                  ]
                : [],
        proof: null,
    })
    const open = async (parts: Parameters<typeof aJob>[0]) => {
        answers['/jobs/214'] = () => ({ document: aJob(parts) })
        show(<Marks />)
        await screen.findByRole('heading', { name: /Marks and shells/ })
    }
    it('are touched as they are read', async () => {
        await open({ marks: [mark('piston.1', 'piston', 'A')] })
        expect(screen.getByText('A is 66.165 to 66.170')).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'piston.1: B' }))
        expect(entered).toEqual([{ job: 214, kind: 'mark_read', payload: { place: 'piston.1', mark: 'B' } }])
    })
    it('take a number when Enter is pressed, and no word', async () => {
        await open({
            marks: [mark('case_at_main.1', 'case at main', null), mark('crank_at_main.1', 'crank at main', '2')],
            shells: [{ proof: 'main_oil_clearance.1', code: null, colour: null }],
        })
        const field = screen.getByLabelText('case_at_main.1')
        fireEvent.change(field, { target: { value: 'five' } })
        fireEvent.keyDown(field, { key: 'Enter' })
        expect(screen.getByRole('alert').textContent).toContain('a whole number from 0 to 99')
        expect(entered).toEqual([])
        fireEvent.change(field, { target: { value: '5' } })
        fireEvent.keyDown(field, { key: 'Enter' })
        expect(entered[0]?.payload).toEqual({ place: 'case_at_main.1', mark: '5' })
    })
    it('say which shell they ask for, or that it has no colour', async () => {
        await open({
            marks: [mark('case_at_main.1', 'case at main', '5')],
            shells: [
                { proof: 'main_oil_clearance.1', code: 2, colour: 'black' },
                { proof: 'big_end_oil_clearance.1', code: 7, colour: null },
            ],
        })
        expect(screen.getByTestId('shell-main_oil_clearance.1').textContent).toBe('blackcode 2')
        expect(screen.getByTestId('shell-big_end_oil_clearance.1').textContent).toBe('no colourcode 7')
    })
    it('has nothing to ask of an engine without marks', async () => {
        await open({})
        expect(screen.getByText(/sorts no part by mark/)).toBeTruthy()
    })
})

describe('at the hone', () => {
    it('says what is left of the budget, and what is past it', () => {
        const bores = [
            { cylinder: '1', name: 'left cylinder', honeBudgetLeft: 0.012 },
            { cylinder: '2', name: 'right cylinder', honeBudgetLeft: -0.003 },
            { cylinder: '3', name: 'third cylinder', honeBudgetLeft: null },
        ] as Schemas['BoreAdvice'][]
        const { container } = show(<HoneBudget job={aJob({ bores })} />)
        expect(container.textContent).toContain('0.012 of 0.020 left')
        expect(container.textContent).toContain('0.003 past it')
        expect(container.textContent).toContain('read the bore first')
        const widths = [...container.querySelectorAll('rect[fill]')].map((bar) => Number(bar.getAttribute('width')))
        expect(widths).toEqual([298 * 0.6, 0, 0])
    })
    it('asks nothing until both gaps are bounded, then asks what was typed', async () => {
        answers['/calculations/taper-from-gaps'] = () => ({
            document: {
                difference: { low: { value: -0.0318, unit: 'mm' }, high: null },
                verdict: { state: 'unsure', side: null, reason: 'It may be.', action: null },
            },
        })
        show(<GapTaper job={aJob()} />)
        fireEvent.change(screen.getByLabelText('At the top: passes'), { target: { value: '0.30' } })
        expect(asked).toEqual([])
        fireEvent.change(screen.getByLabelText('At the bottom: passes'), { target: { value: '0.20' } })
        expect(await screen.findByText('the bottom is at least 0.032 smaller')).toBeTruthy()
        expect(asked.at(-1)?.body).toEqual({
            upper: { passes: '0.30 mm' },
            lower: { passes: '0.20 mm' },
            limit: { max: '0.015 mm' },
        })
    })
    it('shows what it could not read at the field', async () => {
        answers['/calculations/taper-from-gaps'] = () => ({
            status: 422,
            document: { title: 'No', detail: 'Not a length.', field: 'lower.passes' },
        })
        show(<GapTaper job={aJob()} />)
        fireEvent.change(screen.getByLabelText('At the top: passes'), { target: { value: '0.30' } })
        fireEvent.change(screen.getByLabelText('At the bottom: passes'), { target: { value: 'thin' } })
        expect((await screen.findByRole('alert')).textContent).toBe('Not a length.')
        expect((screen.getByLabelText('At the bottom: passes') as HTMLInputElement).value).toBe('thin')
    })
})

describe('the slots', () => {
    const home = (parts: Partial<Schemas['HomePart']>): Schemas['HomePart'] => ({
        id: 'bucket.1in',
        name: 'Bucket of inlet valve',
        sort: 'bucket',
        place: '1in',
        placeName: 'inlet valve',
        slab: 'cam',
        isOut: true,
        elsewhere: null,
        reason: null,
        isSaid: false,
        ...parts,
    })
    const slabs = [{ id: 'cam', name: 'Cam', state: 'off' }] as Schemas['Slab'][]
    const two = [
        home({}),
        home({ id: 'bucket.1ex', name: 'Bucket of exhaust valve', place: '1ex', placeName: 'exhaust valve' }),
    ]

    it('give a part back to its place with one touch', () => {
        show(<Slots job={aJob({ slabs, home: two })} />)
        fireEvent.click(screen.getByRole('button', { name: 'Bucket of inlet valve: back' }))
        expect(entered).toEqual([{ job: 214, kind: 'part_back', payload: { part: 'bucket.1in', place: '1in' } }])
    })
    it('question another place', () => {
        show(<Slots job={aJob({ slabs, home: two })} />)
        fireEvent.click(screen.getByRole('button', { name: 'Bucket of inlet valve: elsewhere' }))
        const dialog = within(screen.getByRole('dialog'))
        expect(
            [...dialog.getByLabelText('Fitted at').querySelectorAll('option')].map((each) => each.textContent),
        ).toEqual(['exhaust valve'])
        expect((dialog.getByRole('button', { name: 'Into the log' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.change(dialog.getByLabelText('Why there'), { target: { value: 'its own is pitted' } })
        send(dialog.getByLabelText('Why there'))
        expect(entered[0]?.payload).toEqual({ part: 'bucket.1in', place: '1ex', reason: 'its own is pitted' })
    })
    it('show where a part went instead, and ask nothing of one that is in the engine', () => {
        const parts = [
            home({ elsewhere: '1ex', reason: 'pitted', isSaid: true }),
            home({ id: 'bucket.1ex', place: '1ex', placeName: 'exhaust valve', isOut: false }),
        ]
        const { container } = show(<Slots job={aJob({ slabs, home: parts })} />)
        expect(container.textContent).toContain('at exhaust valve: pitted')
        expect(container.textContent).toContain('in its place')
        expect(screen.queryAllByRole('button')).toEqual([])
    })
})
