import { readdirSync, readFileSync } from 'node:fs'
import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { cleanup, fireEvent, render, screen, waitFor } from '@testing-library/react'
import { MemoryRouter, Route, Routes } from 'react-router'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { forgetDrafts } from '../app/drafts'
import { figure, stated } from '../app/printed'
import { idsOf } from './SheetEditor/choices'
import { laidOut } from './SheetEditor/LayOut'
import { SheetEditor } from './SheetEditor/SheetEditor'
import { fromForm, schemaAt, sortOf, toForm } from './SheetEditor/schema'
import { sectionOf } from './SheetEditor/sections'
import { labelOf } from './SheetEditor/words'

const SHEETS = readdirSync('database/sheets').map((file) => readFileSync(`database/sheets/${file}`, 'utf8'))

describe('the form of a sheet', () => {
    it.each(SHEETS.map((text) => [JSON.parse(text).id as string, text]))('gives %s back as it was read', (_, text) => {
        const document = JSON.parse(text)
        expect(fromForm(toForm(document))).toEqual(document)
    })

    it('leaves out what is empty, reads figures, and keeps what is not understood', () => {
        const typed = {
            make: ' Harbick ',
            notes: '',
            geometry: { bore: '54 mm', rod: '', bowl: {} },
            tests: { compression_spread: '0,1' },
            plan: {
                after: [
                    { key: 'on.head', value: ['on.barrel', ' '] },
                    { key: '', value: ['x'] },
                ],
            },
            limits: [
                { quantity: 'taper', max: '0.01 mm', printed: 'max 0.01', understood: 'max 0.01' },
                { quantity: 'taper', printed: 'loose' },
            ],
        }
        expect(fromForm(typed)).toEqual({
            make: 'Harbick',
            geometry: { bore: '54 mm', bowl: {} },
            tests: { compression_spread: 0.1 },
            plan: { after: { 'on.head': ['on.barrel'] } },
            limits: [
                { quantity: 'taper', max: '0.01 mm' },
                { quantity: 'taper', printed: 'loose' },
            ],
        })
    })

    it.each([
        ['told in parts', { kind: 'flap', reached: 'outside' }, { is: true, kind: 'flap', reached: 'outside' }],
        ['said to be there', true, { is: true }],
        ['said not to be', false, { is: false }],
        ['closed for good', 'blanked off', { is: 'blanked off' }],
    ])('takes an exhaust valve that is %s, and gives it back', (_, stated, form) => {
        expect(toForm({ exhaust_valve: stated })).toEqual({ exhaust_valve: form })
        expect(fromForm({ exhaust_valve: form })).toEqual({ exhaust_valve: stated })
    })

    it('forgets the parts of an exhaust valve that is said not to be there', () => {
        expect(fromForm({ exhaust_valve: { is: false, kind: 'flap' } })).toEqual({ exhaust_valve: false })
        expect(fromForm({ exhaust_valve: { is: true, kind: '' } })).toEqual({ exhaust_valve: true })
    })

    it.each([
        ['geometry.bore', 'quantity'],
        ['exhaust_valve', 'group'],
        ['exhaust_valve.is', 'choice'],
        ['slabs', 'list'],
        ['slabs.0.on', 'texts'],
        ['slabs.0.drawn_as', 'choice'],
        ['plan.after', 'map'],
        ['ignition.point', 'printed'],
        ['valve_train.setting.rods.preload', 'printed'],
        ['valve_train.cams.inlet', 'group'],
        ['oil_seen', 'texts'],
        ['barrel.one_block', 'flag'],
        ['run_in.heat_cycles', 'number'],
    ])('types %s by its schema', (path, sort) => {
        expect(sortOf(schemaAt(path))).toBe(sort)
    })

    it('has every part of the schema in some section, and knows where something is', () => {
        const parts = Object.keys(JSON.parse(readFileSync('docs/schemas/engine-sheet.schema.json', 'utf8')).properties)
        expect(parts.filter((part) => !['schema', 'id'].includes(part) && !sectionOf(part))).toEqual([])
        expect(labelOf('layout.cylinders.0.phase')).toBe('crank angle after the first')
        expect([...idsOf({ slabs: [{ id: 'head' }], piston: { rings: [{ id: 'top' }] } })]).toEqual([
            'slabs/head',
            'piston.rings/top',
        ])
    })
})

describe('what is printed', () => {
    it.each([
        [{ min: '0.05 mm', max: '0.08 mm', service_max: '0.12 mm' }, '0.05 mm to 0.08 mm, worn up to 0.12 mm'],
        [{ nominal: '106 deg', plus: '3 deg', minus: '3 deg' }, '106 deg ± 3 deg'],
        [{ nominal: '0.045 mm', plus: '0.015 mm', minus: '0.010 mm' }, '0.045 mm + 0.015 mm − 0.010 mm'],
        [{ rule: { min: '0.004 in', per: '1 in' } }, 'at least 0.004 in for every 1 in of bore'],
        [{ figure: '24 N·m' }, '24 N·m'],
        [{ service_min: '39.8 mm' }, 'worn down to 39.8 mm'],
        ['0.5 mm', '0.5 mm'],
        [undefined, ''],
    ])('says %j', (value, said) => {
        expect(stated(value)).toBe(said)
    })

    it.each([
        ['54,0 mm', 54],
        ['-49.0 mm', -49],
        ['1.5 in', 38.1],
        ['7 1/2 in', 190.5],
        ['19 deg', 19],
        ['abc', null],
        ['', null],
        [undefined, null],
    ])('reads %j', (typed, value) => {
        const read = figure(typed)
        expect(read === null ? null : Math.round(read * 1e6) / 1e6).toBe(value)
    })
})

describe('a group of fasteners that is laid out', () => {
    it.each([
        ['rows', 4, ['-45 mm -40 mm', '45 mm -40 mm', '-45 mm 40 mm', '45 mm 40 mm']],
        ['rows', 5, ['-45 mm -40 mm', '0 mm -40 mm', '45 mm -40 mm', '-45 mm 40 mm', '45 mm 40 mm']],
        ['rows', 2, ['0 mm -40 mm', '0 mm 40 mm']],
        ['rows', 1, ['0 mm 0 mm']],
        ['circle', 4, ['45 mm 0 mm', '0 mm 45 mm', '-45 mm 0 mm', '0 mm -45 mm']],
        ['circle', 3, ['45 mm 0 mm', '-22.5 mm 38.97 mm', '-22.5 mm -38.97 mm']],
    ] as const)('lies in %s of %i', (shape, count, places) => {
        expect(laidOut(shape, count, 90, 80).map(({ x, y }) => `${x} ${y}`.replaceAll('-0 mm', '0 mm'))).toEqual(places)
    })
})

const HARBICK = SHEETS.find((text) => text.includes('"harbick-421"')) ?? ''

/** The editor over a server that finds one thing wrong with whatever limits are crossed. */
function opened(section: string, sent: { path: string; body: Record<string, string> }[] = []) {
    vi.stubGlobal('fetch', async (url: string, init?: { body?: string }) => {
        const path = String(url).replace('/api', '')
        const body = init?.body ? JSON.parse(init.body) : {}
        sent.push({ path, body })
        const answers: Record<string, unknown> = {
            '/sheets': [{ slug: 'harbick-421', title: 'Harbick 421 Yard', version: 3, document: HARBICK }],
            '/sheets/draft': {
                refusals: String(body.document).includes('"9 mm"')
                    ? [
                          {
                              field: 'limits.1.min',
                              message: 'The limits cross.',
                              read: '9 mm',
                              allowed: 'at most 0.06 mm',
                          },
                      ]
                    : [],
                drawn: null,
                says: ['14 fasteners in 3 groups'],
                lacks: [],
                differences:
                    String(body.document) === JSON.stringify(JSON.parse(HARBICK))
                        ? []
                        : [{ where: 'x', before: 'a', after: 'b' }],
                gaps: [],
                lifts: [],
                errands: [],
                judged: [
                    { name: 'taper', title: 'Taper' },
                    { name: 'piston_clearance', title: 'Clearance' },
                ],
            },
            '/sheets/printed': { understood: '9 mm to 10 mm', stated: { min: '9 mm', max: '10 mm' } },
        }
        const isKeeping = path === '/sheets' && init?.body !== undefined
        return {
            ok: !isKeeping,
            status: isKeeping ? 422 : 200,
            headers: new Headers(),
            json: async () =>
                isKeeping
                    ? {
                          title: 'no',
                          detail: 'Somebody has kept a newer version meanwhile.',
                          field: 'base',
                          allowed: 'version 4',
                      }
                    : answers[path],
        } as Response
    })
    return render(
        <QueryClientProvider client={new QueryClient()}>
            <MemoryRouter initialEntries={[`/spec-book/harbick-421/edit/${section}`]}>
                <Routes>
                    <Route path="/spec-book/:slug/edit/:section" element={<SheetEditor />} />
                </Routes>
            </MemoryRouter>
        </QueryClientProvider>,
    )
}

describe('the editor of a sheet', () => {
    afterEach(() => {
        cleanup()
        localStorage.clear()
        forgetDrafts()
    })

    it('offers nothing to keep while nothing is changed', async () => {
        opened('engine')
        expect(await screen.findByText('As version 3 has it.')).toBeTruthy()
        expect((screen.getByRole('button', { name: 'Keep as version 4' }) as HTMLButtonElement).disabled).toBe(true)
    })

    it('writes what was understood of a printed figure, and says a refusal at its field', async () => {
        const sent: { path: string; body: Record<string, string> }[] = []
        opened('limits', sent)
        await screen.findByRole('region', { name: 'limits' })
        fireEvent.click(document.querySelector('[data-place="limits.1"] button') as HTMLElement)
        fireEvent.change(screen.getByLabelText('limits: as the manual prints it'), { target: { value: '9 to 10 mm' } })
        expect(await screen.findByText('Understood: 9 mm to 10 mm')).toBeTruthy()
        await waitFor(() => {
            const last = sent.filter(({ path }) => path === '/sheets/draft').at(-1)
            const limit = JSON.parse(last?.body.document ?? '{}').limits?.[1]
            // the service limit went with the range that it stood beside
            expect(limit).toEqual({ quantity: 'piston_clearance', source: 'engine maker', min: '9 mm', max: '10 mm' })
        })
        expect(await screen.findByText('✕ One thing cannot be used. Show me')).toBeTruthy()
        expect((screen.getByRole('button', { name: 'Keep as version 4' }) as HTMLButtonElement).disabled).toBe(true)
    })

    it('keeps what was typed over a reload, and says whose version came first', async () => {
        const first = opened('engine')
        fireEvent.change(await screen.findByLabelText('make'), { target: { value: 'Harbeck' } })
        await screen.findByText(/1 fact differs/)
        first.unmount()
        const sent: { path: string; body: Record<string, string> }[] = []
        opened('engine', sent)
        expect(((await screen.findByLabelText('make')) as HTMLInputElement).value).toBe('Harbeck')
        const keep = screen.getByRole('button', { name: 'Keep as version 4' }) as HTMLButtonElement
        await waitFor(() => expect(keep.disabled).toBe(false))
        fireEvent.click(keep)
        expect((await screen.findByRole('alert')).textContent).toContain('Somebody has kept a newer version meanwhile.')
        expect(sent.find(({ path, body }) => path === '/sheets' && body.document)?.body.base).toBe(3)
    })

    it('throws away what was typed only when it is asked a second time', async () => {
        opened('engine')
        fireEvent.change(await screen.findByLabelText('make'), { target: { value: 'Harbeck' } })
        const leave = await screen.findByRole('button', { name: 'Throw away what I typed' })
        fireEvent.click(leave)
        expect((screen.getByLabelText('make') as HTMLInputElement).value).toBe('Harbeck')
        fireEvent.click(screen.getByRole('button', { name: 'Really: all of it goes' }))
        await waitFor(() => expect(screen.queryByLabelText('make')).toBeNull())
        expect(Object.keys(localStorage).filter((key) => key.includes('sheet:'))).toEqual([])
    })

    it('names a new member by what it is called, and leaves the names that stand in logs', async () => {
        const sent: { path: string; body: Record<string, string> }[] = []
        opened('stack', sent)
        const slabs = await screen.findByRole('region', { name: 'slabs' })
        fireEvent.click(slabs.querySelector('button') as HTMLElement)
        const name = await screen.findByLabelText('name')
        fireEvent.change(name, { target: { value: 'Rocker Box' } })
        fireEvent.blur(name)
        await waitFor(() => {
            const last = sent.filter(({ path }) => path === '/sheets/draft').at(-1)
            expect(JSON.parse(last?.body.document ?? '{}').slabs.at(-1)).toEqual({
                id: 'rocker-box',
                name: 'Rocker Box',
            })
        })
        fireEvent.click(document.querySelector('[data-place="slabs.2"] button') as HTMLElement)
        expect(screen.queryByLabelText('id')).toBeNull()
    })
})
