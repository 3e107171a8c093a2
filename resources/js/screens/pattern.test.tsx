import { fireEvent, screen, waitFor, within } from '@testing-library/react'
import { beforeEach, describe, expect, it } from 'vitest'
import { writeDraft } from '../app/drafts'
import { answers, asked, show } from '../testing/bench'
import { Pattern } from './Pattern/Pattern'
import { fromCsv, mirrored, toCsv, toSvg } from './Pattern/pattern'

const four = [
    { id: '1', x: '-40', y: '-30' },
    { id: '2', x: '40', y: '-30' },
    { id: 'a,b', x: '-40', y: '30.5' },
]

describe('bolts as a table', () => {
    it('reads back what it has written, with the order', () => {
        expect(fromCsv(toCsv(four, ['2', '1', 'a,b']).replace('"a,b"', 'ab'))).toEqual({
            places: four.map((place) => (place.id === 'a,b' ? { ...place, id: 'ab' } : place)),
            order: ['2', '1', 'ab'],
        })
    })
    it.each([
        ['decimal commas with semicolons', 'Bolt;x;y\n7;-12,5;3', { id: '7', x: '-12,5', y: '3' }],
        ['no heading, and an empty line', '\n7,1,2\n', { id: '7', x: '1', y: '2' }],
    ])('reads %s', (_, text, place) => {
        expect(fromCsv(text)).toEqual({ places: [place], order: [] })
    })
    it.each([
        ['bolt,x,y\n1,2,wide', 'Line 2: read “wide”; a place is a figure in mm.'],
        ['bolt,x,y\n', 'No bolt was read'],
    ])('says what is wrong with a table', (text, message) => {
        expect(() => fromCsv(text)).toThrow(message)
    })
    it('mirrors for the other bank, twice back to itself', () => {
        expect(mirrored(four).map(({ x }) => x)).toEqual(['40', '-40', '40'])
        expect(mirrored(mirrored(four))).toEqual(four)
    })
    it('draws a map that stands by itself, y upwards', () => {
        const map = new DOMParser().parseFromString(toSvg(four, ['2', '1']), 'image/svg+xml')
        const circles = [...map.querySelectorAll('circle')]
        expect(circles.map((each) => [each.getAttribute('cx'), each.getAttribute('cy')])).toEqual([
            ['-40', '30'],
            ['40', '30'],
            ['-40', '-30.5'],
        ])
        expect(map.querySelector('text')?.textContent).toBe('2')
    })
})

describe('the order of the bolts', () => {
    beforeEach(() => writeDraft('pattern', null))
    const answer = (order: string[]) => ({
        order,
        tilt: { steps: order.map((_, at) => at / 10), worst: 0.9, mean: 0.4 },
    })
    const ten = Array.from({ length: 10 }, (_, at) => String(at + 1))
    const answerAll = () => {
        answers['/calculations/torque-pattern'] = () => ({ document: answer(ten) })
        answers['/calculations/torque-stages'] = () => ({ document: { stages: [8, 16, 24].map(inNm) } })
        answers['/calculations/clamp-load'] = () => ({
            document: { final: { '1': { value: 20000, unit: 'N' } }, spread: 0.03 },
        })
    }
    const inNm = (value: number) => ({ value, unit: 'N·m' })
    const lastOf = (name: string) =>
        asked.filter(({ path }) => path === `/calculations/${name}`).map(({ body }) => body)

    it('shows the tilt pull by pull, and what the bolts hold either way', async () => {
        answerAll()
        show(<Pattern />, '/pattern', '/pattern')
        fireEvent.click(await screen.findByRole('button', { name: 'pull 4, bolt 4: 30 %' }))
        expect(screen.getByRole('button', { name: /^pull 4/ }).getAttribute('aria-pressed')).toBe('true')
        const held = within(await screen.findByRole('region', { name: 'What the bolts hold' }))
        expect(await held.findByText('In stages 8, 16, 24 N·m and a check pass')).toBeTruthy()
        expect((await held.findAllByLabelText('bolt 1: 20.0 kN')).length).toBe(2)
        // three stages and the check pass of ten bolts; once round at the full torque
        await waitFor(() =>
            expect(
                lastOf('clamp-load')
                    .map((body) => (body as { pulls: { torque: string }[] }).pulls)
                    .map((pulls) => [pulls.length, pulls[0]?.torque, pulls.at(-1)?.torque]),
            ).toEqual(
                expect.arrayContaining([
                    [40, '8 N·m', '24 N·m'],
                    [10, '24 N·m', '24 N·m'],
                ]),
            ),
        )
    })
    it('takes an order as the bolts are tapped, and asks the core when it is whole', async () => {
        answerAll()
        show(<Pattern />, '/pattern', '/pattern')
        for (const bolt of ['4', '5', '6', '7', '8', '9', '10']) {
            fireEvent.click(await screen.findByRole('button', { name: `Take bolt ${bolt} away` }))
        }
        fireEvent.click(screen.getByRole('button', { name: 'as I tap them' }))
        expect(screen.getByText('Tap the first bolt')).toBeTruthy()
        for (const bolt of ['3', '1', '2']) {
            fireEvent.pointerDown(screen.getByText(`bolt ${bolt}`))
            fireEvent.pointerUp(screen.getByText(`bolt ${bolt}`))
        }
        await waitFor(() =>
            expect(lastOf('torque-pattern')).toContainEqual(
                expect.objectContaining({ pattern: 'given', order: ['3', '1', '2'] }),
            ),
        )
        // a look at another pattern costs nobody what was tapped
        fireEvent.click(screen.getByRole('button', { name: 'crosswise' }))
        expect(screen.queryByText('Tap the first bolt')).toBeNull()
        fireEvent.click(screen.getByRole('button', { name: 'as I tap them' }))
        expect(screen.queryByText('Tap the first bolt')).toBeNull()
    })
    it('keeps no order on a sheet that belongs to the pattern before', async () => {
        answerAll()
        const corners = [-40, 40].flatMap((y) => [-40, 40].map((x) => [x, y]))
        const fasteners = corners.map(([x, y], at) => ({
            id: `h${at + 1}`,
            slab: 'head',
            x: `${x} mm`,
            y: `${y} mm`,
            thread: 'M8',
        }))
        answers['/sheets'] = () => ({
            document: [
                {
                    slug: 'pellgrove-1092',
                    title: 'Pellgrove 1092',
                    version: 1,
                    document: JSON.stringify({ fasteners }),
                },
            ],
        })
        let answerRound = () => {}
        answers['/calculations/torque-pattern'] = (body) =>
            (body as { pattern: string }).pattern === 'round'
                ? new Promise((resolve) => {
                      answerRound = () => resolve({ document: answer(['h1', 'h2', 'h4', 'h3']) })
                  })
                : { document: answer(['h1', 'h4', 'h2', 'h3']) }
        show(<Pattern />, '/pattern?sheet=pellgrove-1092&group=head', '/pattern')
        const keep = await screen.findByRole('button', { name: 'Keep on the sheet, as version 2' })
        await waitFor(() => expect(keep).toHaveProperty('disabled', false))
        fireEvent.click(screen.getByRole('button', { name: 'round the rim' }))
        expect(keep).toHaveProperty('disabled', true)
        answerRound()
        await waitFor(() => expect(keep).toHaveProperty('disabled', false))
    })
    it('says what the core refuses, and keeps what was typed', async () => {
        answers['/calculations/torque-pattern'] = () => ({
            status: 422,
            document: { title: 'Refused', detail: 'This bolt is here twice.', field: 'bolts.1' },
        })
        show(<Pattern />, '/pattern', '/pattern')
        fireEvent.change(screen.getByLabelText('Bolt 2, number'), { target: { value: '1' } })
        expect(await screen.findByText('This bolt is here twice.')).toBeTruthy()
        expect((screen.getByLabelText('Bolt 2, number') as HTMLInputElement).value).toBe('1')
    })
})
