import { act, cleanup, fireEvent, render, renderHook, screen } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { withUnit } from '../app/format'
import { outbox } from '../app/outbox'
import { useEntering } from '../app/useEntering'
import type { Timing } from '../app/useTiming'
import type { Waiting } from '../app/waiting'
import { DialFace } from '../drawings/DialFace'
import { IgnitionTrail } from '../drawings/IgnitionTrail'
import { PlateDrawing } from '../drawings/PlateDrawing'
import { aJob, entered, show } from '../testing/bench'
import { IgnitionActs } from './Timing/IgnitionActs'
import { useCrank } from './Timing/useCrank'

beforeEach(() => localStorage.clear())
afterEach(cleanup)

const engine = (part: Partial<Timing>) =>
    ({ cycle: 'four-stroke', runs: 'clockwise', mayTurnBack: true, turningBack: null, ...part }) as Timing

function Knob() {
    const { handles, crank } = useCrank(engine({}))
    return <div {...handles([0.5, 0.5])}>{crank}</div>
}

describe('the crank under a hand', () => {
    it('goes round two turns of a four-stroke, one of a two-stroke', () => {
        const four = renderHook(() => useCrank(engine({})))
        act(() => four.result.current.turn(725))
        expect(four.result.current.crank).toBe(5)
        const two = renderHook(() => useCrank(engine({ cycle: 'two-stroke' })))
        act(() => two.result.current.turn(365))
        expect(two.result.current.crank).toBe(5)
    })

    it('is turned back where that does no harm, and nowhere else', () => {
        const free = renderHook(() => useCrank(engine({})))
        act(() => free.result.current.turn(-10))
        expect([free.result.current.crank, free.result.current.refused]).toEqual([710, false])
        const harmful = renderHook(() => useCrank(engine({ mayTurnBack: false })))
        act(() => harmful.result.current.turn(-10))
        expect([harmful.result.current.crank, harmful.result.current.refused]).toEqual([0, true])
        act(() => harmful.result.current.turn(1))
        expect([harmful.result.current.crank, harmful.result.current.refused]).toEqual([1, false])
    })

    it('follows keys by a degree, a tenth with shift, fifteen with page keys', () => {
        render(<Knob />)
        const slider = screen.getByRole('slider', { name: 'Crank' })
        fireEvent.keyDown(slider, { key: 'PageUp' })
        fireEvent.keyDown(slider, { key: 'ArrowRight' })
        fireEvent.keyDown(slider, { key: 'ArrowRight', shiftKey: true })
        fireEvent.keyDown(slider, { key: 'Tab' })
        expect(slider.textContent).toBe('16.1')
    })
})

describe('what is typed at the bench', () => {
    const sent = (refused: boolean) => {
        const entry = { id: 'e1', job: 214, kind: 'ignition_read', payload: {}, label: '', by: '', held: false }
        const refusal = refused ? { field: 'payload.dial', message: 'No.', read: '', allowed: '' } : null
        return [{ ...entry, happenedAt: '', clockOffset: null, refusal } as unknown as Waiting]
    }
    const standing = (entries: Waiting[], isRead: boolean) => {
        Object.assign(outbox, { entries, isRead })
        localStorage.setItem('moltrek:timing:214:point', JSON.stringify('1.45'))
        localStorage.setItem('moltrek:timing:214:point:sent', JSON.stringify('e1'))
        return renderHook(() => useEntering(214, 'point', ''))
    }
    afterEach(() => void Object.assign(outbox, { entries: [], isRead: false }))

    it('stays until the server has taken it', () => {
        expect(standing([], true).result.current.typed).toBe('')
        expect(standing(sent(false), true).result.current).toMatchObject({ typed: '1.45', isSending: true })
    })

    it('stays with its reason when it was refused, and while nobody knows yet what became of it', () => {
        const { typed, refusal, isSending } = standing(sent(true), true).result.current
        expect([typed, refusal?.message, isSending]).toEqual(['1.45', 'No.', false])
        expect(standing([], false).result.current.typed).toBe('1.45')
    })

    it.each([
        ['1.45', '1.45 mm'],
        [' 1,45 ', '1,45 mm'],
        ['57 thou', '57 thou'],
        ['−0.3', '−0.3 mm'],
    ])('is taken in the field’s unit unless another was typed: %s', (typed, said) => {
        expect(withUnit(typed, 'mm')).toBe(said)
    })
})

const place = (degrees: number, below: number) => ({ degrees, below })

describe('the trail of an ignition point', () => {
    const line = Array.from({ length: 41 }, (_, degrees) => place(degrees, degrees / 10))
    const round = (entry: string, degrees: number, words: string) => ({
        entry,
        ...place(degrees, degrees / 10),
        by: 'TW',
        at: '',
        typed: '',
        with: '',
        state: 'out',
        words,
        reason: '',
        stale: null,
    })
    const loop = {
        rounds: [round('a', 16.2, 'Out, too late'), round('b', 17.3, 'Out, too late')],
        low: place(17.5, 1.75),
        aim: place(18, 1.8),
        high: place(18.5, 1.85),
    } as unknown as Timing['ignitions'][number]

    it('numbers the readings on their line, from left to right as they close in on the band', () => {
        const { container } = render(<IgnitionTrail loop={loop} line={line} now={null} />)
        const [first, second] = [...container.querySelectorAll('circle')].map((dot) => Number(dot.getAttribute('cx')))
        const band = Number(container.querySelector('rect')?.getAttribute('x'))
        expect(first).toBeLessThan(second ?? 0)
        expect(second).toBeLessThan(band)
        expect(screen.getByRole('img').getAttribute('aria-label')).toContain(
            '16.2 degrees, Out, too late; 17.3 degrees',
        )
    })

    it('draws an empty line where nothing was read and nothing is asked', () => {
        const empty = { ...loop, rounds: [], low: null, aim: null, high: null }
        const { container } = render(<IgnitionTrail loop={empty} line={line} now={null} />)
        expect(container.querySelectorAll('circle, rect')).toHaveLength(0)
        expect(container.innerHTML).not.toContain('NaN')
    })
})

it('turns the dial’s long hand once for a millimetre and its short one by a tenth of that', () => {
    const { container } = render(<DialFace reads={2.25} label="Dial" />)
    const hands = [...container.querySelectorAll('svg')].slice(1).map((hand) => hand.style.transform)
    expect(hands).toEqual(['rotate(81deg)', 'rotate(810deg)'])
})

it('says which way the plate goes against its shaft', () => {
    render(<PlateDrawing rotation="clockwise" way="anticlockwise" marks={[]} />)
    expect(
        screen.getByRole('img', { name: 'The shaft turns clockwise, the plate is moved anticlockwise' }),
    ).toBeTruthy()
})

describe('what the loop of an ignition point asks for', () => {
    const loop = (task: string, rotorOffAgain: boolean) =>
        ({ task, rotorOffAgain, step: null, spared: [], setBy: 'plate', way: 'advance', plate: null }) as never

    it.each([
        ['look', true, true, false],
        ['look', false, false, false],
        ['move', false, false, true],
        ['rotor off', true, true, false],
    ])(
        'in “%s” offers the rotor’s way off only where one is on, and a move only where one is due',
        (task, again, rotor, move) => {
            show(<IgnitionActs job={aJob()} loop={loop(task, again)} />, '/', '/')
            expect(screen.queryByRole('button', { name: 'The rotor is off' }) !== null).toBe(rotor)
            expect(screen.queryByRole('button', { name: 'Moved and locked' }) !== null).toBe(move)
        },
    )

    it('enters that the rotor came off once more', () => {
        show(<IgnitionActs job={aJob()} loop={loop('look', true)} />, '/', '/')
        fireEvent.click(screen.getByRole('button', { name: 'The rotor is off' }))
        expect(entered[0]).toMatchObject({ kind: 'act_done', payload: { act: 'rotor off' } })
    })
})
