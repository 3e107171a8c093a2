import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Step } from '../../app/api'
import { ReasonForm } from '../../parts/ReasonForm'
import { aJob, aStep, entered, send, show } from '../../testing/bench'
import { Hold } from './Hold'
import { Details, StepList } from './StepList'

const ask = (item: number, text: string, by: string | null = null, waived: string | null = null) => ({
    item,
    text,
    by,
    waived,
})

const hold = (parts: Partial<Step> = {}) =>
    aStep({
        id: 'hold.barrel',
        kind: 'hold',
        name: 'Before the barrel goes down',
        asks: [ask(0, 'Dowels in'), ask(1, 'Ring gaps where they belong', 'TW')],
        ...parts,
    })

describe('a hold', () => {
    it('says how much is left, and by whom the rest was seen', () => {
        show(<Hold job={aJob()} step={hold()} />)
        expect(screen.getByText('1 to be seen')).toBeTruthy()
        expect(screen.getByText('TW')).toBeTruthy()
    })
    it('is answered item by item', () => {
        show(<Hold job={aJob()} step={hold()} />)
        fireEvent.click(screen.getByRole('button', { name: 'Dowels in' }))
        expect(entered).toEqual([{ job: 214, kind: 'hold_answered', payload: { hold: 'hold.barrel', item: 0 } }])
    })
    it('does not answer twice what was answered', () => {
        show(<Hold job={aJob()} step={hold()} />)
        expect((screen.getByRole('button', { name: /Ring gaps/ }) as HTMLButtonElement).disabled).toBe(true)
    })
    it('is waived only with a reason', () => {
        show(<Hold job={aJob()} step={hold()} />)
        fireEvent.click(screen.getByRole('button', { name: 'Waive: Dowels in' }))
        const reason = screen.getByRole('textbox')
        send(reason)
        expect(entered).toEqual([])
        fireEvent.change(reason, { target: { value: 'this case has none' } })
        send(reason)
        expect(entered[0]).toMatchObject({
            kind: 'hold_waived',
            payload: { hold: 'hold.barrel', item: 0, reason: 'this case has none' },
        })
    })
    it('shows what was waived, and why', () => {
        show(<Hold job={aJob()} step={hold({ asks: [ask(0, 'Dowels in', 'IC', 'this case has none')] })} />)
        expect(screen.getByText('waived: this case has none')).toBeTruthy()
    })
    it('lets one who is alone look alone, with a reason', () => {
        show(<Hold job={aJob()} step={hold({ secondPerson: true })} />)
        fireEvent.click(screen.getByRole('button', { name: 'nobody else is here' }))
        const reason = screen.getByRole('textbox', { name: 'Why nobody else looks' })
        send(reason)
        expect(entered).toEqual([])
        fireEvent.change(reason, { target: { value: 'alone in the yard' } })
        send(reason)
        expect(entered[0]).toMatchObject({
            kind: 'second_waived',
            payload: { hold: 'hold.barrel', reason: 'alone in the yard' },
        })
    })
    it('asks about a verdict that it would close over, and takes it only with a reason', () => {
        const question = {
            verdict: 'ring_gap.1.top',
            name: 'End gap, top ring',
            state: 'out' as const,
            words: 'Out, too wide',
            reason: 'End gap is too wide by 0.050 mm.',
            spot: 'ring_gap.1.top',
            by: null,
            because: null,
        }
        show(<Hold job={aJob()} step={hold({ questions: [question] })} />)
        expect(screen.getByText('1 to be seen, 1 to settle or accept')).toBeTruthy()
        fireEvent.click(screen.getByRole('button', { name: 'Accept: End gap, top ring' }))
        const reason = screen.getByRole('textbox')
        send(reason)
        expect(entered).toEqual([])
        fireEvent.change(reason, { target: { value: 'the ring maker allows it' } })
        send(reason)
        expect(entered[0]).toMatchObject({
            kind: 'verdict_accepted',
            payload: { verdict: 'ring_gap.1.top', state: 'out', reason: 'the ring maker allows it' },
        })
    })
    it('asks who looks as well where two people have to', () => {
        show(<Hold job={aJob()} step={hold({ secondPerson: true })} />)
        fireEvent.click(screen.getByRole('button', { name: 'PQ' }))
        fireEvent.click(screen.getByRole('button', { name: 'Dowels in' }))
        expect(entered[0]?.payload).toEqual({ hold: 'hold.barrel', item: 0, second: 'PQ' })
    })
    it('stays open for the second person when one has seen it all', () => {
        const all = [ask(0, 'Dowels in', 'TW'), ask(1, 'Ring gaps', 'TW')]
        show(<Hold job={aJob()} step={hold({ secondPerson: true, asks: all, answerers: ['TW'] })} />)
        expect(screen.getByText(/A second person has to look/)).toBeTruthy()
        expect(screen.queryByRole('button', { name: 'TW' })).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: 'PQ' }))
        expect(entered[0]?.payload).toEqual({ hold: 'hold.barrel', item: 0, second: 'PQ' })
    })
    it('says who has looked', () => {
        show(<Hold job={aJob()} step={hold({ secondPerson: true, answerers: ['TW', 'PQ'] })} />)
        expect(screen.getByText('Seen by TW and PQ.')).toBeTruthy()
    })
})

describe('a reason', () => {
    const form = (onReason: (reason: string) => void) => (
        <ReasonForm keep="why" label="Why" hint="leaf was forced" confirm="Strike it out" onReason={onReason} />
    )
    it('is wanted before anything happens', () => {
        const said = vi.fn()
        show(form(said))
        expect((screen.getByRole('button', { name: 'Strike it out' }) as HTMLButtonElement).disabled).toBe(true)
        fireEvent.change(screen.getByLabelText('Why'), { target: { value: '   ' } })
        send(screen.getByLabelText('Why'))
        expect(said).not.toHaveBeenCalled()
    })
    it('is kept over a reload, and forgotten once it was given', () => {
        const said = vi.fn()
        const first = show(form(said))
        fireEvent.change(screen.getByLabelText('Why'), { target: { value: 'leaf was forced' } })
        first.unmount()
        show(form(said))
        expect((screen.getByLabelText('Why') as HTMLInputElement).value).toBe('leaf was forced')
        send(screen.getByLabelText('Why'))
        expect(said).toHaveBeenCalledWith('leaf was forced', expect.any(String))
        expect(localStorage.getItem('moltrek:why')).toBeNull()
    })
})

describe('the order of work', () => {
    const job = (steps: Step[]) =>
        aJob({
            steps,
            next: { kind: 'none', id: null, slab: null, text: '', why: '', canBeWorked: false },
        } as never)
    const words = (steps: Step[]) => {
        const { container } = show(<StepList job={job(steps)} slab="barrel" />)
        return container.textContent ?? ''
    }
    it('says of a step that is ready why it is done', () => {
        expect(words([aStep()])).toContain('It seals.')
    })
    it('says what comes first, and the reason where it is one of access', () => {
        const first = aStep({ id: 'deck', name: 'Deck read', state: 'ready' })
        const later = aStep({
            id: 'head-on',
            name: 'Head on',
            state: 'open',
            canBeDone: false,
            needs: ['deck'],
            access: 'Cannot be reached after: the deck is read on the bare barrel.',
        })
        expect(words([first, later])).toContain(
            'after: Deck read. Cannot be reached after: the deck is read on the bare barrel.',
        )
    })
    it('says what holds a step that would be next', () => {
        const held = aStep({
            state: 'blocked',
            canBeDone: false,
            blockedBy: [{ kind: 'part', id: 'Base gasket', why: 'It waits for base gasket.' }],
        })
        expect(words([held])).toContain('It waits for base gasket.')
    })
    it('says that a tick no longer stands, and since what', () => {
        expect(words([aStep({ state: 'void', voidBecause: 'lifted: head' })])).toContain('again, lifted: head')
    })
    it('says who did it, and when, by the shop’s clock', () => {
        const done = aStep({ state: 'done', canBeDone: false, doneBy: 'PQ', doneAt: '2026-07-01T08:18:00.000Z' })
        const before = aStep({ id: 'other', state: 'ready' })
        expect(words([done, before])).toContain('PQ, 09:18')
    })
    it('ticks with one touch', () => {
        show(<StepList job={job([aStep({ id: 'base-gasket' })])} slab="barrel" />)
        fireEvent.click(screen.getByRole('button', { name: /Tick: Base gasket down/ }))
        expect(entered).toEqual([{ job: 214, kind: 'step_done', payload: { step: 'base-gasket' } }])
    })
    it('leaves the steps of other slabs to them', () => {
        expect(words([aStep(), aStep({ id: 'cam-in', slab: 'cam', name: 'Cam in' })])).not.toContain('Cam in')
    })
    it('tells how, with what and how many, and warns', () => {
        const { container } = show(
            <Details
                step={aStep({
                    how: 'Base gasket: bare.',
                    uses: 'running oil',
                    tools: ['ring compressor'],
                    takes: ['Circlips'],
                    secondPerson: true,
                    caution: 'Eye protection.',
                })}
            />,
        )
        expect(container.textContent).toBe(
            'Base gasket: bare. With running oil. Tools: ring compressor. Takes: circlips. Two people.⚠ Eye protection.',
        )
    })
})

describe('a step that leaves a nut snug', () => {
    it('owes its torque from the moment it is ticked', () => {
        const owes = { what: 'nut at the gear', reason: 'the gear cannot be held yet', release: 'hold.start' }
        const step = aStep({ id: 'on.exhaust-valve', slab: 'barrel', name: 'Exhaust valve in', canBeDone: true, owes })
        show(<StepList job={aJob({ steps: [step] })} slab="barrel" />)
        fireEvent.click(screen.getByRole('button', { name: 'Tick: Exhaust valve in' }))
        expect(entered).toEqual([
            { job: 214, kind: 'step_done', payload: { step: 'on.exhaust-valve' } },
            { job: 214, kind: 'debt_owed', payload: owes },
        ])
    })
})
