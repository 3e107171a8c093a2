import { fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Assessment, Schemas } from '../../app/api'
import { aJob, answers, aStep, entered, send, show } from '../../testing/bench'
import { ActButton } from './ActButton'
import { AssessmentRow } from './AssessmentRow'
import { LiftButton } from './LiftButton'
import { SchoolsButton } from './Schools'
import { Slip } from './Slip'
import { SourceChooser } from './SourceChooser'

const slab = (id: Schemas['Slab']['drawnAs'], state: Schemas['Slab']['state'] = 'on'): Schemas['Slab'] => ({
    id,
    name: id.charAt(0).toUpperCase() + id.slice(1),
    drawnAs: id,
    state,
    lies: state,
    note: null,
    toDo: 0,
    verdicts: [],
    level: 0,
    column: null,
    beside: false,
})

describe('taking a slab off', () => {
    const job = aJob({ slabs: [slab('case'), slab('barrel'), slab('head')], lastSeq: 7 })
    const cost: Schemas['LiftCost'] = {
        comesOff: ['Head'],
        spent: [{ what: 'Head gasket', why: 'Used once.' }],
        void: [{ what: 'Head torqued', why: 'Head comes off.' }],
        stale: [{ what: 'Inlet valve clearance', why: 'It changes.' }],
        minutes: 94,
    }
    it('says its cost before anything is done', async () => {
        answers['/jobs/214/lift-cost/head'] = () => ({ document: cost })
        show(<LiftButton job={job} slab={slab('head')} />)
        fireEvent.click(screen.getByRole('button', { name: 'Take off to here' }))
        const dialog = within(screen.getByRole('dialog', { name: 'Head off' }))
        expect(await dialog.findByText('1 h 34 min')).toBeTruthy()
        for (const words of ['Head gasket', 'Head torqued', 'Inlet valve clearance', '1 step to do again']) {
            expect(dialog.getByText(words)).toBeTruthy()
        }
        expect(entered).toEqual([])
        fireEvent.click(dialog.getByRole('button', { name: 'They are off' }))
        expect(entered).toEqual([{ job: 214, kind: 'slab_lifted', payload: { slab: 'head' } }])
    })
    it('offers nothing to press while its cost is on its way', async () => {
        let say = () => {}
        answers['/jobs/214/lift-cost/head'] = () =>
            new Promise((resolve) => {
                say = () => resolve({ document: cost })
            })
        show(<LiftButton job={job} slab={slab('head')} />)
        fireEvent.click(screen.getByRole('button', { name: 'Take off to here' }))
        expect(await screen.findByText('One moment.')).toBeTruthy()
        expect(screen.queryByRole('button', { name: 'They are off' })).toBeNull()
        say()
        const off = await screen.findByRole('button', { name: 'They are off' })
        expect(document.activeElement).toBe(off)
    })
    it('changes nothing when they are left on', async () => {
        answers['/jobs/214/lift-cost/head'] = () => ({ document: cost })
        show(<LiftButton job={job} slab={slab('head')} />)
        fireEvent.click(screen.getByRole('button', { name: 'Take off to here' }))
        fireEvent.click(await screen.findByRole('button', { name: 'Leave them on' }))
        expect(entered).toEqual([])
    })
    it('lets somebody go on who cannot be told the cost', async () => {
        show(<LiftButton job={job} slab={slab('head')} />)
        fireEvent.click(screen.getByRole('button', { name: 'Take off to here' }))
        expect(await screen.findByText('Its cost cannot be had now.')).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'They are off' }))
        expect(entered).toHaveLength(1)
    })
    it.each([
        ['the cases', slab('case')],
        ['what is off already', slab('head', 'off')],
    ])('is not offered for %s', (_, of) => {
        show(<LiftButton job={job} slab={of} />)
        expect(screen.queryByRole('button')).toBeNull()
    })
})

describe('what was done to a part', () => {
    const acts: Schemas['Act'][] = [
        { act: 'ring filed', isOfCylinder: true, isOfRing: true, isOfValve: false },
        { act: 'bore honed', isOfCylinder: true, isOfRing: false, isOfValve: false },
        { act: 'head slackened', isOfCylinder: false, isOfRing: false, isOfValve: false },
        { act: 'shim changed', isOfCylinder: false, isOfRing: false, isOfValve: true },
    ]
    const cylinders = [
        { id: '1', name: 'left cylinder' },
        { id: '2', name: 'right cylinder' },
    ]
    const rings = [
        { id: 'top', name: 'top ring', kind: 'compression' },
        { id: 'second', name: 'second ring', kind: 'compression' },
    ]
    const open = () => {
        const spots = [{ quantity: 'valve_lash', part: '1in', name: 'Inlet valve clearance' }] as never
        show(
            <ActButton
                job={aJob({ acts, spots, drawing: { ...aJob().engine.drawing, cylinders, rings } as never })}
                className=""
            />,
        )
        fireEvent.click(screen.getByRole('button', { name: 'Work was done on a part' }))
        return within(screen.getByRole('dialog'))
    }
    it.each([
        ['ring filed', true, true, { act: 'ring filed', cylinder: '1', ring: 'top' }],
        ['bore honed', true, false, { act: 'bore honed', cylinder: '1' }],
        ['head slackened', false, false, { act: 'head slackened' }],
        ['shim changed', false, false, { act: 'shim changed', valve: '1in' }],
    ])('%s is asked for what it is done to, and for no more', (act, cylinder, ring, payload) => {
        const dialog = open()
        fireEvent.change(dialog.getByLabelText('Act'), { target: { value: act } })
        expect(dialog.queryByLabelText('Cylinder') !== null).toBe(cylinder)
        expect(dialog.queryByLabelText('Ring') !== null).toBe(ring)
        fireEvent.click(dialog.getByRole('button', { name: 'It was done' }))
        expect(entered).toEqual([{ job: 214, kind: 'act_done', payload }])
    })
    it('keeps which ring of which cylinder, and a note', () => {
        const dialog = open()
        fireEvent.change(dialog.getByLabelText('Cylinder'), { target: { value: '2' } })
        fireEvent.change(dialog.getByLabelText('Ring'), { target: { value: 'second' } })
        fireEvent.change(dialog.getByLabelText('Note'), { target: { value: ' a tenth ' } })
        send(dialog.getByLabelText('Note'))
        expect(entered[0]?.payload).toEqual({ act: 'ring filed', cylinder: '2', ring: 'second', note: 'a tenth' })
    })
})

describe('a verdict', () => {
    const source = (name: string, parts: object) => ({
        source: name,
        text: '0.050 to 0.065',
        hasRange: true,
        hasService: false,
        rulesRange: false,
        rulesService: false,
        ...parts,
    })
    const assessment = (parts: object): Assessment =>
        ({
            id: 'ring_gap.1.top',
            scope: 'ring_gap.top',
            quantity: 'ring_gap',
            name: 'Top ring end gap',
            cylinder: '1',
            slab: 'barrel',
            figure: '0.10 passes',
            doubt: null,
            verdict: {
                state: 'out',
                side: 'low',
                likely: 'out',
                words: 'Out, too tight',
                reason: 'The gap is too tight by 0.12 mm (ring maker).',
                action: 'File it.',
                margin: -0.12,
            },
            ruler: null,
            spots: [],
            missing: [],
            sources: [],
            choiceReason: null,
            filing: null,
            unit: 'mm',
            isExpected: true,
            acceptedBy: null,
            acceptedBecause: null,
            ...parts,
        }) as unknown as Assessment
    it('stands with its reason and what to do', () => {
        show(<AssessmentRow job={aJob()} assessment={assessment({})} title="End gap" />)
        expect(screen.getByText('Out, too tight')).toBeTruthy()
        expect(screen.getByText('File it.')).toBeTruthy()
        expect(screen.getByText(/too tight by 0.12 mm/)).toBeTruthy()
    })
    it('says how the gap is opened, bite by bite, and counts each as an act', () => {
        const filing = { text: 'Take off at least 0.12 mm.', bites: [0.06, 0.03, 0.03], leaf: '0.22 mm' }
        show(<AssessmentRow job={aJob()} assessment={assessment({ filing })} title="" />)
        expect(screen.getAllByRole('listitem').map((bite) => bite.textContent)).toEqual([
            '0.06try',
            '0.03try',
            '0.03try',
        ])
        expect(screen.getByText('Take off at least 0.12 mm.')).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'Filed, try it' }))
        expect(entered[0]?.payload).toEqual({ act: 'ring filed', cylinder: '1', ring: 'top' })
    })
    it('says whose limit rules where several could', () => {
        const sources = [
            source('ring maker', { rulesRange: true }),
            source('engine maker', { hasService: true, rulesService: true }),
        ]
        show(<AssessmentRow job={aJob()} assessment={assessment({ sources })} title="End gap" />)
        expect(
            screen.getByRole('button', { name: /as new by the ring maker, service by the engine maker: change/ }),
        ).toBeTruthy()
    })
    it('lets another source rule only with a reason', () => {
        const sources = [
            source('ring maker', { rulesRange: true }),
            source('engine maker', { hasService: true, rulesService: true }),
        ]
        show(<SourceChooser job={aJob()} assessment={assessment({ sources })} open onClose={() => undefined} />)
        const dialog = within(screen.getByRole('dialog'))
        const range = within(dialog.getByRole('group', { name: 'As-new range' }))
        fireEvent.click(range.getByRole('radio', { name: /engine maker/ }))
        fireEvent.click(dialog.getByRole('button', { name: 'Let it rule' }))
        expect(entered).toEqual([])
        expect(dialog.getByRole('alert').textContent).toContain('Say why')
        fireEvent.change(dialog.getByLabelText('Why'), { target: { value: 'their rings' } })
        send(dialog.getByLabelText('Why'))
        expect(entered[0]?.payload).toEqual({
            limit: 'ring_gap.top',
            range: 'engine maker',
            service: 'engine maker',
            reason: 'their rings',
        })
    })
})

describe('the slip', () => {
    const line = (parts: object): Schemas['SlipLine'] => ({
        id: 'l1',
        kind: 'reading_taken',
        at: '2026-11-24T08:00:00.000Z',
        by: 'TW',
        text: 'Top ring end gap: 0.25 mm passes',
        struckBy: null,
        struckReason: null,
        mayBeStruck: true,
        photo: null,
        ...parts,
    })
    it('strikes a line out with a reason and shows it struck', () => {
        const { unmount } = show(<Slip job={aJob({ slip: [line({})] })} />)
        fireEvent.click(screen.getByRole('button', { name: /^Strike out: Top ring/ }))
        fireEvent.change(screen.getByLabelText('Why it is struck out'), { target: { value: 'leaf was forced' } })
        send(screen.getByLabelText('Why it is struck out'))
        expect(entered[0]?.payload).toEqual({ entry: 'l1', reason: 'leaf was forced' })
        unmount()
        show(
            <Slip
                job={aJob({ slip: [line({ struckBy: 'IC', struckReason: 'leaf was forced', mayBeStruck: false })] })}
            />,
        )
        expect(document.querySelector('s')?.textContent).toContain('Top ring')
        expect(screen.getByText(/struck out: leaf was forced/)).toBeTruthy()
        expect(screen.queryByRole('button', { name: /^Strike out/ })).toBeNull()
    })
    it('takes a note and keeps what was typed until it is written', () => {
        const first = show(<Slip job={aJob({ slip: [] })} />)
        fireEvent.change(screen.getByPlaceholderText('Write a note'), { target: { value: 'Guide whole.' } })
        first.unmount()
        show(<Slip job={aJob({ slip: [] })} />)
        fireEvent.click(screen.getByRole('button', { name: 'Write' }))
        expect(entered[0]).toMatchObject({ kind: 'note_written', payload: { text: 'Guide whole.' } })
        expect((screen.getByPlaceholderText('Write a note') as HTMLInputElement).value).toBe('')
    })
    it('stands what must come out and what is owed above the log, to be resolved by a person', () => {
        const job = aJob({
            slip: [],
            ledger: [{ what: 'rag', dropped: false, by: 'PQ', since: '' }] as never,
            debts: [{ what: 'rotor nut', reason: 'no holder', release: 'the holder comes', by: 'TW' }] as never,
        })
        show(<Slip job={job} />)
        expect(screen.getByText('put in by PQ, must come out')).toBeTruthy()
        expect(screen.getByText('no holder; due when the holder comes')).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'It is out' }))
        fireEvent.click(screen.getByRole('button', { name: 'Torqued' }))
        expect(entered.map((each) => [each.kind, each.payload])).toEqual([
            ['ledger_out', { what: 'rag' }],
            ['debt_paid', { what: 'rotor nut' }],
        ])
    })
    it('begins a wait, with the step that it holds', () => {
        show(
            <Slip
                job={aJob({
                    slip: [],
                    steps: [
                        aStep({ id: 'head-on', name: 'Head on' }),
                        aStep({ id: 'done', name: 'Faces clean', state: 'done' }),
                    ],
                })}
            />,
        )
        fireEvent.click(screen.getByRole('button', { name: /Put in, dropped, owed/ }))
        fireEvent.click(screen.getByRole('button', { name: 'Something has to wait' }))
        const dialog = within(screen.getByRole('dialog'))
        fireEvent.change(dialog.getByLabelText(/What waits/), { target: { value: 'Sealant' } })
        expect((dialog.getByRole('button', { name: 'Into the log' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.change(dialog.getByLabelText(/How long/), { target: { value: '10 min' } })
        const steps = dialog.getByLabelText('Which step waits for it')
        expect([...steps.querySelectorAll('option')].map((each) => each.textContent)).toEqual([
            'none, only call me',
            'Head on',
        ])
        fireEvent.change(steps, { target: { value: 'head-on' } })
        send(dialog.getByLabelText(/How long/))
        expect(entered[0]).toMatchObject({
            kind: 'wait_started',
            payload: { what: 'Sealant', time: '10 min', step: 'head-on' },
        })
    })
})

describe('the schools', () => {
    const school = (parts: object) => ({
        matter: 'wash',
        question: 'Wash after honing',
        chosen: 'soap and water',
        whose: 'usual',
        reason: null,
        isFixed: false,
        options: [
            { name: 'soap and water', speaksFor: 'Lifts the grit.', against: 'Rusts.' },
            { name: 'solvent, then oil-wipe', speaksFor: 'No rust.', against: 'Leaves grit.' },
        ],
        ...parts,
    })
    const open = (role: string, parts: object = {}) => {
        answers['/session'] = () => ({ document: { person: { username: 'x', name: 'X', initials: 'X', role } } })
        show(<SchoolsButton job={aJob({ schools: [school(parts)] as never })} />)
        fireEvent.click(screen.getByRole('button', { name: 'Schools' }))
    }
    it('are chosen with what speaks for and against beside them', () => {
        open('mechanic')
        expect(screen.getByText('+ No rust. − Leaves grit.')).toBeTruthy()
        fireEvent.click(screen.getByRole('radio', { name: /solvent/ }))
        expect(entered[0]).toMatchObject({
            kind: 'school_chosen',
            payload: { matter: 'wash', school: 'solvent, then oil-wipe' },
        })
    })
    it('are fixed once it is done', () => {
        open('mechanic', { isFixed: true })
        expect(screen.getByText('done, no longer to be changed')).toBeTruthy()
        expect((screen.getByRole('group') as HTMLFieldSetElement).disabled).toBe(true)
    })
    it('become the habit of the shop by the owner’s word', async () => {
        open('owner', { whose: 'chosen', chosen: 'solvent, then oil-wipe' })
        answers['/habits'] = () => ({ document: { wash: 'solvent, then oil-wipe' } })
        fireEvent.click(await screen.findByRole('button', { name: 'make it the shop’s habit' }))
        expect(await screen.findByText('Kept: jobs opened from now on begin so.')).toBeTruthy()
    })
    it('say where they come from, and ask nobody else for a habit', async () => {
        open('mechanic', { whose: 'shop' })
        expect(await screen.findByText('the shop’s habit')).toBeTruthy()
        expect(screen.queryByRole('button', { name: /habit/ })).toBeNull()
    })
})
