import { describe, expect, it } from 'vitest'
import { thoughtIn } from './units'

const INCH = { length: 'in', torque: 'lbf·ft', pressure: 'psi', temperature: 'degF' }

describe('figures in the units that a shop thinks in', () => {
    // 0.03/25.4 = 0.00118, 24/1.3558 = 17.70, 620/6.8948 = 89.9, 180·1.8+32 = 356
    it.each([
        ['0.030 to 0.060 mm', '0.030 to 0.060 mm (0.0012 to 0.0024 in)'],
        ['0.030–0.060 mm', '0.030–0.060 mm (0.0012–0.0024 in)'],
        ['bore 86.005 mm across', 'bore 86.005 mm (3.3860 in) across'],
        ['12 mm down', '12 mm (0.5 in) down'],
        ['24 N·m', '24 N·m (17.7 lbf·ft)'],
        ['22 N·m to 26 N·m', '22 N·m (16.2 lbf·ft) to 26 N·m (19.2 lbf·ft)'],
        ['620 kPa', '620 kPa (90 psi)'],
        ['an oven of 180 °C', 'an oven of 180 °C (356 °F)'],
        ['−0.010 mm', '−0.010 mm (−0.0004 in)'],
        ['0.050 mm (0.0020 in)', '0.050 mm (0.0020 in)'],
        ['0.5 mm/min', '0.5 mm/min'],
        ['M8x1.25', 'M8x1.25'],
        ['22 turns', '22 turns'],
    ])('says %s', (text, said) => {
        expect(thoughtIn(text, INCH)).toBe(said)
    })

    it('says nothing more where the shop thinks as the bench counts', () => {
        expect(thoughtIn('0.030 mm at 24 N·m', { length: 'mm', torque: 'N·m', pressure: 'kPa' })).toBe(
            '0.030 mm at 24 N·m',
        )
        expect(thoughtIn('0.030 mm', {})).toBe('0.030 mm')
    })

    it.each([
        ['thou', '0.030 mm', '0.030 mm (1.2 thou)'],
        ['lbf·in', '9 N·m', '9 N·m (80 lbf·in)'],
        ['kgf·m', '24 N·m', '24 N·m (2.45 kgf·m)'],
        ['bar', '620 kPa', '620 kPa (6.20 bar)'],
    ])('counts in %s', (unit, text, said) => {
        expect(thoughtIn(text, { any: unit })).toBe(said)
    })
})
