import { readFileSync } from 'node:fs'
import { expect, sound, test } from './shop'

test('what to set with an open end straight out and square, kept over a reload', async ({ bench }) => {
    await bench.goto('/toolbox')
    await bench.getByRole('link', { name: 'What to set on the wrench' }).click()
    const set = bench.getByRole('region', { name: 'Set' })
    await bench.getByRole('button', { name: 'open end 12' }).click()
    // 24 · 280 / (280 + 50) = 20.36, on a scale of halves 20.5: the bolt gets 20.5 · 330 / 280 = 24.16
    await expect(set).toContainText('Set torque wrench W1 to20.5 N·m')
    await expect(set).toContainText('the bolt gets 24.2 N·m')
    await bench.getByLabel('Angle of the adapter').fill('90')
    await expect(set).toContainText('Set torque wrench W1 to24 N·m')
    await sound(bench)
    await bench.reload()
    await expect(bench.getByRole('img', { name: /adapter of 50 mm at 90°: the lever is 280 mm/ })).toBeVisible()
    await bench.getByRole('textbox', { name: 'Torque', exact: true }).fill('9')
    await bench.getByRole('button', { name: 'lbf·ft' }).click()
    await expect(set).toContainText('asked for 12.2 N·m')
})

test('an order of one’s own, tapped, saved and read again, and a bolt dragged to its place', async ({ bench }) => {
    await bench.goto('/pattern')
    const bars = bench.getByRole('region', { name: 'Tilt' }).getByRole('button')
    await expect(bars).toHaveCount(10)
    await sound(bench)
    await bench.getByRole('button', { name: 'as I tap them' }).click()
    for (const bolt of [1, 2, 3, 4, 5, 10, 9, 8, 7, 6]) {
        await bench.getByText(`bolt ${bolt}`, { exact: true }).click()
    }
    // along one side first: after five, half of the way to the other side (43 of 165.7 mm)
    await expect(bars.nth(4)).toHaveAccessibleName('pull 5, bolt 5: 26 %')
    const [file] = await Promise.all([
        bench.waitForEvent('download'),
        bench.getByRole('button', { name: 'Save as CSV' }).click(),
    ])
    const csv = readFileSync(await file.path(), 'utf8')
    expect(csv.split('\r\n').slice(0, 2)).toEqual(['bolt,x mm,y mm,turn', '1,-160,-43,1'])
    await bench.getByRole('button', { name: 'crosswise' }).click()
    await expect(bars.nth(1)).toHaveAccessibleName('pull 2, bolt 8: 0 %')
    await bench
        .getByLabel('Read CSV')
        .setInputFiles({ name: 'bolts.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) })
    await expect(bars.nth(4)).toHaveAccessibleName('pull 5, bolt 5: 26 %')
    const bolt = await bench.getByText('bolt 1', { exact: true }).boundingBox()
    if (!bolt) {
        throw new Error('bolt 1 is not drawn')
    }
    await bench.mouse.move(bolt.x + bolt.width / 2, bolt.y - 10)
    await bench.mouse.down()
    await bench.mouse.move(bolt.x + 60, bolt.y - 40, { steps: 4 })
    await bench.mouse.up()
    await expect(bench.getByLabel('Bolt 1, x')).not.toHaveValue('-160')
    await bench.reload()
    await expect(bench.getByLabel('Bolt 1, x')).not.toHaveValue('-160')
})

test('the torque of a sheet: typed as the manual prints it, refused where it contradicts itself, its order kept', async ({
    bench,
}) => {
    await bench.goto('/spec-book/dunmoor-208sv')
    const torque = bench.getByRole('region', { name: 'Torque' })
    await expect(torque).toContainText('✓ 24 N·m: 0.94 of what this thread is usually drawn to')
    await torque.getByRole('button', { name: 'change' }).nth(1).click()
    const form = bench.getByRole('form', { name: 'Programme of Head bolts' })
    await sound(bench)
    await form.getByLabel('Stage 1, figure').fill('30 N·m')
    await form.getByRole('button', { name: 'Keep as a new version' }).click()
    await expect(torque.getByRole('alert')).toContainText(
        'programmes.1.stages.1: A stage asks for less than the one before it',
    )
    await form.getByLabel('Stage 1, figure').fill('9 N·m')
    await form.getByRole('button', { name: 'Keep as a new version' }).click()
    await expect(bench.getByText(/version 2 of/)).toBeVisible()
    await expect(torque).toContainText('1 9 N·m')

    await torque.getByRole('link', { name: 'places and order' }).nth(1).click()
    await expect(bench.getByRole('heading', { name: 'Dunmoor 208 SV: Head bolts' })).toBeVisible()
    await bench.getByRole('button', { name: 'round the rim' }).click()
    await bench.getByRole('button', { name: 'Keep on the sheet, as version 3' }).click()
    await expect(bench.getByText(/version 3 of/)).toBeVisible()
    await bench.getByRole('button', { name: 'Document' }).click()
    await expect(bench.getByRole('textbox', { name: /The sheet as one document/ })).toHaveValue(
        /"order": \[\s+"h1",\s+"h2",\s+"h3",\s+"h4"/,
    )
})
