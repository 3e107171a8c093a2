import { fireEvent, screen } from '@testing-library/react'
import { describe, expect, it } from 'vitest'
import { asked, answers as served, show } from '../testing/bench'
import { answer, drawn, NOTHING, sent } from './Intake/answers'
import { Intake } from './Intake/Intake'
import { NewEngine } from './Intake/NewEngine'

const WAYS = { 'twin cam': ['shim under bucket', 'screw'], pushrod: ['screw', 'hydraulic'] }
const four = answer(answer(NOTHING, { cycle: 'four-stroke' }, WAYS), { gear: 'twin cam' }, WAYS)

describe('what is answered of a new engine', () => {
    it('puts the usual in the place of what an answer makes impossible', () => {
        expect([four.adjustment, four.drive]).toEqual(['shim under bucket', 'chain'])
        expect(answer(four, { gear: 'pushrod' }, WAYS)).toMatchObject({ adjustment: 'screw', drive: 'gears' })
        expect(answer(NOTHING, { cylinders: 2 }, WAYS).form).toBe('parallel')
        expect(answer(answer(NOTHING, { cylinders: 4 }, WAYS), { cylinders: 1 }, WAYS).form).toBe('single')
        const upper = {
            ...answer(four, { cylinders: 4 }, WAYS),
            joining: 'bores in the upper case, pistons from above',
        }
        expect(answer(upper, { form: 'vee' }, WAYS).joining).toBe(NOTHING.joining)
        expect(answer(upper, { lining: 'plated' }, WAYS).joining).toBe(upper.joining)
    })

    it('sends only what the engine has, figures with the unit that was typed or the usual one', () => {
        const two = sent({ ...NOTHING, bore: '2.5 in', stroke: '72' })
        expect(two).toMatchObject({ bore: '2.5 in', stroke: '72 mm', exhaust_valve: false })
        expect(Object.keys(two)).not.toContain('gear')
        expect(sent({ ...four, cylinders: 2, form: 'vee' })).toMatchObject({
            vee_angle: '90 deg',
            gear: 'twin cam',
            valves: 2,
        })
        expect(Object.keys(sent(four))).not.toContain('pins')
    })

    it('draws before anything is typed', () => {
        expect(drawn(NOTHING)).toMatchObject({ make: 'New', bore: '60 mm' })
    })
})

describe('a machine that is not in the spec book', () => {
    it('goes in when two figures and its name are there, and says what is still to say', async () => {
        served['/sheets/first/preview'] = () => ({ status: 422, document: { detail: 'Not now.', field: 'x' } })
        served['/sheets/first'] = () => ({ document: { slug: 'tarnwick-250-scree' } })
        let kept = ''
        show(
            <NewEngine
                onKept={(slug) => {
                    kept = slug
                }}
            />,
        )
        const keep = screen.getByRole('button', { name: 'Into the spec book' }) as HTMLButtonElement
        expect(keep.disabled).toBe(true)
        expect(screen.getByText(/Still to say: make, model, kind, bore, stroke/)).toBeTruthy()
        for (const [label, text] of [
            ['Make', 'Tarnwick'],
            ['Model', '250 Scree'],
            ['What it is', 'trail bike'],
            ['Bore, mm', '66.4'],
            ['Stroke, mm', '72'],
        ] as const) {
            fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
        }
        fireEvent.click(keep)
        await expect.poll(() => kept).toBe('tarnwick-250-scree')
        expect(asked.find(({ path }) => path === '/sheets/first')?.body).toMatchObject({
            model: '250 Scree',
            bore: '66.4 mm',
        })
    })

    it('begins like one that is there: its name and two figures are asked, the build is not', async () => {
        served['/sheets'] = () => ({
            document: [{ slug: 'harbick-421', title: 'Harbick 421 Yard', description: 'ATV', document: '{"id": "x"}' }],
        })
        served['/sheets/draft'] = () => ({ document: { drawn: null } })
        served['/sheets/harbick-421/like'] = () => ({ document: { slug: 'harbick-460' } })
        let kept = ''
        show(
            <NewEngine
                onKept={(slug) => {
                    kept = slug
                }}
            />,
        )
        fireEvent.change(await screen.findByLabelText(/Built like/), { target: { value: 'harbick-421' } })
        expect(screen.queryByText('Stroke and cooling')).toBeNull()
        for (const [label, text] of [
            ['Make', 'Harbick'],
            ['Model', '460'],
            ['What it is', 'ATV'],
            ['Bore, mm', '90'],
            ['Stroke, mm', '72.5 mm'],
        ] as const) {
            fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
        }
        fireEvent.click(screen.getByRole('button', { name: 'Into the spec book' }))
        await expect.poll(() => kept).toBe('harbick-460')
        expect(asked.find(({ path }) => path === '/sheets/harbick-421/like')?.body).toEqual({
            make: 'Harbick',
            model: '460',
            kind: 'ATV',
            bore: '90 mm',
            stroke: '72.5 mm',
        })
    })

    it('takes nothing away that was typed while it went into the spec book', async () => {
        let answerNow = () => {}
        served['/sheets'] = () => ({ document: [] })
        served['/sheets/first/preview'] = () => ({ status: 422, document: { detail: 'Not now.', field: 'x' } })
        served['/sheets/first'] = () =>
            new Promise((resolve) => {
                answerNow = () => resolve({ document: { slug: 'tarnwick-250' } })
            })
        show(<Intake />)
        fireEvent.click(screen.getByRole('button', { name: 'Not in the spec book' }))
        for (const [label, text] of [
            ['Make', 'Tarnwick'],
            ['Model', '250'],
            ['What it is', 'trail bike'],
            ['Bore, mm', '66.4'],
            ['Stroke, mm', '72'],
        ] as const) {
            fireEvent.change(screen.getByLabelText(label), { target: { value: text } })
        }
        fireEvent.click(screen.getByRole('button', { name: 'Into the spec book' }))
        await expect.poll(() => asked.some(({ path }) => path === '/sheets/first')).toBe(true)
        fireEvent.change(screen.getByLabelText('Whose it is'), { target: { value: 'M. Tarrow' } })
        answerNow()
        await screen.findByRole('button', { name: 'Not in the spec book' })
        expect((screen.getByLabelText('Whose it is') as HTMLInputElement).value).toBe('M. Tarrow')
    })
})
