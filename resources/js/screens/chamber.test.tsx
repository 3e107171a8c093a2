import { cleanup, fireEvent, render, screen } from '@testing-library/react'
import { afterEach, describe, expect, it, vi } from 'vitest'
import type { Thickness } from '../app/useThickness'
import { type Cut, heightsOf, StackCut } from '../drawings/StackCut'
import { pointOf } from './Bench/forms/crown'
import { cutOf, laidIn } from './Chamber/cut'

afterEach(cleanup)

describe('a point over a crown', () => {
    it.each<[string, string, unknown]>([
        ['a figure in the chosen unit', '0.31', '0.31 mm'],
        ['a figure with its own', '12 thou', '12 thou'],
        ['proud', '-0.10', '-0.10 mm'],
        ['between two leaves', '0.20–0.25', { passes: '0.20 mm', refuses: '0.25 mm' }],
        ['typed on a keyboard', '0.20..0.25', { passes: '0.20 mm', refuses: '0.25 mm' }],
        ['the thinnest leaf refuses', '–0.05', { refuses: '0.05 mm' }],
        ['only one that passes', '0.30–', { passes: '0.30 mm' }],
        ['a bridge that rocks', 'rocks', { lifts: true }],
        ['a wire that was not crushed', '≥1.50', { uncrushed: '1.50 mm' }],
    ])('is said as it was found: %s', (_, typed, said) => {
        expect(pointOf(typed, 'mm')).toEqual(said)
    })
})

const piece = (name: string, thickness: number) => ({ name, thickness, volume: null })

/** A single over 0.50 of paper, its squish and deck read at front and rear. */
const stack = {
    bore: 55,
    bowl: 38,
    joints: [
        {
            slab: 'base-gasket',
            name: 'Base gasket',
            below: true,
            insert: false,
            laid: [piece('paper 0.50', 0.5)],
            laidThickness: 0.5,
            pieces: [
                { id: 'b25', slab: 'base-gasket', ...piece('paper 0.25', 0.25) },
                { id: 's50', slab: 'base-gasket', ...piece('spacer 0.50', 0.5) },
            ],
        },
        {
            slab: 'head-gasket',
            name: 'Head gasket',
            below: false,
            insert: false,
            laid: [piece('copper 0.80', 0.8)],
            laidThickness: 0.8,
            pieces: [],
        },
    ],
    deck: [
        { at: 'front', text: '0.38', figure: 0.38 },
        { at: 'rear', text: '0.34', figure: 0.34 },
    ],
    squish: [
        { at: 'front', text: '1.44', figure: 1.44 },
        { at: 'rear', text: '', figure: null },
    ],
    figures: [],
    chamber: null,
} as unknown as Thickness

describe('a stack of thicknesses', () => {
    it('adds what is tried below the barrel to deck and squish, and above it to the squish alone', () => {
        const thinner = cutOf(stack, { 'base-gasket': [piece('paper 0.25', 0.25)] })
        expect(thinner.deck?.left).toBeCloseTo(0.13)
        expect(thinner.squish?.left).toBeCloseTo(1.19)
        const thicker = cutOf(stack, { 'head-gasket': [piece('copper 1.00', 1)] })
        expect(thicker.deck?.left).toBeCloseTo(0.38)
        expect(thicker.squish?.left).toBeCloseTo(1.64)
        expect(thicker.was).toEqual({ below: 0.5, above: 0.8 })
    })

    it('lays a choice’s pieces into the joints of their side, and leaves the other side alone', () => {
        expect(laidIn(stack, ['b25', 's50'])).toEqual({
            'base-gasket': [piece('paper 0.25', 0.25), piece('spacer 0.50', 0.5)],
        })
    })

    it('is drawn with the crown where it was: more below lifts the barrel’s face by as much', () => {
        const [now, more] = [cutOf(stack, {}), cutOf(stack, { 'base-gasket': [piece('thick', 0.6)] })].map((cut) => ({
            ...heightsOf(cut),
        }))
        const lifted = (heights: typeof now) => ((heights?.face ?? 0) - 190) / (heights?.zoom ?? 1)
        expect(lifted(more) - lifted(now)).toBeCloseTo(-0.1)
        expect(more && (more.face - more.head) / more.zoom).toBeCloseTo(0.8)
    })

    it('says what it shows, and is dragged thicker by the arrow keys', () => {
        const dragged = vi.fn()
        render(<StackCut cut={cutOf(stack, {})} onDrag={(joint, thickness) => dragged(joint.id, thickness)} />)
        expect(screen.getByRole('group').getAttribute('aria-label')).toBe(
            'Cut at top dead centre: deck 0.36 below, squish 1.44 and 1.44, 0.50 below the barrel, 0.80 above',
        )
        const [, base] = screen.getAllByRole('slider')
        expect(base?.getAttribute('aria-valuetext')).toBe('0.50 mm')
        fireEvent.keyDown(base as Element, { key: 'ArrowUp' })
        fireEvent.keyDown(base as Element, { key: 'PageDown' })
        expect(dragged.mock.calls).toEqual([
            ['base-gasket', 0.51],
            ['base-gasket', 0.4],
        ])
    })

    it('draws a crown that nobody read flush, and says so', () => {
        const unread: Cut = { ...cutOf(stack, {}), deck: null, squish: null }
        render(<StackCut cut={unread} />)
        expect(screen.getByText('deck not read, drawn flush')).toBeDefined()
        expect(screen.queryAllByRole('slider')).toEqual([])
    })
})
