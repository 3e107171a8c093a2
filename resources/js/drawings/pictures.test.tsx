import { readFileSync } from 'node:fs'
import { fireEvent, render, screen } from '@testing-library/react'
import { describe, expect, it, vi } from 'vitest'
import type { Schemas } from '../app/api'
import '../testing/bench'
import { CrankWheel } from './CrankWheel'
import { CrosshatchDrawing } from './CrosshatchDrawing'
import { HeightsDrawing } from './HeightsDrawing'
import { HowTaken, SKETCHED } from './HowTaken'
import { MarkedFit } from './MarkedFit'
import { layoutStack, type StackSlab } from './stackLayout'
import { VerdictMark } from './VerdictMark'

describe('how a reading is taken', () => {
    const named = [...readFileSync('core/src/Measuring/Sketch.php', 'utf8').matchAll(/= '([^']+)'/g)].map(
        ([, name]) => name,
    )

    it('is drawn for every quantity of the catalogue, and for nothing else', () => {
        expect(named.length).toBeGreaterThan(20)
        expect([...SKETCHED].sort()).toEqual([...named].sort())
    })
    it.each(named)('%s shows the one place that is read in the working colour', (sketch) => {
        const { container } = render(<HowTaken sketch={sketch ?? ''} />)
        expect(container.querySelectorAll('.stroke-primary').length).toBeGreaterThan(0)
        expect(container.querySelectorAll('path').length).toBeGreaterThan(1)
    })
    it('draws nothing for what it does not know', () => {
        const { container } = render(<HowTaken sketch="by ear" />)
        expect(container.innerHTML).toBe('')
    })
})

describe('the cross-hatch', () => {
    /** The slope of a scratch, in degrees from the horizontal. */
    const slopes = (container: HTMLElement) => {
        const d = container.querySelector('g path')?.getAttribute('d') ?? ''
        return [...d.matchAll(/M0 ([-\d.e]+)L420 ([-\d.e]+)/g)].map(
            ([, from, to]) => (Math.atan2(Number(to) - Number(from), 420) * 180) / Math.PI,
        )
    }
    it.each([30, 48.8, 90])('of %s degrees is drawn at half of it either way', (angle) => {
        const { container } = render(<CrosshatchDrawing angle={angle} aim={null} />)
        const drawn = slopes(container)
        expect(drawn.length).toBeGreaterThan(10)
        for (const slope of drawn) {
            expect(Math.abs(slope)).toBeCloseTo(angle / 2, 5)
        }
        expect(drawn.some((slope) => slope > 0) && drawn.some((slope) => slope < 0)).toBe(true)
    })
    it('shows both edges of the aim', () => {
        const { container } = render(<CrosshatchDrawing angle={20} aim={[40, 60]} />)
        expect(container.querySelectorAll('.stroke-success')).toHaveLength(2)
    })
})

describe('the crank wheel', () => {
    it.each([
        ['ArrowRight', 0, 1],
        ['ArrowLeft', 0, 359],
        ['PageUp', 350, 5],
        ['PageDown', 10, 355],
    ])('%s at %s degrees turns to %s', (key, from, to) => {
        const turned = vi.fn()
        render(<CrankWheel angle={from} onTurn={turned} pins={[{ id: '1', phase: 0 }]} />)
        fireEvent.keyDown(screen.getByRole('slider'), { key })
        expect(turned).toHaveBeenCalledWith(to)
    })
    it('leaves other keys to the screen', () => {
        const turned = vi.fn()
        render(<CrankWheel angle={0} onTurn={turned} pins={[]} />)
        fireEvent.keyDown(screen.getByRole('slider'), { key: 'n' })
        expect(turned).not.toHaveBeenCalled()
    })
    it('shows a pin for each cylinder', () => {
        const { container } = render(
            <CrankWheel
                angle={0}
                onTurn={() => undefined}
                pins={[0, 120, 240].map((phase) => ({ id: String(phase), phase }))}
            />,
        )
        expect(container.querySelectorAll('circle[r="13"]')).toHaveLength(3)
    })
})

describe('the piston heights', () => {
    const drawing = {
        bore: 66.2,
        stroke: 44.2,
        rod: 92,
        rodIsStated: true,
        pistonHeight: 44,
        cylinders: [
            { id: '1', name: 'cylinder 1', phase: 0 },
            { id: '2', name: 'cylinder 2', phase: 180 },
        ],
    } as unknown as Schemas['Drawing']

    it('draws each piston at its height, to one scale', () => {
        const heights: Record<string, number> = { '1': 0, '2': 44.2 }
        const { container } = render(<HeightsDrawing drawing={drawing} crank={0} below={(id) => heights[id] ?? 0} />)
        const pins = [...container.querySelectorAll(`circle[r="${66.2 * 0.11}"]`)].map((pin) =>
            Number(pin.getAttribute('cy')),
        )
        expect((pins[1] ?? 0) - (pins[0] ?? 0)).toBeCloseTo(44.2, 6)
        expect(screen.getByRole('img').getAttribute('aria-label')).toContain('cylinder 2 44.20 mm below the top')
    })
    it('turns the crank pins with the crank, by their phases', () => {
        const { container } = render(<HeightsDrawing drawing={drawing} crank={90} below={() => 0} />)
        const pins = [...container.querySelectorAll(`circle[r="${44.2 * 0.2}"]`)].map((pin) =>
            Number(pin.getAttribute('cx')),
        )
        const middles = [...container.querySelectorAll(`circle[r="${44.2 * 0.13}"]`)].map((pin) =>
            Number(pin.getAttribute('cx')),
        )
        expect((pins[0] ?? 0) - (middles[0] ?? 0)).toBeCloseTo(22.1, 6)
        expect((pins[1] ?? 0) - (middles[1] ?? 0)).toBeCloseTo(-22.1, 6)
    })
    it('keeps neighbouring crank webs clear of each other', () => {
        const { container } = render(<HeightsDrawing drawing={drawing} crank={0} below={() => 0} />)
        const webs = [...container.querySelectorAll(`circle[r="${44.2 * 0.66}"]`)].map((web) =>
            Number(web.getAttribute('cx')),
        )
        expect((webs[1] ?? 0) - (webs[0] ?? 0)).toBeGreaterThan(2 * 44.2 * 0.66)
    })
})

describe('marks', () => {
    it('stand on the part they were read on, dashed where nothing was read', () => {
        const { container } = render(<MarkedFit bore="B" piston={null} />)
        expect(container.querySelectorAll('text')).toHaveLength(1)
        expect(container.querySelector('text')?.textContent).toBe('B')
        expect(container.querySelectorAll('circle[stroke-dasharray]')).toHaveLength(1)
    })
    it('are told apart by shape, not by colour alone', () => {
        const shapes = ['within', 'worn', 'out', 'unsure', 'unknown', null].map((state) => {
            const { container } = render(<VerdictMark state={state} />)
            return container.innerHTML.replaceAll(/class="[^"]*"/g, '')
        })
        expect(new Set(shapes).size).toBe(shapes.length)
    })
})

describe('a V', () => {
    const cylinder = (id: string, bank: string | null) => ({ id, bank, belowTop: 10, crank: 0 })
    const drawing = (vee: number | null, form = 'vee') =>
        ({
            form,
            veeAngle: vee,
            bore: 92,
            stroke: 82.2,
            rod: 150,
            rodIsStated: true,
            barrelHeight: 110,
            pistonHeight: 60,
            cylinders: [cylinder('front', 'front'), cylinder('rear', 'rear')],
        }) as unknown as Schemas['Drawing']
    const slabs: StackSlab[] = ['case', 'base gasket', 'barrel', 'head'].map((drawnAs) => ({
        id: drawnAs,
        drawnAs,
        state: 'on',
    }))

    it('leans its banks half the angle either way, the front one to the right as the machine faces', () => {
        const layout = layoutStack(drawing(48), slabs, 140, () => 0)
        expect(layout.banks.map((bank) => [bank.cylinder.id, bank.side])).toEqual([
            ['front', 1],
            ['rear', -1],
        ])
        expect(layout.banks.map((bank) => Math.abs(bank.tilt))).toEqual([24, 24])
        expect((layout.banks[0]?.tilt ?? 0) + (layout.banks[1]?.tilt ?? 0)).toBe(0)
        expect(layout.centres).toHaveLength(1)
    })
    it('is one of the layouts; a parallel twin stands in a line', () => {
        expect(layoutStack(drawing(null, 'parallel'), slabs, 140, () => 0).banks).toEqual([])
    })
    it('stays inside its column', () => {
        const layout = layoutStack(drawing(48), slabs, 140, () => 0)
        expect(layout.left).toBeGreaterThanOrEqual(0)
        expect(layout.right).toBeLessThanOrEqual(140)
    })
})
