import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, renderHook, waitFor } from '@testing-library/react'
import type { ReactNode } from 'react'
import { describe, expect, it, vi } from 'vitest'
import type { Spot } from '../../app/api'
import { outbox } from '../../app/outbox'
import { aJob, answers, entered } from '../../testing/bench'
import { useDesk } from './useDesk'

const lengths = {
    unit: 'mm',
    units: ['mm', 'in'],
    form: 'direct',
    instrument: 'micrometer',
    reading: null,
    waitsFor: null,
}
const piston = { id: 'piston.1', name: 'Piston', ...lengths } as unknown as Spot
const pin = { id: 'pin.1', name: 'Pin', ...lengths } as unknown as Spot
const refusal = { field: 'reading', message: 'No piston of this engine is so large.', read: '', allowed: 'a length' }
const preview = (parts: object) => ({
    document: { figure: null, question: null, refusal: null, assessments: [], ...parts },
})

/** A desk at the piston, and the server's answer to what is typed there, given when the test lets it. */
function atThePiston(more: object = {}) {
    let letAnswer: (parts: object) => void = () => undefined
    const answer = new Promise<{ document: unknown }>((resolve) => {
        letAnswer = (parts) => resolve(preview(parts))
    })
    answers['/jobs/214/preview'] = () => answer
    vi.spyOn(outbox, 'drop').mockResolvedValue()
    vi.spyOn(outbox, 'release').mockResolvedValue()
    const client = new QueryClient()
    const wrapper = ({ children }: { children: ReactNode }) => (
        <QueryClientProvider client={client}>{children}</QueryClientProvider>
    )
    const job = aJob({ spots: [{ ...piston, ...more } as Spot, pin], tools: [] })
    const { result } = renderHook(() => useDesk(job), { wrapper })
    act(() => result.current.focus(piston))
    return { desk: () => result.current, letAnswer }
}

const isHeld = () => vi.mocked(outbox.add).mock.calls[0]?.[4]?.held

describe('Enter before the server has looked', () => {
    it.each([
        ['before it is even asked', 0],
        ['while the question is under way', 150],
    ])('holds the reading and brings it back with the objection, %s', async (_, after) => {
        const { desk, letAnswer } = atThePiston()
        act(() => desk().type('549.5'))
        await act(() => new Promise((resolve) => setTimeout(resolve, after)))
        await act(async () => desk().enter())
        expect(entered).toHaveLength(1)
        expect(isHeld()).toBe(true)
        expect(desk().active?.id).toBe('pin.1')
        await act(async () => letAnswer({ refusal }))
        await waitFor(() => expect(desk().asking).toContain('Accepted: a length'))
        expect(outbox.drop).toHaveBeenCalledOnce()
        expect(desk().active?.id).toBe('piston.1')
        expect(desk().draft.figure).toBe('549.5')
    })

    it('lets a sound reading go when it has looked', async () => {
        const { desk, letAnswer } = atThePiston()
        act(() => desk().type('54.951'))
        await act(async () => desk().enter())
        expect(outbox.release).not.toHaveBeenCalled()
        await act(async () => letAnswer({ figure: '54.951' }))
        await waitFor(() => expect(outbox.release).toHaveBeenCalledOnce())
        expect(desk().active?.id).toBe('pin.1')
    })
})

describe('a reading taken once more', () => {
    it('goes into the log as a repeat, and is none any more when the key is pressed again', async () => {
        const { desk, letAnswer } = atThePiston({ reading: { entry: 'before' } })
        letAnswer({ figure: '54.952' })
        act(() => desk().type('54.952'))
        act(() => desk().turnAgain())
        expect(desk().draft.again).toBe('again')
        act(() => desk().turnAgain())
        expect(desk().draft.again).toBe('')
        act(() => desk().turnAgain())
        await act(async () => desk().enter())
        expect(entered[0]?.payload).toMatchObject({ spot: 'piston.1', reading: '54.952 mm', again: true })
    })
})

describe('Enter after the server has looked', () => {
    it('asks once about a figure far from the sheet, and keeps it the second time', async () => {
        const { desk, letAnswer } = atThePiston()
        letAnswer({ question: 'Is the unit right?' })
        act(() => desk().type('5.495'))
        await waitFor(() => expect(desk().preview?.question).toBe('Is the unit right?'))
        await act(async () => desk().enter())
        expect(desk().asking).toContain('Enter again keeps it')
        expect(entered).toEqual([])
        await act(async () => desk().enter())
        expect(entered).toMatchObject([
            { kind: 'reading_taken', payload: { spot: 'piston.1', reading: '5.495 mm', kept: true } },
        ])
        expect(isHeld()).toBe(false)
    })
})
