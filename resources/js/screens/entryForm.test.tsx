import { act, fireEvent, screen, within } from '@testing-library/react'
import { afterEach, describe, expect, it } from 'vitest'
import type { Schemas } from '../app/api'
import { outbox } from '../app/outbox'
import type { Waiting } from '../app/waiting'
import { EntryForm } from '../parts/EntryForm'
import { aJob, entered, show } from '../testing/bench'
import { OutAndBack } from './MachineShop/OutAndBack'

const ground = () => (
    <EntryForm
        job={214}
        kind="stem_ground"
        keep="ground:in"
        bench="valves"
        name="Stem of in"
        said={{ valve: 'in' }}
        fields={{ taken: 'ground off' }}
        words={({ taken }) => `in ground ${taken}`}
        button="Ground"
    />
)

const send = () => fireEvent.click(screen.getByRole('button', { name: 'Ground' }))

describe('a form of a kind of entry', () => {
    afterEach(() => void Object.assign(outbox, { entries: [], isRead: false }))

    it('sends a figure in the unit of its label, with what the screen knows', () => {
        show(ground())
        fireEvent.change(screen.getByLabelText('ground off, mm'), { target: { value: '0.03' } })
        send()
        expect(entered).toEqual([{ job: 214, kind: 'stem_ground', payload: { valve: 'in', taken: '0.03 mm' } }])
    })

    it('takes the unit that the shop thinks in, and another where it is typed', async () => {
        const { client } = show(ground())
        act(() => client.setQueryData(['shop'], { units: { length: 'thou' } }))
        fireEvent.change(await screen.findByLabelText('ground off, thou'), { target: { value: '2' } })
        send()
        fireEvent.change(screen.getByLabelText('ground off, thou'), { target: { value: '0.05 mm' } })
        send()
        expect(entered.map(({ payload }) => payload)).toEqual([
            { valve: 'in', taken: '2 thou' },
            { valve: 'in', taken: '0.05 mm' },
        ])
    })

    it('waits for what must be said', () => {
        show(ground())
        fireEvent.change(screen.getByLabelText('ground off, mm'), { target: { value: '  ' } })
        send()
        expect(entered).toEqual([])
    })

    it('says a refusal at its field, and keeps what was typed', () => {
        const refusal = {
            field: 'payload.taken',
            message: 'More than a stem can lose.',
            read: '3 mm',
            allowed: 'at most 1 mm',
        }
        Object.assign(outbox, {
            entries: [{ id: 'e1', job: 214, kind: 'stem_ground', refusal } as unknown as Waiting],
            isRead: true,
        })
        localStorage.setItem('moltrek:valves:214:ground:in', JSON.stringify({ taken: '3' }))
        localStorage.setItem('moltrek:valves:214:ground:in:sent', JSON.stringify('e1'))
        show(ground())
        const field = screen.getByLabelText<HTMLInputElement>('ground off, mm')
        expect(field.value).toBe('3')
        expect(within(field.closest('div') as HTMLElement).getByRole('alert').textContent).toContain(
            'More than a stem can lose.',
        )
    })
})

describe('a bore that goes out', () => {
    const bore = (away: string | null) =>
        ({ cylinder: '1', name: 'bore', away, promised: null }) as unknown as Schemas['BoreAdvice']

    it('is sent with a day, or without one', () => {
        show(<OutAndBack job={aJob()} bore={bore(null)} />)
        fireEvent.change(screen.getByLabelText('Goes to'), { target: { value: ' Corrie Bore Works ' } })
        fireEvent.click(screen.getByRole('button', { name: 'Sent out' }))
        fireEvent.change(screen.getByLabelText('Promised for'), { target: { value: '2026-12-01' } })
        fireEvent.click(screen.getByRole('button', { name: 'Sent out' }))
        expect(entered.map(({ payload }) => payload)).toEqual([
            { cylinder: '1', to: 'Corrie Bore Works' },
            { cylinder: '1', to: 'Corrie Bore Works', promised: '2026-12-01' },
        ])
    })

    it('comes back with a note, or with none', () => {
        show(<OutAndBack job={aJob()} bore={bore('at Corrie Bore Works')} />)
        fireEvent.click(screen.getByRole('button', { name: 'It is back' }))
        fireEvent.change(screen.getByLabelText('What came back'), { target: { value: 'honed, not washed' } })
        fireEvent.click(screen.getByRole('button', { name: 'It is back' }))
        expect(entered).toEqual([
            { job: 214, kind: 'work_back', payload: { cylinder: '1' } },
            { job: 214, kind: 'work_back', payload: { cylinder: '1', note: 'honed, not washed' } },
        ])
    })
})
