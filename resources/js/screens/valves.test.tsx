import { act, fireEvent, screen, within } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import type { Schemas } from '../app/api'
import type { Valves } from '../app/useBenches'
import { LeakCurve } from '../drawings/LeakCurve'
import { PartsInOrder } from '../drawings/PartsInOrder'
import { PistonsDrawing } from '../drawings/PistonsDrawing'
import { ShimMap } from '../drawings/ShimMap'
import { ThrottleBar } from '../drawings/ThrottleBar'
import { aJob, entered, send, show } from '../testing/bench'
import { LeakDown } from './Closing/LeakDown'
import { LeakTest } from './Closing/LeakTest'
import { Start } from './Closing/Start'
import { Order } from './Valves/Order'
import { Rods } from './Valves/Rods'
import { Shims } from './Valves/Shims'

type Valve = Schemas['Valve']

const aValve = (id: string, parts: Partial<Valve> = {}): Valve =>
    ({
        id,
        name: 'inlet valve',
        cylinder: '1',
        cylinderName: 'left cylinder',
        side: 'inlet',
        spot: `valve_lash.1.${id}`,
        step: { id: `set.lash.${id}`, name: 'Clearance', slab: 'rockers', ready: true, torque: false, held: null },
        mayStay: false,
        before: null,
        now: null,
        entry: null,
        stale: null,
        state: null,
        words: null,
        reason: null,
        action: null,
        limit: '0.13 mm to 0.17 mm',
        shim: null,
        loose: null,
        grind: null,
        ground: [],
        ...parts,
    }) as Valve

const bench = (parts: Partial<Valves>): Valves => ({
    adjustment: 'screw',
    margin: 45,
    positions: null,
    roomless: [],
    valves: [],
    shims: null,
    rods: [],
    decompressor: null,
    rockerStack: [],
    tube: [],
    turnedBy: null,
    runs: null,
    ...parts,
})

const wishes = { aim: 'middle', all: false, margin: '' }

describe('which valve now', () => {
    const position = (name: string, valves: string[], done: boolean) => ({
        crank: 0,
        onMark: true,
        name,
        valves,
        done,
        pistons: [],
    })
    const shown = (valves: Valve[], done: boolean) =>
        show(
            <Order
                job={aJob()}
                valves={bench({
                    valves,
                    positions: [position('At its top', ['1in', '1ex'], done), position('At overlap', ['2in'], false)],
                })}
                wishes={wishes}
                onWishes={() => {}}
            />,
        )

    it('lights one valve, the first that is not read where the crank goes next', () => {
        shown([aValve('1in', { now: '0.13 mm passes', step: null }), aValve('1ex'), aValve('2in')], false)
        const lit = screen
            .getAllByRole('button', { name: 'Enter' })
            .filter((button) => button.className.includes('btn-primary'))
        expect(lit).toHaveLength(1)
        expect(
            within(screen.getByRole('listitem', { name: /Position 1/ })).getAllByRole('button', { name: 'Enter' })[1],
        ).toBe(lit[0])
    })

    it('says once what comes before all of them, and lights none', () => {
        const held = {
            id: 'set',
            name: '',
            slab: '',
            ready: false,
            torque: false,
            held: 'First: two full turns by hand.',
        }
        shown([aValve('1in', { step: held }), aValve('1ex', { step: held }), aValve('2in', { step: held })], false)
        expect(
            within(screen.getByRole('listitem', { name: /Position 1/ })).getAllByText('First: two full turns by hand.'),
        ).toHaveLength(1)
        expect(
            screen.getAllByRole('button', { name: 'Enter' }).some((button) => button.className.includes('btn-primary')),
        ).toBe(false)
    })

    it('goes on to the next valve with Enter', () => {
        shown([aValve('1in'), aValve('1ex'), aValve('2in')], false)
        const [first, second] = screen.getAllByLabelText('passes, mm') as [HTMLInputElement, HTMLInputElement]
        fireEvent.change(first, { target: { value: '0.13' } })
        send(first)
        expect(document.activeElement).toBe(second)
    })

    it('enters the leaf that passes and the one that does not, and what stays as found', () => {
        shown(
            [aValve('1in', { mayStay: true, now: '0.15 mm passes', state: 'within' }), aValve('1ex'), aValve('2in')],
            false,
        )
        const row = screen.getAllByRole('form', { name: 'inlet valve, left cylinder' })[1] as HTMLElement
        fireEvent.change(within(row).getByLabelText('passes, mm'), { target: { value: '0.13' } })
        fireEvent.change(within(row).getByLabelText('does not, mm'), { target: { value: '0.15' } })
        send(within(row).getByLabelText('does not, mm'))
        fireEvent.click(screen.getByRole('button', { name: 'Stays as found' }))
        expect(entered).toEqual([
            {
                job: 214,
                kind: 'reading_taken',
                payload: { spot: 'valve_lash.1.1ex', reading: { passes: '0.13 mm', refuses: '0.15 mm' } },
            },
            { job: 214, kind: 'step_done', payload: { step: 'set.lash.1in' } },
        ])
    })
})

describe('the shims of an engine', () => {
    const row = (valve: string, parts: Partial<Schemas['ShimRow']>): Schemas['ShimRow'] => ({
        valve,
        from: '2.50 mm',
        to: '2.50 mm',
        source: 'stays',
        whose: null,
        words: 'stays',
        after: '0.18 to 0.20 mm',
        changes: false,
        fitted: null,
        ...parts,
    })
    const board = (parts: Partial<Schemas['Shims']>): Schemas['Shims'] => ({
        task: 'decide',
        headline: 'One plan for the whole engine',
        advice: '',
        aim: 'middle',
        all: false,
        ratio: 1,
        sold: null,
        rows: [
            row('1in', { to: '2.45 mm', source: 'moved', whose: '1ex', words: 'from 1ex', changes: true }),
            row('1ex', {}),
        ],
        buy: [],
        spare: [],
        refused: null,
        costs: [],
        shelf: [],
        decided: null,
        decidedBy: null,
        shelvedBy: null,
        leftOver: [],
        step: null,
        ...parts,
    })
    const valves = [aValve('1in', { shim: '2.50 mm' }), aValve('1ex', { side: 'exhaust', shim: '2.45 mm' })]
    const shown = (parts: Partial<Schemas['Shims']> = {}) =>
        show(<Shims job={aJob()} valves={bench({ valves })} shims={board(parts)} wishes={wishes} onWishes={() => {}} />)

    it('keeps the plan as it stands: only what changes, and where it comes from', () => {
        shown()
        fireEvent.click(screen.getByRole('button', { name: 'Keep this plan: 1 change' }))
        expect(entered).toEqual([
            {
                job: 214,
                kind: 'shims_decided',
                payload: { shims: [{ valve: '1in', size: '2.45 mm', source: 'moved', whose: '1ex' }], orders: true },
            },
        ])
    })

    it('keeps no plan that there is none of', () => {
        shown({ refused: 'No shim brings this valve inside.' })
        expect(screen.queryByRole('button', { name: /^Keep this plan/ })).toBeNull()
        expect(screen.getByText('No shim brings this valve inside.')).toBeTruthy()
    })

    it('fits one shim after another', () => {
        shown({ task: 'fit' })
        fireEvent.click(screen.getByRole('button', { name: '1in: 2.45 mm is in' }))
        expect(entered[0]).toMatchObject({
            kind: 'shim_fitted',
            payload: { valve: '1in', size: '2.45 mm', source: 'moved', whose: '1ex' },
        })
    })

    it('counts what nobody got onto the shelf, as an entry of the plan', () => {
        shown({ task: 'read again', decided: 'd1', decidedBy: 'TW', leftOver: ['2.55 mm', '2.50 mm'] })
        fireEvent.click(screen.getByRole('button', { name: 'Onto the shelf' }))
        expect(entered[0]).toMatchObject({
            kind: 'shims_shelved',
            payload: { plan: 'd1', sizes: ['2.55 mm', '2.50 mm'] },
        })
    })

    it('offers it no more once somebody has counted them, and not before every shim is in', () => {
        shown({ decided: 'd1', leftOver: ['2.55 mm'], shelvedBy: 'PQ' })
        expect(screen.getByText('on the shelf, counted by PQ')).toBeTruthy()
        shown({ task: 'fit', decided: 'd1', spare: ['2.55 mm'], leftOver: [] })
        expect(screen.queryByRole('button', { name: 'Onto the shelf' })).toBeNull()
    })

    it('draws inlets over exhausts and says every way that a shim goes', () => {
        const { container } = show(<ShimMap valves={valves} rows={board({}).rows} />)
        expect(screen.getByRole('img', { name: 'Shims: 1in 2.45 mm, from 1ex' })).toBeTruthy()
        expect(container.querySelectorAll('path[marker-end]')).toHaveLength(1)
    })
})

describe('rods on hydraulic lifters', () => {
    const rods = (parts: Partial<Schemas['Rods']>): Schemas['Rods'] => ({
        cylinder: 'front',
        name: 'front cylinder',
        task: 'let out',
        headline: '3 turns and 1 flat',
        advice: '',
        flats: 19,
        turns: '3 turns and 1 flat',
        preload: '2.80 mm to 3.80 mm',
        thread: '24 threads to the inch, 6 flats',
        valves: ['frontin', 'frontex'],
        wait: null,
        letOut: null,
        spins: null,
        adjustable: true,
        step: { id: 'set.rods.front', name: '', slab: '', ready: true, torque: false, held: null },
        ...parts,
    })

    it('are let out by the count that stands there', () => {
        show(<Rods job={aJob()} valves={bench({ rods: [rods({})] })} />)
        fireEvent.click(screen.getByRole('button', { name: 'Both let out, bleeding down' }))
        expect(entered).toEqual([{ job: 214, kind: 'rods_let_out', payload: { cylinder: 'front', flats: 19 } }])
    })

    it('free the crank only when each was said to spin', () => {
        show(<Rods job={aJob()} valves={bench({ rods: [rods({ task: 'spin', letOut: 'let out, TW' })] })} />)
        expect(screen.getByRole('status').textContent).toContain('Do not turn the crank')
        const release = screen.getByRole('button', { name: /Each spins/ }) as HTMLButtonElement
        fireEvent.click(screen.getByRole('button', { name: 'frontin rod spins' }))
        expect(release.disabled).toBe(true)
        fireEvent.click(screen.getByRole('button', { name: 'frontex rod spins' }))
        fireEvent.click(release)
        expect(entered).toEqual([
            { job: 214, kind: 'rods_spin', payload: { cylinder: 'front', valves: ['frontin', 'frontex'] } },
        ])
    })
})

describe('the tests at the end', () => {
    const leak: Schemas['LeakBoard'] = {
        pressure: 45,
        allowed: 7 / 6,
        time: 360,
        source: null,
        before: '',
        tests: [],
        found: [],
        step: null,
    }

    it('begin a leak test at the pressure that was pumped up', () => {
        show(<LeakTest job={aJob()} leak={leak} />)
        fireEvent.change(screen.getByLabelText('gauge, kPa'), { target: { value: '46' } })
        send(screen.getByLabelText('gauge, kPa'))
        expect(entered).toEqual([{ job: 214, kind: 'leak_gauge_read', payload: { pressure: '46 kPa', starts: true } }])
    })

    const closing = {
        leakDown: [
            {
                cylinder: '1',
                name: 'left cylinder',
                lost: null,
                state: null,
                words: null,
                hisses: [],
                means: [],
                entry: null,
            },
        ],
        hisses: [{ where: 'exhaust', means: '' }],
        leakDownLimit: null,
        leakDownStep: null,
    } as unknown as Schemas['Closing']

    it('say of a leak-down where it hissed', () => {
        show(<LeakDown job={aJob()} closing={closing} />)
        fireEvent.click(screen.getByRole('button', { name: 'exhaust' }))
        fireEvent.change(screen.getByLabelText('held, kPa'), { target: { value: '616' } })
        send(screen.getByLabelText('held, kPa'))
        expect(entered).toEqual([
            {
                job: 214,
                kind: 'leak_down_read',
                payload: { cylinder: '1', supply: '700 kPa', held: '616 kPa', hisses: ['exhaust'] },
            },
        ])
    })

    it('take pressures in the unit that the shop thinks in, and the usual supply of that unit', async () => {
        const { client } = show(<LeakDown job={aJob()} closing={closing} />)
        act(() => client.setQueryData(['shop'], { units: { pressure: 'psi' } }))
        expect((await screen.findByLabelText<HTMLInputElement>('supplied, psi')).value).toBe('100')
        fireEvent.change(screen.getByLabelText('held, psi'), { target: { value: '92' } })
        send(screen.getByLabelText('held, psi'))
        expect(entered[0]?.payload).toEqual({ cylinder: '1', supply: '100 psi', held: '92 psi', hisses: [] })
    })

    it('take something that is not right only with what is wrong', () => {
        const closing = {
            holdStep: null,
            startStep: { id: 'start.first', name: '', slab: '', ready: true, torque: false, held: null },
            start: [{ id: 'leaks', text: 'Dry at every joint', right: null, note: null, by: null }],
            runIn: { heatCycles: 1, cycles: 0, warm: false, cooling: null, heatStep: null },
        } as unknown as Schemas['Closing']
        show(<Start job={aJob()} closing={closing} />)
        const wrong = screen.getByRole('button', { name: 'Not right' }) as HTMLButtonElement
        expect(wrong.disabled).toBe(true)
        fireEvent.change(screen.getByLabelText('Note: Dry at every joint'), { target: { value: 'weeps' } })
        fireEvent.click(wrong)
        expect(entered).toEqual([{ job: 214, kind: 'start_seen', payload: { item: 'leaks', note: 'weeps' } }])
    })
})

describe('drawings of valves and tests', () => {
    it('puts a piston where its share of the stroke has it, and an open valve down', () => {
        const piston = (down: number, open: string[]) => ({
            cylinder: '1',
            name: 'left',
            down,
            stroke: '',
            open,
            set: ['inlet'],
        })
        const { container } = show(
            <PistonsDrawing pistons={[piston(0, []), piston(1, ['exhaust'])]} crank={480} label="crank" />,
        )
        const tops = [...container.querySelectorAll('rect')].map((rect) => Number(rect.getAttribute('y')))
        expect((tops[1] ?? 0) - (tops[0] ?? 0)).toBe(40)
        expect(container.querySelectorAll('g[transform*=" 8)"]')).toHaveLength(1)
        expect(screen.getByText('480°')).toBeTruthy()
    })

    it('draws a gauge that falls, over what may be lost', () => {
        const test = {
            begun: 'a',
            by: 'PQ',
            state: 'out',
            headline: 'Leaks',
            says: '',
            perMinute: 2,
            stale: null,
            points: [
                { at: 0, pressure: 46 },
                { at: 60, pressure: 44 },
            ],
        }
        show(<LeakCurve tests={[test]} allowed={7 / 6} asked={45} time={360} />)
        expect(
            screen.getByRole('img', { name: 'Leaks; 46 kPa at 0 s, 44 kPa at 60 s' }).querySelectorAll('circle'),
        ).toHaveLength(2)
    })

    it('lays the parts of a shaft out in their order', () => {
        show(<PartsInOrder parts={['washer', 'rocker', 'washer']} />)
        expect(screen.getByRole('img', { name: 'washer, then rocker, then washer' })).toBeTruthy()
    })

    it('fills a throttle by the share that its words name, and draws none that they do not', () => {
        const share = (throttle: string) => {
            const { container, unmount } = show(<ThrottleBar throttle={throttle} />)
            const width = container.querySelectorAll('rect')[1]?.getAttribute('width') ?? null
            unmount()
            return width === null ? null : Number(width) / 298
        }
        expect([share('half'), share('three quarters, no labouring'), share('a third'), share('as it likes')]).toEqual([
            0.5,
            0.75,
            1 / 3,
            null,
        ])
    })
})
