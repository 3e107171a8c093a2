import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { aJob, answers, entered, show } from '../testing/bench'
import { Hone } from './Hone/Hone'

const hatched = (angle: number) => ({
    document: { angle: { value: angle, unit: 'deg' }, verdict: { state: 'within', action: null }, strokes_for_aim: 96 },
})

const keep = () => screen.getByRole('button', { name: 'Write it in the log' }) as HTMLButtonElement

describe('at the hone', () => {
    it('writes the angle of what stands there, never that of the speed before it', async () => {
        answers['/jobs/214'] = () => ({ document: aJob() })
        answers['/calculations/crosshatch'] = () => hatched(52)
        show(<Hone />)
        await screen.findByText('52.0°')
        expect(keep().disabled).toBe(false)

        // the answer to another speed is on its way: the old one may be looked at, and is not kept
        let answer = () => {}
        answers['/calculations/crosshatch'] = () =>
            new Promise((resolve) => {
                answer = () => resolve(hatched(44))
            })
        fireEvent.change(screen.getByLabelText(/Spindle/), { target: { value: '120' } })
        await expect.poll(() => keep().disabled).toBe(true)
        fireEvent.click(keep())
        expect(entered).toEqual([])
        answer()
        await screen.findByText('44.0°')
        fireEvent.click(keep())
        expect(entered).toMatchObject([
            { kind: 'note_written', payload: { text: expect.stringMatching(/^Cross-hatch 44°: 120 turns/) } },
        ])
    })
})
