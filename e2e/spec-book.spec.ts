import { expect, sound, taken, test } from './shop'

/** A page of a manual that is made up, as a spreadsheet has it. */
const PAGE = [
    'Item\tStandard',
    'Piston-to-bore clearance\t0.05–0.07 mm (0.0020–0.0028 in), limit 0.11',
    'Piston ring end gap, top\t0.004 in per inch of bore, limit 0.030 in',
    'Crankshaft runout\tmax 0.03 mm',
].join('\n')

test('an engine like another, its limits typed from a manual’s page, and a job that goes by them', async ({
    bench,
}) => {
    await bench.goto('/spec-book/brindlecote-812')
    await bench.getByRole('button', { name: 'One like it' }).click()
    const like = bench.getByRole('dialog', { name: 'An engine like Brindlecote 812' })
    await like.getByLabel('Make').fill('Brindlecote')
    await like.getByLabel('Model').fill('812')
    await like.getByLabel('What it is').fill('side-by-side')
    await like.getByLabel('Bore, mm').fill('84')
    await like.getByLabel('Stroke, mm').fill('76.0')
    await like.getByRole('button', { name: 'Into the spec book' }).click()
    // one that is there already is refused at its field, and nothing typed is lost
    await expect(like.getByText(/The spec book has a sheet of this engine/)).toBeVisible()
    await like.getByLabel('Model').fill('880')
    await like.getByRole('button', { name: 'Into the spec book' }).click()
    await bench.waitForURL(/spec-book\/brindlecote-880/)
    await bench.getByRole('combobox', { name: 'Beside another engine' }).selectOption({ label: 'Brindlecote 812' })
    const beside = bench.getByRole('region', { name: 'Different from Brindlecote 812' })
    await expect(beside.getByRole('row', { name: /geometry · bore/ })).toContainText('84')
    expect(await beside.getByRole('row').count()).toBe(3)

    await bench.getByRole('button', { name: 'Limits from a table' }).click()
    const table = bench.getByRole('region', { name: 'Limits from a table' })
    await table.getByLabel(/^A line each/).fill(`${PAGE}\nColour\tblue`)
    await expect(table.getByText(/line 5, Colour/)).toBeVisible()
    const keep = table.getByRole('button', { name: 'Onto the sheet, as a new version' })
    await expect(keep).toBeDisabled()
    await table.getByLabel(/^A line each/).fill(PAGE)
    await expect(
        table.getByText('ring gap, top: at least 0.004 in for every 1 in of bore, worn up to 0.030 in'),
    ).toBeVisible()
    await sound(bench)
    await keep.click()
    await expect(bench.getByText('version 2 of', { exact: false })).toBeVisible()
    await bench.getByRole('button', { name: 'what has changed since' }).click()
    await expect(bench.getByRole('region', { name: 'Different from version 1' })).toContainText('0.07 mm')

    await bench.goto('/intake')
    await bench.getByRole('radio', { name: /Brindlecote 880/ }).check()
    await bench.getByLabel('Whose it is').fill('Harbour office')
    await bench.getByRole('radio', { name: /^apart/ }).check()
    await bench.getByRole('button', { name: 'Take it in' }).click()
    await bench.waitForURL(/\/jobs\/\d+$/)
    const number = Number(bench.url().split('/').pop())
    await bench.goto(`/jobs/${number}?at=ring_gap.1.top`)
    await bench.getByRole('textbox', { name: /^Top ring end gap.*passes$/ }).fill('0.28')
    await bench.keyboard.press('Enter')
    await bench.getByRole('textbox', { name: /^Top ring end gap.*refuses$/ }).fill('0.30')
    await bench.keyboard.press('Enter')
    await bench.keyboard.press('Escape')
    const job = await taken(bench, number)
    // 84 mm are 3.3071 in: 0.0132 in, which is 0.336 mm, is the least; 0.28 to 0.30 is tight
    const verdict = job.measuring.assessments.find((each) => each.id === 'ring_gap.1.top')
    expect(verdict?.verdict?.state).toBe('out')
})
