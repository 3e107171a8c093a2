import { fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../../app/api'
import { aJob, answers, aStep, asked, entered, send, show } from '../../testing/bench'
import { AddStep } from './AddStep'
import { ErrandsButton } from './ErrandsButton'
import { KeepOnSheet } from './KeepOnSheet'
import { Neighbours } from './Neighbours'
import { StepList } from './StepList'

const offered: Schemas['Errand'][] = [
    { name: 'top end', words: 'the whole top end' },
    { name: 'head', words: 'faces and valves' },
    { name: 'ignition', words: 'the point' },
]

describe('what a job is for', () => {
    const open = () => {
        show(<ErrandsButton job={aJob({ brief: { errands: ['top end'], offered } })} className="" />)
        fireEvent.click(screen.getByRole('button', { name: 'For: top end' }))
        return within(screen.getByRole('dialog'))
    }
    it('is changed with a reason, and not without', () => {
        const dialog = open()
        const say = () => dialog.getByRole('button', { name: 'Let it be for these' }) as HTMLButtonElement
        fireEvent.click(dialog.getByRole('checkbox', { name: /ignition/ }))
        expect(say().disabled).toBe(true)
        fireEvent.change(dialog.getByLabelText('Why it changes'), { target: { value: 'it pings' } })
        fireEvent.click(say())
        expect(entered).toEqual([
            { job: 214, kind: 'errands_changed', payload: { errands: ['top end', 'ignition'], reason: 'it pings' } },
        ])
    })
    it('is never nothing', () => {
        const dialog = open()
        fireEvent.click(dialog.getByRole('checkbox', { name: /top end/ }))
        fireEvent.change(dialog.getByLabelText('Why it changes'), { target: { value: 'it pings' } })
        expect((dialog.getByRole('button', { name: 'Let it be for these' }) as HTMLButtonElement).disabled).toBe(true)
    })
})

describe('a step that does not apply', () => {
    const open = (parts: Parameters<typeof aStep>[0]) => {
        const view = show(<StepList job={aJob({ steps: [aStep({ id: 'look.jets', ...parts })] })} slab="barrel" />)
        return view.container
    }
    it('is put aside for a reason', () => {
        open({ name: 'Oil jets blown through' })
        fireEvent.click(screen.getByRole('button', { name: 'a step does not apply' }))
        const field = screen.getByLabelText('Oil jets blown through: why it does not apply')
        send(field)
        expect(entered).toEqual([])
        fireEvent.change(field, { target: { value: 'this case has none' } })
        send(field)
        expect(entered[0]?.payload).toEqual({ step: 'look.jets', reason: 'this case has none' })
    })
    it('stays to be seen, with who said so and why', () => {
        const text = open({ state: 'done', canBeDone: false, aside: 'this case has none', doneBy: 'TW' }).textContent
        expect(text).toContain('does not apply, because this case has none (TW)')
    })
    it('says no such thing of a hold', () => {
        open({ kind: 'hold', canBeDone: false, needs: ['other'], state: 'open' })
        fireEvent.click(screen.getByRole('button', { name: 'a step does not apply' }))
        expect(screen.queryByLabelText(/why it does not apply/)).toBeNull()
    })
})

describe('a step of one’s own', () => {
    it('is added with its place in the order', () => {
        show(<AddStep job={aJob({ steps: [aStep({ id: 'clean.head', name: 'Head clean' })] })} slab="head" />)
        fireEvent.click(screen.getByRole('button', { name: 'add a step' }))
        const dialog = within(screen.getByRole('dialog'))
        const type = (label: string, value: string) =>
            fireEvent.change(dialog.getByLabelText(label), { target: { value } })
        type('What is done', 'Plug thread sleeved')
        type('Why, or how one knows it is right', 'The plug turns in by hand.')
        type('After', 'clean.head')
        type('Tools', 'tap, sleeve driver')
        type('Torque', '20 N·m')
        fireEvent.click(dialog.getByRole('button', { name: 'Add it' }))
        const { id, ...rest } = (entered[0] as { payload: { id: string } }).payload
        expect(id).toMatch(/^own-[0-9a-f]{8}$/)
        expect(rest).toEqual({
            slab: 'head',
            name: 'Plug thread sleeved',
            why: 'The plug turns in by hand.',
            kind: 'fit',
            needs: ['clean.head'],
            before: [],
            tools: ['tap', 'sleeve driver'],
            parts: [],
            torque: '20 N·m',
        })
        // the id is made anew each time: what core reads bears one of its own
        entered[0] = { job: 214, kind: 'step_added', payload: { id: 'own-1', ...rest } }
    })
})

describe('neighbouring work', () => {
    const reed: Schemas['Neighbour'] = {
        name: 'reed valve',
        isIn: false,
        steps: [
            { id: 'own-off-reed-valve', slab: 'case', name: 'Reed block out, port covered' },
            { id: 'own-on-reed-valve', slab: 'case', name: 'Reed block in', needs: ['own-off-reed-valve'] },
        ],
    }
    it('is put into the order by one touch, step after step', () => {
        show(<Neighbours job={aJob()} works={[reed, { name: 'clutch', isIn: true, steps: [] }]} onDone={() => {}} />)
        fireEvent.click(screen.getByRole('button', { name: 'Reed valve' }))
        expect(entered.map((each) => each.payload)).toEqual(reed.steps)
        expect((screen.getByRole('button', { name: /Clutch/ }) as HTMLButtonElement).disabled).toBe(true)
    })
})

describe('a step of the job’s own', () => {
    const own = aStep({ id: 'own-1', name: 'Plug thread sleeved', isOwn: true })
    it('is kept on the sheet, and says in which version', async () => {
        answers['/jobs/214/own-steps'] = () => ({ document: { version: 3 } })
        show(<KeepOnSheet job={aJob()} step={own} />)
        fireEvent.click(screen.getByRole('button', { name: 'keep it on the sheet' }))
        expect(await screen.findByText('kept in version 3 of the sheet')).toBeTruthy()
        expect(asked.find((each) => each.path === '/jobs/214/own-steps')?.body).toEqual({ step: 'own-1' })
    })
    it('says why it cannot be kept', async () => {
        answers['/jobs/214/own-steps'] = () => ({
            status: 422,
            document: { title: 'Refused', detail: 'The sheet has it.' },
        })
        show(<KeepOnSheet job={aJob()} step={own} />)
        fireEvent.click(screen.getByRole('button', { name: 'keep it on the sheet' }))
        expect(await screen.findByText(/The sheet has it/)).toBeTruthy()
    })
})
