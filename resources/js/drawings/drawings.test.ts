import { describe, expect, it } from 'vitest'
import type { Schemas } from '../app/api'
import { decimalsOf, labelsOf, scaleOf } from './rulerScale'
import { layoutStack, type StackSlab, waterline } from './stackLayout'

const drawing = (count: number, cycle = 'two-stroke'): Schemas['Drawing'] =>
    ({
        cycle,
        bore: 55,
        stroke: 58.4,
        barrelHeight: 92,
        pistonHeight: 52,
        cylinders: Array.from({ length: count }, (_, index) => ({ id: String(index), belowTop: 10, crank: 0 })),
    }) as unknown as Schemas['Drawing']

const slabs: StackSlab[] = ['case', 'base gasket', 'barrel', 'head'].map((drawnAs) => ({
    id: drawnAs,
    drawnAs,
    state: 'on',
}))

describe('the stack', () => {
    it('draws bore and barrel to one scale', () => {
        const layout = layoutStack(drawing(1), slabs, 140, () => 0)
        const barrel = layout.rows.find((row) => row.slab.drawnAs === 'barrel')
        expect((barrel?.partHeight ?? 0) / 92).toBeCloseTo(layout.bore / 55, 6)
    })
    it('keeps every cylinder inside its width, side by side', () => {
        const layout = layoutStack(drawing(4), slabs, 140, () => 0)
        expect(layout.left).toBeGreaterThan(0)
        expect(layout.right).toBeLessThan(140)
        layout.centres.slice(1).forEach((x, index) => {
            expect(x - (layout.centres[index] ?? 0)).toBeGreaterThan(layout.bore)
        })
    })
    it('lies bottom-up without overlap, with room for what is written beside', () => {
        const layout = layoutStack(drawing(2), slabs, 140, () => 60)
        expect(layout.rows.map((row) => row.slab.id)).toEqual(['head', 'barrel', 'base gasket', 'case'])
        layout.rows.slice(1).forEach((row, index) => {
            const above = layout.rows[index]
            expect(row.y).toBeGreaterThanOrEqual((above?.y ?? 0) + (above?.height ?? 0))
            expect(row.height).toBeGreaterThanOrEqual(60)
        })
    })
    it('puts the waterline over the topmost part in place', () => {
        const layout = layoutStack(drawing(1), slabs, 140, () => 20)
        const row = layout.rows.find((candidate) => candidate.slab.id === 'base gasket')
        expect(waterline(layout, 'base gasket')).toBe(row?.y)
        expect(waterline(layout, 'head')).toBeNull()
        expect(waterline(layout, null)).toBeNull()
    })
})

describe('the ruler', () => {
    const ruler = {
        from: 0.04,
        to: 0.12,
        marks: [
            { at: 0.05, service: false, source: 'piston maker' },
            { at: 0.052, service: false, source: 'piston maker' },
            { at: 0.1, service: true, source: 'engine maker' },
        ],
    } as Schemas['Ruler']

    it('is to scale and never leaves its frame', () => {
        const scale = scaleOf(ruler, 400)
        expect(scale(0.08)).toBeCloseTo(200, 6)
        expect(scale(0.02)).toBe(0)
        expect(scale(0.2)).toBe(400)
    })
    it('keeps neighbouring limits readable', () => {
        const [first, second] = labelsOf(ruler, 400)
        expect((second?.x ?? 0) - (first?.x ?? 0)).toBeGreaterThanOrEqual(62)
    })
    it('shows the decimals that the limits need', () => {
        expect(decimalsOf([0.22, 0.36])).toBe(2)
        expect(decimalsOf([0.22, 0.365])).toBe(3)
    })
})
