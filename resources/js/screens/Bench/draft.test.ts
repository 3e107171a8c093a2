import { describe, expect, it } from 'vitest'
import type { Spot, Tool } from '../../app/api'
import { withUnit } from '../../app/format'
import { EMPTY, fieldsOf, inWords, isEmpty, mayRepeat, payloadOf, press } from './draft'
import type { Habit } from './drafted'

const habit: Habit = { unit: 'mm', gauge: true, setting: '2.1660', settingUnit: 'in', tools: {}, setWith: '' }
const tools = [
    { id: 'b1', kind: 'bore gauge' },
    { id: 'f1', kind: 'feeler leaves' },
    { id: 'm2', kind: 'micrometer' },
] as Tool[]
const lengths = { unit: 'mm', units: ['mm', 'in', 'thou'] }
const bore = { id: 'bore.1.across.30', form: 'diameter', instrument: 'bore gauge', name: 'Bore', ...lengths } as Spot
const gap = { id: 'ring_gap.1.top', form: 'leaves', instrument: 'feeler leaves', name: 'Top ring', ...lengths } as Spot

describe('a figure', () => {
    it.each([
        ['-0.0004', 'in', '-0.0004 in'],
        ['−4', 'thou', '−4 thou'],
        ['55.01 mm', 'in', '55.01 mm'],
        ['7/16', 'in', '7/16 in'],
        ['2.1656in', 'mm', '2.1656in'],
        ['0,02', 'mm', '0,02 mm'],
    ])('%s with %s chosen is %s', (text, unit, expected) => {
        expect(withUnit(text, unit)).toBe(expected)
    })
})

describe('a place read once more', () => {
    const outright = { ...habit, gauge: false }
    const read = { reading: { entry: 'e' } }
    const pin = { id: 'pin.1', form: 'direct', instrument: 'micrometer', name: 'Pin', ...lengths, reading: null }

    it.each([
        ['a figure of a place that was read', { ...pin, ...read }, habit, true],
        ['a figure of a place that was not', pin, habit, false],
        ['a bore read outright', { ...bore, ...read }, outright, true],
        ['a bore by the gauge’s deviation', { ...bore, ...read }, habit, false],
        ['leaves', { ...gap, ...read }, habit, false],
    ])('may be said to be a repeat: %s', (_, spot, by, may) => {
        const place = spot as unknown as Spot
        expect(mayRepeat(place, by)).toBe(may)
        const again = payloadOf(place, { ...EMPTY, figure: '15.99', again: 'again' }, by, tools)
        expect('again' in again).toBe(may)
        expect('again' in payloadOf(place, { ...EMPTY, figure: '15.99' }, by, tools)).toBe(false)
    })
})

describe('what goes to the log', () => {
    it('keeps setting and deviation as typed, with the tools', () => {
        expect(payloadOf(bore, { ...EMPTY, deviation: '-0.0004' }, habit, tools)).toEqual({
            spot: 'bore.1.across.30',
            reading: { setting: '2.1660 in', deviation: '-0.0004 in' },
            tool: 'b1',
            set_with: 'm2',
        })
    })
    it('leaves out a leaf that was not tried', () => {
        const payload = payloadOf(gap, { ...EMPTY, passes: '0.20' }, habit, tools)
        expect(JSON.parse(JSON.stringify(payload.reading))).toEqual({ passes: '0.20 mm' })
    })
    it('uses the tool last chosen of its kind', () => {
        const other = { id: 'b2', kind: 'bore gauge' } as Tool
        const chosen = { ...habit, tools: { 'bore gauge': 'b2' } }
        expect(payloadOf(bore, { ...EMPTY, deviation: '1' }, chosen, [...tools, other]).tool).toBe('b2')
    })
    it('says it in words while it waits', () => {
        expect(inWords(gap, { reading: { passes: '0.20 mm', refuses: '0.25 mm' } })).toBe(
            'Top ring: 0.20 mm passes, 0.25 mm refuses',
        )
        expect(inWords(bore, { reading: { setting: '2.1660 in', deviation: '-0.0004 in' } })).toBe(
            'Bore: -0.0004 in from 2.1660 in',
        )
    })
})

describe('the hands', () => {
    it('come to the leaf that passes, then to the one that refuses', () => {
        expect(fieldsOf(gap, habit)).toEqual(['passes', 'refuses'])
    })
    it('type a deviation while the gauge is in use, a figure otherwise', () => {
        expect(fieldsOf(bore, habit)).toEqual(['deviation'])
        expect(fieldsOf(bore, { ...habit, gauge: false })).toEqual(['figure'])
    })
    it('have typed nothing while only the setting stands', () => {
        expect(isEmpty(bore, EMPTY, habit)).toBe(true)
        expect(isEmpty(gap, { ...EMPTY, drags: '0.22' }, habit)).toBe(false)
    })
    it.each([
        ['5', '.', '5.'],
        ['5.', 'del', '5'],
        ['0.0004', '±', '-0.0004'],
        ['-0.0004', '±', '0.0004'],
        ['−0.0004', '±', '0.0004'],
    ])('on %s the key %s gives %s', (text, key, expected) => {
        expect(press(text, key)).toBe(expected)
    })
})
