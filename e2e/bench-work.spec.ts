import { expect, jobOf, sound, soundByNight, taken, test } from './shop'

test('the rings of a cylinder, and on into the next, are measured by keyboard alone', async ({ bench }) => {
    await bench.goto('/jobs/221')
    await bench.getByRole('heading', { level: 1 }).waitFor()
    const before = (await jobOf(bench, 221)).log.slip.length
    await bench.keyboard.press('n')
    for (let cylinder = 1; cylinder <= 2; cylinder++) {
        for (const [passes, refuses] of [
            ['0.30', '0.35'],
            ['0.38', '0.40'],
            ['0.45', '0.50'],
            ['0.45', '0.50'],
            ['0.04', '0.05'],
            ['0.04', '0.05'],
        ].slice(0, cylinder === 1 ? 6 : 2)) {
            await bench.keyboard.type(passes ?? '')
            await bench.keyboard.press('Enter')
            await bench.keyboard.type(refuses ?? '')
            await bench.keyboard.press('Enter')
        }
    }
    const job = await taken(bench, 221)
    expect(job.log.slip.length).toBe(before + 8)
    expect(job.measuring.assessments.find((item) => item.id === 'ring_gap.2.second')?.verdict?.state).toBe('within')
    await bench.keyboard.press('Escape')
    await sound(bench)
})

test('a bore is judged from its map to the order for the machine shop', async ({ bench }) => {
    await bench.goto('/jobs/219')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Upper case with bores/ })
        .click()
    const decide = bench.getByRole('region', { name: 'Decide the bore' })
    await expect(decide.getByRole('button')).toContainText('Rebore to +0.25')
    await expect(decide.getByRole('button')).toContainText('aim 82.752')
    await decide.getByRole('button').click()
    await expect(decide).toContainText('Decided: rebore to +0.25')
    await sound(bench)
    await decide.getByRole('link', { name: 'Order for the machine shop' }).click()
    await expect(bench.getByRole('heading', { name: /rebore to \+0.25/ })).toBeVisible()
    await expect(bench.getByText('to suit the piston of')).toContainText('82.710')
    await sound(bench)
    const order = await (await bench.request.get('/api/jobs/219/work-order.json')).json()
    expect(order.bores[0].decided).toBe('rebore to +0.25')
    const out = bench.getByRole('region', { name: 'left cylinder: out and back' })
    await out.getByLabel('Goes to').fill('Corrie Bore Works')
    await out.getByLabel('Promised for').fill('2026-12-01')
    await out.getByRole('button', { name: 'Sent out' }).click()
    await expect(out).toContainText('at Corrie Bore Works, promised for Tue 1 Dec')
    const step = async () => (await jobOf(bench, 219)).planning.steps.find((each) => each.id === 'send.bore.1')
    await expect.poll(async () => (await step())?.blockedBy[0]?.kind).toBe('part')
    await out.getByRole('button', { name: 'It is back' }).click()
    await expect.poll(async () => (await step())?.blockedBy).toEqual([])
})

test('a gap is filed open in three trials, and every trial stays in the log', async ({ bench }) => {
    await bench.goto('/jobs/214?at=ring_gap.1.second')
    const gap = bench.getByRole('region', { name: 'Second ring end gap' })
    const tried = async (passes: string, refuses: string) => {
        await bench.getByRole('textbox', { name: 'Second ring end gap, passes' }).fill(passes)
        await bench.keyboard.press('Enter')
        await bench.getByRole('textbox', { name: 'Second ring end gap, refuses' }).fill(refuses)
        await bench.keyboard.press('Enter')
        await bench.keyboard.press('Escape')
    }
    await tried('0.12', '0.13')
    await expect(gap).toContainText('until the 0.22 mm leaf passes')
    for (const [passes, refuses] of [
        ['0.18', '0.20'],
        ['0.25', '0.28'],
    ]) {
        await gap.getByRole('button', { name: 'Filed, try it' }).click()
        await bench.getByRole('button', { name: /^Second ring end gap: read again/ }).click()
        await tried(passes ?? '', refuses ?? '')
    }
    await expect(gap).toContainText('Fits')
    const lines = (await taken(bench, 214)).log.slip.map((line) => line.text)
    expect(lines.filter((line) => line.startsWith('Second ring end gap'))).toHaveLength(3)
    expect(lines.filter((line) => line.startsWith('Ring filed, second ring'))).toHaveLength(2)
})

test('a file with a bad row enters nothing until it is mended', async ({ bench }) => {
    await bench.goto('/jobs/214/import')
    const text = 'place,reading,tool\nbore.1.across.30,55.006 mm,b1\nbore.1.along.30,55.006,b1\n'
    await bench.getByRole('textbox', { name: 'The file’s text' }).fill(text)
    await bench.getByRole('button', { name: 'Look at it' }).click()
    await expect(bench.getByRole('status').last()).toContainText('1 line cannot be read')
    await expect(bench.getByRole('row', { name: /line 3/ })).toContainText('column reading: A figure needs its unit.')
    await expect(bench.getByRole('button', { name: /^Enter 2 readings/ })).toBeDisabled()
    await sound(bench)
    expect((await jobOf(bench, 214)).measuring.spots.find((spot) => spot.id === 'bore.1.across.30')?.reading).toBeNull()
    await bench.getByRole('textbox', { name: 'The file’s text' }).fill(text.replace('55.006,b1', '55.007 mm,b1'))
    await bench.getByRole('button', { name: 'Look at it' }).click()
    await bench.getByRole('button', { name: 'Enter 2 readings' }).click()
    await expect(bench.getByText('2 readings entered.')).toBeVisible()
})

test('pistons are paired by best fit and by dragging, with a warning when they change cylinder', async ({ bench }) => {
    await bench.goto('/jobs/221/pairing')
    await expect(bench.getByText('Worst margin')).toContainText('0.0 µm')
    await bench.getByRole('button', { name: 'Best fit' }).click()
    await expect(bench.getByText('Worst margin')).toContainText('3.0 µm · the best that can be had is 3.0 µm')
    await expect(bench.getByText('look at its skirt')).toBeVisible()
    await bench.getByRole('button', { name: 'As they came' }).click()
    const piston = bench.getByRole('button', { name: /piston of cylinder 2/ })
    await piston.dragTo(bench.getByRole('listitem').filter({ hasText: '66.209' }))
    await expect(bench.getByRole('listitem').filter({ hasText: '66.209' })).toContainText('piston of cylinder 2')
    await sound(bench)
    await bench.getByRole('button', { name: 'Pair them so' }).click()
    expect((await taken(bench, 221)).fitting.pairing?.chosen).toHaveLength(4)
})

test('ring gaps are turned by hand and a conflict is drawn', async ({ bench }) => {
    await bench.goto('/jobs/203/rings')
    const rear = bench.getByRole('region', { name: 'rear cylinder' })
    await expect(rear.getByText('clear all round')).toBeVisible()
    await rear.getByRole('spinbutton', { name: 'second ring' }).fill('50')
    await expect(rear.getByText(/top ring and second ring/)).toBeVisible()
    await rear.getByRole('spinbutton', { name: 'second ring' }).fill('225')
    await rear.getByRole('spinbutton', { name: 'top ring' }).fill('4')
    await expect(rear.getByText(/over the thrust face/)).toBeVisible()
    await rear.getByRole('radio', { name: /Thirds/ }).check()
    await rear.getByRole('button', { name: 'They are placed so' }).click()
    await expect(rear.getByText('placed, thirds')).toBeVisible()
    await sound(bench)
})

test('a sheet is changed with history and a job adopts it', async ({ bench }) => {
    await bench.goto('/spec-book/ulvane-139r')
    await bench.getByRole('button', { name: 'Document' }).click()
    const text = bench.getByLabel(/The sheet as one document/)
    const document = await text.inputValue()
    await text.fill(document.replace('"0.065 mm"', '"0.04 mm"'))
    await bench.getByRole('button', { name: 'Keep as a new version' }).click()
    await expect(bench.getByRole('alert')).toContainText('limits.0.min')
    await text.fill(document.replace('"0.065 mm"', '"0.062 mm"'))
    await bench.getByRole('button', { name: 'Keep as a new version' }).click()
    await expect(bench.getByText(/version 2 of/)).toBeVisible()
    await sound(bench)
    await bench.goto('/jobs/214')
    await bench.getByRole('button', { name: 'Adopt it' }).click()
    await expect(bench.getByRole('button', { name: 'Adopt it' })).toBeHidden()
    expect((await taken(bench, 214)).engine.sheetVersion).toBe(2)
    await expect(
        bench.getByRole('complementary', { name: 'Slip' }).getByText('Sheet: version 2 in place of version 1'),
    ).toBeVisible()
})

test('a tool is entered, a simulated one types a reading and says what it is', async ({ bench }) => {
    await bench.goto('/toolbox')
    await bench.getByRole('button', { name: 'Enter a tool' }).click()
    await bench.getByLabel('Name').fill('micrometer M9')
    await bench.getByLabel('Doubt at its last check').fill('a hair')
    await bench.getByRole('button', { name: 'Keep it' }).click()
    await expect(bench.getByRole('alert')).toContainText('number with a unit')
    await bench.getByLabel('Doubt at its last check').fill('0.003')
    await bench.getByRole('button', { name: 'Keep it' }).click()
    await expect(bench.getByRole('button', { name: /micrometer M9/ })).toContainText('± 0.003')
    await soundByNight(bench)
    await bench.goto('/jobs/214?at=piston.1')
    await bench.getByRole('button', { name: /stand-in tool.*simulated/ }).click()
    await expect(bench.getByRole('textbox', { name: 'Piston at gauge point, reading' })).toHaveValue(/^54\.9\d\d$/)
})
