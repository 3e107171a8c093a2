import { expect, sound, soundByNight, taken, test } from './shop'

test('a mark proposes, a reading proves, and the marks of case and crank name the shell', async ({ bench }) => {
    await bench.goto('/jobs/221')
    await bench.getByRole('link', { name: 'Marks and shells' }).click()
    const first = bench.getByRole('listitem').filter({ hasText: 'Cylinder 2' })
    await expect(first.getByText('Too close to call').last()).toBeVisible()
    await first.getByRole('button', { name: 'Piston, cylinder 2: A' }).click()
    await expect(first.getByText('Out, larger than its mark')).toBeVisible()
    await bench.getByLabel('Case at main 5').fill('six')
    await bench.getByLabel('Crank at main 5').fill('2')
    await expect(bench.getByRole('alert')).toContainText('a whole number from 0 to 99')
    await bench.getByLabel('Case at main 5').fill('6')
    await bench.keyboard.press('Enter')
    await expect(bench.getByTestId('shell-main_oil_clearance.5')).toContainText('brown')
    await sound(bench)
    await soundByNight(bench)
})

test('the hone’s angle follows speed and strokes, and two gaps tell the taper', async ({ bench }) => {
    await bench.goto('/jobs/209/hone')
    const hatch = bench.getByRole('region', { name: 'Cross-hatch' })
    await hatch.getByLabel('Spindle').fill('80')
    await hatch.getByLabel('Single strokes').fill('100')
    await hatch.getByLabel('Length of a stroke').fill('98')
    await expect(hatch.getByText('48.8°')).toBeVisible()
    await expect(hatch.getByText('inside the aim')).toBeVisible()
    await hatch.getByLabel('Spindle').fill('fast')
    await expect(hatch.getByRole('alert')).toBeVisible()
    await expect(hatch.getByLabel('Spindle')).toHaveValue('fast')
    await hatch.getByLabel('Spindle').fill('80')
    await hatch.getByRole('button', { name: 'Write it in the log' }).click()
    const taper = bench.getByRole('region', { name: 'Taper from two gaps' })
    for (const [label, figure] of [
        ['At the top: passes', '0.30'],
        ['At the top: refuses', '0.35'],
        ['At the bottom: passes', '0.25'],
        ['At the bottom: refuses', '0.30'],
    ] as const) {
        await taper.getByLabel(label).fill(figure)
    }
    await expect(taper.getByText(/between 0.032 smaller and 0.000/)).toBeVisible()
    await taken(bench, 209)
    await sound(bench)
    await bench.goto('/jobs/209/record')
    await expect(bench.getByText(/Cross-hatch 49°: 80 turns and 100 strokes a minute/).first()).toBeVisible()
})

test('the crank is turned by a finger and by the keyboard, and the pistons follow', async ({ bench }) => {
    await bench.goto('/jobs/221/heights')
    const wheel = bench.getByRole('slider', { name: 'Crank' })
    await expect(bench.getByRole('img', { name: /cylinder 1 0.00 mm.*cylinder 2 44.20 mm/ })).toBeVisible()
    await wheel.focus()
    await bench.keyboard.press('PageUp')
    await expect(wheel).toHaveAttribute('aria-valuenow', '15')
    const box = await wheel.boundingBox()
    if (!box) {
        throw new Error('no wheel')
    }
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
    await bench.mouse.move(x, y - 80)
    await bench.mouse.down()
    await bench.mouse.move(x + 80, y, { steps: 5 })
    await bench.mouse.up()
    await expect(wheel).toHaveAttribute('aria-valuenow', '105')
    await bench.getByRole('button', { name: /180° cylinder 2 and cylinder 3/ }).click()
    await expect(bench.getByRole('img', { name: /cylinder 1 44.20 mm.*cylinder 2 0.00 mm/ })).toBeVisible()
    await sound(bench)
    await soundByNight(bench)
})

test('parts: from the shelf, come wrong, ordered again, an old one that goes back', async ({ bench }) => {
    await bench.goto('/jobs/209')
    await bench.getByRole('link', { name: /^Parts/ }).click()
    await bench.getByRole('button', { name: 'From the shelf: Base gasket' }).click()
    await expect(bench.getByText('here, from the shelf')).toBeVisible()
    await bench.getByRole('button', { name: 'Wrong part: Base gasket' }).click()
    await bench.getByLabel('What is wrong with it').fill('oil way missing')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(bench.getByText('came wrong: oil way missing')).toBeVisible()
    const job = await taken(bench, 209)
    expect(job.planning.steps.find((each) => each.id === 'on.base-gasket')?.state).not.toBe('ready')
    await bench.getByRole('button', { name: 'Ordered: Base gasket' }).click()
    await bench.getByLabel('Promised for').fill('2030-01-02')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(bench.getByText('comes after that')).toBeVisible()
    await bench.getByRole('button', { name: 'The old one goes back: Cover gasket' }).click()
    await expect(bench.getByText('It may go back if the rubber is soft')).toBeVisible()
    await bench.getByLabel('What was seen of it').fill('soft, whole')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(bench.getByText('here, the old one: soft, whole')).toBeVisible()
    await sound(bench)
    await bench.goto('/toolbox')
    const shelf = bench.getByRole('region', { name: 'Shelf' })
    await expect(shelf.getByRole('listitem').filter({ hasText: 'Harbick 421 Yard' })).toContainText('1')
    await shelf.getByLabel('A part for the shelf').fill('Cover gasket')
    await shelf.getByLabel('Made for').selectOption('harbick-421')
    await shelf.getByRole('button', { name: 'Put one there' }).click()
    await expect(shelf.getByText('Cover gasket')).toBeVisible()
    await sound(bench)
})

test('a comeback: the suspect first, the earlier job beside, and a finding for the next', async ({ bench }) => {
    await bench.goto('/jobs/224')
    await bench.getByRole('link', { name: /was here before/ }).click()
    await expect(bench.getByRole('region', { name: 'Complaint' }).getByRole('listitem').first()).toContainText(
        'Oil at a pushrod tube',
    )
    const before = bench.getByRole('region', { name: 'Was here before' })
    await expect(before).toContainText('Pushrod tube seals fitted under protest')
    const row = before.getByRole('row').filter({ hasText: 'Cranking compression, left cylinder' })
    await expect(row).toContainText('142 psi')
    await expect(row).toContainText('136 psi')
    await bench.getByRole('button', { name: /^Found: A tube seal/i }).click()
    await bench.getByLabel('A finding for the next engine of its kind').fill('Old tube seals harden: always renew.')
    await bench.getByRole('button', { name: 'Keep it on the sheet' }).click()
    await expect(bench.getByText(/Version 2 of the sheet holds more/)).toBeVisible()
    await bench.goto('/jobs/224')
    await bench.getByRole('button', { name: 'Adopt it' }).click()
    await expect(bench.getByRole('button', { name: 'Adopt it' })).toBeHidden()
    await taken(bench, 224)
    await bench.goto('/jobs/224/history')
    await expect(bench.getByText('Old tube seals harden: always renew.')).toBeVisible()
    await sound(bench)
})

test('a bucket goes back where it ran, or elsewhere with a reason', async ({ bench }) => {
    await bench.goto('/jobs/221/trays')
    await bench.getByRole('button', { name: 'Bucket of inlet valve 1, cylinder 1: back' }).click()
    const slot = (name: string) => bench.getByRole('listitem').filter({ hasText: name })
    await expect(slot('Bucket of inlet valve 1, cylinder 1')).toContainText('back in its place')
    await bench.getByRole('button', { name: 'Bucket of inlet valve 2, cylinder 1: elsewhere' }).click()
    await expect(bench.getByRole('button', { name: 'Into the log' })).toBeDisabled()
    await bench.getByLabel('Fitted at').selectOption({ label: 'inlet valve 1, cylinder 2' })
    await bench.getByLabel('Why there').fill('its own is pitted')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(slot('Bucket of inlet valve 2, cylinder 1')).toContainText(
        'at inlet valve 1, cylinder 2: its own is pitted',
    )
    await taken(bench, 221)
    await sound(bench)
})

test('what an engine in the frame shuts in is said at the step', async ({ bench }) => {
    await bench.goto('/jobs/221')
    await bench.getByRole('button', { name: 'Schools' }).click()
    await bench.getByRole('radio', { name: /^in the frame/ }).click()
    await bench.keyboard.press('Escape')
    const { steps } = (await taken(bench, 221)).planning
    expect(steps.find((each) => each.id === 'on.head')?.needs).toContain('rear-bolts')
})

test('a wait that somebody begins holds the step that was named', async ({ bench }) => {
    await bench.goto('/jobs/226')
    await bench.getByRole('button', { name: /Put in, dropped, owed/ }).click()
    await bench.getByRole('button', { name: 'Something has to wait' }).click()
    await bench.getByLabel(/What waits/).fill('Barrel soaking')
    await bench.getByLabel(/How long/).fill('2 h')
    await bench.getByLabel('Which step waits for it').selectOption('clean.barrel')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(bench.getByRole('region', { name: 'Barrel soaking' }).getByRole('timer')).toContainText(/^1:59:\d\d$/)
    const { steps } = (await taken(bench, 226)).planning
    expect(steps.find((each) => each.id === 'clean.barrel')?.state).toBe('blocked')
    await sound(bench)
    await bench.goto('/')
    await expect(bench.getByRole('link', { name: /Dunmoor/ })).toContainText('Barrel soaking')
})
