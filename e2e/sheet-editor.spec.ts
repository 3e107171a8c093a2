import { readFileSync } from 'node:fs'
import { expect, sound, soundByNight, test } from './shop'

test('a sheet is typed beside its pictures as the manual prints it, survives a reload, and is kept as the next version', async ({
    bench,
}) => {
    await bench.goto('/spec-book/dunmoor-208sv')
    await bench.getByRole('link', { name: 'Edit' }).click()
    await expect(bench.getByText('Nothing in it contradicts itself', { exact: false })).toBeVisible()
    await bench.getByRole('button', { name: 'Limits' }).click()
    const limits = bench.getByRole('region', { name: 'limits' })
    await limits.getByRole('button', { name: 'One more' }).click()
    await limits.getByLabel('quantity').selectOption('crank_runout')
    await limits.getByLabel('who says so').selectOption('engine maker')
    const figure = limits.getByLabel('limits: as the manual prints it')
    await figure.fill('loose')
    await expect(limits.getByText(/This is not what is needed here/)).toBeVisible()
    const keep = bench.getByRole('button', { name: 'Keep as version 2' })
    await expect(keep).toBeDisabled()
    await figure.fill('max. 0.03 mm (0.0012 in), limit 0.06')
    await expect(limits.getByText('Understood: up to 0.03 mm, worn up to 0.06 mm')).toBeVisible()
    await sound(bench)

    // a fastener is dragged to its place on the picture, and its line has it
    await bench.getByRole('button', { name: 'Bolts and torque' }).click()
    const map = bench.getByRole('img', { name: /bolts from above/ })
    const box = await map.boundingBox()
    const bolt = await map.getByText('bolt h1').boundingBox()
    if (!box || !bolt) {
        throw new Error('The picture of the bolts is not there.')
    }
    const h1 = bench.locator('[data-place="fasteners.0"]')
    const before = await h1.textContent()
    await bench.mouse.move(bolt.x + bolt.width / 2, bolt.y - 12)
    await bench.mouse.down()
    await bench.mouse.move(bolt.x + bolt.width / 2 + 30, bolt.y - 30, { steps: 5 })
    await bench.mouse.up()
    await expect(h1).not.toHaveText(before ?? '')

    // the order of work says at once what a change takes out of it
    await bench.getByRole('button', { name: 'Order of work' }).click()
    await bench.getByRole('button', { name: 'One more: steps that this engine has not' }).click()
    const gone = bench.getByLabel('steps that this engine has not, 1')
    await gone.fill('on.moon')
    await expect(bench.getByText('“on.moon”: This is not what is needed here', { exact: false })).toBeVisible()
    await gone.fill('test.leak-down')
    await expect(bench.getByRole('list', { name: 'Gone' })).toContainText(/leak/i)
    await soundByNight(bench)

    await bench.reload()
    await expect(gone).toHaveValue('test.leak-down')
    await bench.getByRole('button', { name: 'At a glance' }).click()
    const different = bench.getByRole('region', { name: 'What is different' })
    await expect(different.getByRole('row', { name: /crank runout engine maker · service max/ })).toContainText(
        '0.06 mm',
    )
    await expect(different.getByRole('row', { name: /plan · drop/ })).toContainText('test.leak-down')
    await keep.click()
    await expect(bench.getByText(/version 2 of/)).toBeVisible()
    await bench.getByRole('link', { name: 'Edit' }).click()
    await expect(bench.getByText('As version 2 has it.')).toBeVisible()
})

test('a sheet from a file is reported on, mended where it contradicts itself, and kept', async ({ bench }) => {
    const sheet = JSON.parse(readFileSync('database/sheets/harbick-421.json', 'utf8'))
    Object.assign(sheet, { id: 'harbick-460', model: '460 Yard' })
    sheet.fasteners[5].x = 'abc'
    sheet.limits[1].min = '0.2 mm'
    delete sheet.geometry.rod
    await bench.goto('/spec-book')
    await bench.getByLabel('Read in a sheet').setInputFiles({
        name: 'harbick-460.json',
        mimeType: 'application/json',
        buffer: Buffer.from(JSON.stringify(sheet)),
    })
    const wrong = bench.getByRole('region', { name: 'What cannot be used' })
    await expect(wrong.getByRole('button')).toHaveCount(2)
    await expect(bench.getByRole('region', { name: 'It does not say' })).toContainText('timing bench')
    await wrong.getByRole('button', { name: /The limits cross/ }).click()
    const crossed = bench.locator('[data-place="limits.1"]')
    await crossed.getByRole('button', { expanded: false }).click()
    await crossed.getByLabel('limits: as the manual prints it').fill('0.02–0.05 mm, limit 0.10')
    await expect(bench.getByText('One thing cannot be used', { exact: false })).toBeVisible()
    await bench.getByRole('button', { name: /Show me/ }).click()
    const bolt = bench.locator('[data-place="fasteners.5"]')
    await bolt.getByRole('button', { expanded: false }).click()
    await bolt.getByLabel('x, from the middle').fill('62 mm')
    await bench.getByRole('button', { name: 'Into the spec book' }).click()
    await bench.waitForURL(/spec-book\/harbick-460$/)
    await expect(bench.getByRole('heading', { name: 'Harbick 460 Yard' })).toBeVisible()
})
