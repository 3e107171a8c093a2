import type { Page } from '@playwright/test'
import { broughtTo, expect, jobOf, sound, taken, takenIn, test } from './shop'

const stepOf = async (page: Page, number: number, id: string) =>
    (await jobOf(page, number)).planning.steps.find((step) => step.id === id)

/** Figures over one crown, one Enter each; the last one enters them. */
async function read(page: Page, place: string, figures: string[]): Promise<void> {
    const first = page.getByLabel(`${place}, front`)
    const standing = page.getByRole('button', { name: new RegExp(`^${place}: `) })
    await expect(first.or(standing).first()).toBeVisible()
    // the desk goes on to the next place by itself
    if (!(await first.isVisible())) {
        await standing.first().click()
    }
    await expect(first).toBeFocused()
    for (const figure of figures) {
        if (figure === 'not crushed') {
            await page.getByRole('button', { name: 'not crushed' }).click()
            await page.keyboard.type('1.20')
        } else {
            await page.keyboard.type(figure)
        }
        await page.keyboard.press('Enter')
    }
}

const figureOf = (page: Page, name: string) =>
    page.getByRole('region', { name: 'What it makes of everything' }).getByRole('listitem').filter({ hasText: name })

test('a two-stroke’s deck and squish, from the first bridge to the decided gasket and the second squish', async ({
    bench,
}) => {
    test.setTimeout(150_000)
    const number = await takenIn(bench, /Ulvane 139/)
    await broughtTo(bench, number, 'read.squish.1')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Barrel/ })
        .click()
    await bench.getByRole('button', { name: /more places can be read here/ }).click()
    await read(bench, 'Deck height', ['0.38', '0.34', '0.36', '0.36'])
    await taken(bench, number)
    await expect(bench.getByRole('button', { name: /^Deck height: front 0.38 mm/ })).toBeVisible()

    // one wire of four is not crushed: a mean over it would lie
    await read(bench, 'Squish clearance', ['1.44', '1.38', '1.41', 'not crushed'])
    await taken(bench, number)
    await expect(bench.getByText('No mean: not every point was read as a figure.')).toBeVisible()
    await read(bench, 'Squish clearance', ['1.44', '1.38', '1.41', '1.42'])
    await taken(bench, number)
    await expect(bench.getByText('Mean 1.4125 mm, spread 0.06 mm.')).toBeVisible()

    await bench.getByRole('link', { name: 'Stack of thicknesses' }).first().click()
    await expect(bench.getByText('exact thickness wanted 0.22')).toBeVisible()
    await sound(bench)
    await bench.getByRole('button', { name: /^Base gasket 0.25 1 piece/ }).click()
    await expect(figureOf(bench, 'Squish, thinnest point')).toContainText('1.38 →1.13')
    await expect(figureOf(bench, 'Exhaust port opens')).toContainText('88.1')
    await bench.getByRole('button', { name: 'Decide: Base gasket 0.25' }).click()
    await expect(bench.getByText('Off and together again')).toBeVisible()
    await bench.getByRole('button', { name: 'Decided, and it is off' }).click()
    const decided = await taken(bench, number)
    expect(decided.stack.slabs.find((slab) => slab.id === 'barrel')?.state).toBe('off')
    expect(decided.parts.planned.find((part) => part.part === 'Base gasket 0.25')?.state).toBe('arrived')

    // together once more over the decided one, and read again
    await broughtTo(bench, number, 'read.squish.1')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Barrel/ })
        .click()
    await read(bench, 'Squish clearance', ['1.19', '1.13', '1.16', '1.17'])
    await taken(bench, number)
    await bench.getByRole('link', { name: 'Stack of thicknesses' }).first().click()
    await expect(figureOf(bench, 'Squish, thinnest point')).toContainText('1.13')
    await bench.getByRole('button', { name: 'It stays: Base gasket 0.25' }).click()
    await taken(bench, number)
    expect((await stepOf(bench, number, 'decide.deck'))?.state).toBe('done')
})

test('the kit’s gasket has another thickness: deck, squish and ports fall stale, ignition does not', async ({
    bench,
}) => {
    await bench.goto('/jobs/230/thickness/1')
    await expect(figureOf(bench, 'Exhaust port opens')).toContainText('87.6')
    const timed = await stepOf(bench, 230, 'time.ignition')
    await bench.getByLabel('Another thickness for base gasket, mm').fill('0.40')
    await bench.getByLabel('Another thickness for base gasket, mm').press('Enter')
    await expect(figureOf(bench, 'Squish, thinnest point')).toContainText('1.28')
    await bench.getByRole('button', { name: 'it lies there now' }).click()
    const { measuring } = await taken(bench, 230)
    for (const id of ['deck.1', 'squish.1']) {
        expect(measuring.spots.find((spot) => spot.id === id)?.stale).toContain('base gasket changed')
    }
    await expect(figureOf(bench, 'Squish, thinnest point')).toContainText(
        'Counted from what was read before; read it again.',
    )
    await expect(figureOf(bench, 'Exhaust port opens')).toContainText('87.8')
    expect(await stepOf(bench, 230, 'time.ignition')).toEqual(timed)

    await bench.getByRole('link', { name: 'Ports' }).click()
    await bench.getByLabel(/Added below the barrel/).fill('0.5')
    await expect(bench.getByText('was 87.8°')).toBeVisible()
    await sound(bench)
    await bench.getByRole('link', { name: 'Compression' }).click()
    await bench.getByLabel('Chamber volume, first try').fill('12.6')
    await bench.getByLabel('Chamber volume, second try').fill('12.1')
    await bench.getByLabel('Chamber volume, second try').press('Enter')
    await expect(bench.getByText('12.6 cc, then 12.1 cc, 0.50 apart')).toBeVisible()
    await bench.getByLabel('Ratio aimed at').fill('14')
    await expect(bench.getByText('A raised ratio asks for more octane')).toBeVisible()
    await sound(bench)
})
