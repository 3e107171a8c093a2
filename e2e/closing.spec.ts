import { broughtTo, elsewhere, expect, sound, taken, test } from './shop'

test('a two-stroke is tested under pressure: a leak is found, mended, and the gauge holds for six minutes', async ({
    bench,
}) => {
    await bench.goto('/jobs/222/closing/tests')
    const leak = bench.getByRole('region', { name: 'Leak test' })
    await expect(leak.getByText('Leaks: 2.1 kPa a minute')).toBeVisible()
    await leak.getByLabel('gauge, kPa').fill('46')
    await leak.getByRole('button', { name: 'Begin anew' }).click()
    await expect(leak.getByText('Running: read the gauge again')).toBeVisible()
    await leak.getByLabel('gauge, kPa').fill('47')
    await leak.getByRole('button', { name: 'Gauge reads' }).click()
    await expect(leak.getByRole('alert')).toContainText('does not rise by leaking')
    for (const [pressure, after] of [
        ['45.2', '2'],
        ['44.1', '4'],
        ['43.4', '6'],
    ] as const) {
        await leak.getByLabel('gauge, kPa').fill(pressure)
        await leak.getByLabel('after, min').fill(after)
        await leak.getByRole('button', { name: 'Gauge reads' }).click()
        await expect(leak.getByLabel('gauge, kPa')).toHaveValue('')
    }
    await expect(leak.getByText('Holds: 0.4 kPa a minute')).toBeVisible()
    await expect(leak.getByText(/It does not prove the rings/)).toBeVisible()
    const { planning } = await taken(bench, 222)
    expect(planning.steps.find((step) => step.id === 'test.leak')?.state).toBe('done')
    await sound(bench)
})

test('from the last bolt to hand-over: filled, started, run in by a sheet whose dates stand in the calendar', async ({
    bench,
}) => {
    await broughtTo(bench, 222, 'test.leak')
    await bench.goto('/jobs/222/closing/tests')
    const leak = bench.getByRole('region', { name: 'Leak test' })
    await leak.getByLabel('gauge, kPa').fill('46')
    await leak.getByRole('button', { name: 'Begin anew' }).click()
    await expect(leak.getByText('Running: read the gauge again')).toBeVisible()
    await leak.getByLabel('gauge, kPa').fill('44')
    await leak.getByLabel('after, min').fill('6')
    await leak.getByRole('button', { name: 'Gauge reads' }).click()
    await expect(leak.getByText(/^Holds/)).toBeVisible()
    await broughtTo(bench, 222, 'start.first')

    await bench.goto('/jobs/222/closing/start')
    for (const item of ['Sound even', 'Dry at every joint', 'Smoke no more', 'Coolant circulates', 'Charging']) {
        await bench
            .getByRole('listitem', { name: new RegExp(`^${item}`) })
            .getByRole('button', { name: 'Right', exact: true })
            .click()
    }
    const stops = bench.getByRole('listitem', { name: /^Stops at the switch/ })
    await stops.getByPlaceholder('what is not right').fill('idles high')
    await stops.getByRole('button', { name: 'Not right' }).click()
    await expect(stops.getByText('Not right: idles high, TW')).toBeVisible()
    await stops.getByRole('button', { name: 'Right', exact: true }).click()
    await expect(stops.getByText(/^Right/).first()).toBeVisible()

    await bench.getByRole('link', { name: 'Running in' }).click()
    await expect(bench.getByText('200 cm³')).toBeVisible()
    const making = bench.getByRole('form', { name: 'Make out the run-in sheet' })
    await making.getByLabel('run about so many hours a week').fill('5')
    await making.getByRole('button', { name: 'Run-in sheet made out' }).click()
    await expect(bench.getByRole('button', { name: 'Make it out anew' })).toBeVisible()
    await sound(bench)
    await taken(bench, 222)

    const owner = await elsewhere(bench, 'isla')
    await owner.goto('/jobs/222/record')
    await owner.getByRole('button', { name: 'Hand over' }).click()
    await owner.getByRole('button', { name: 'Hand it over' }).click()
    await expect(owner).toHaveURL(/\/$/)
    await expect(owner.getByRole('region', { name: 'Comes back' }).getByText('head nuts checked cold')).toBeVisible()
    const { calendar } = await (await owner.request.get('/api/dates')).json()
    const text = await (await owner.request.get(calendar)).text()
    expect(text.replace(/\r?\n /g, '')).toContain('piston looked at through the exhaust')
    const pdf = await owner.request.get('/api/jobs/222/record.pdf')
    expect(pdf.headers()['content-type']).toBe('application/pdf')
    await owner.context().close()
})
