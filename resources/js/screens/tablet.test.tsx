import { fireEvent, renderHook, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { useLock } from '../app/useBenchDoor'
import { asked, answers as served, show } from '../testing/bench'
import { SecondsPin } from './Bench/SecondsPin'

describe('a tablet of the shop', () => {
    beforeEach(() => {
        vi.useFakeTimers()
    })
    afterEach(() => {
        vi.useRealTimers()
    })

    it('locks itself when nobody has touched it, later when somebody has, and tries again', () => {
        const lock = vi.fn()
        renderHook(() => useLock(600, lock))
        vi.advanceTimersByTime(599_000)
        fireEvent.pointerDown(document.body)
        vi.advanceTimersByTime(599_000)
        expect(lock).not.toHaveBeenCalled()
        vi.advanceTimersByTime(2_000)
        expect(lock).toHaveBeenCalledTimes(1)
        vi.advanceTimersByTime(600_000)
        expect(lock).toHaveBeenCalledTimes(2)
    })

    it('never locks for somebody who has signed in with a password', () => {
        const lock = vi.fn()
        renderHook(() => useLock(null, lock))
        vi.advanceTimersByTime(7_200_000)
        expect(lock).not.toHaveBeenCalled()
    })
})

describe('the second person at a hold', () => {
    const typed = (pin: string) => {
        const pad = screen.getByRole('group', { name: 'PIN of PQ' })
        for (const key of pin) {
            fireEvent.keyDown(pad, { key })
        }
        fireEvent.click(within(pad).getByRole('button', { name: 'Enter' }))
    }

    it('says by a PIN of their own that they look, and gets it again when it was wrong', async () => {
        const vouched = vi.fn()
        served['/bench/second'] = (body) =>
            (body as { pin: string }).pin === '2907'
                ? { document: { vouchers: { 0: 'v1', 2: 'v2' } } }
                : { status: 422, document: { detail: 'Initials and PIN do not go together.', field: 'pin' } }
        show(
            <SecondsPin
                initials="PQ"
                job={214}
                hold="hold.start"
                items={[0, 2]}
                onVouched={vouched}
                onClose={() => {}}
            />,
        )
        typed('9999')
        expect(await screen.findByText('Initials and PIN do not go together.')).toBeTruthy()
        expect(screen.queryByRole('button', { name: /Go on by name/ })).toBeNull()
        typed('2907')
        await expect.poll(() => vouched.mock.calls).toEqual([[{ 0: 'v1', 2: 'v2' }]])
        expect(asked.at(-1)?.body).toEqual({
            initials: 'PQ',
            pin: '2907',
            job: 214,
            hold: 'hold.start',
            items: [0, 2],
        })
    })

    it('looks by name alone while the server is away', async () => {
        const vouched = vi.fn()
        show(
            <SecondsPin
                initials="PQ"
                job={214}
                hold="hold.start"
                items={[0, 2]}
                onVouched={vouched}
                onClose={() => {}}
            />,
        )
        typed('2907')
        fireEvent.click(await screen.findByRole('button', { name: /Go on by name/ }))
        expect(vouched).toHaveBeenCalledWith({})
    })
})
