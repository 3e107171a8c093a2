import { expect, sound, taken, test } from './shop'

test('a two-stroke is taken in, and each kind of next thing is done as the page offers it', async ({ bench }) => {
    await bench.getByRole('link', { name: 'A machine comes in' }).click()
    await bench.getByRole('radio', { name: /Skarn 594/ }).check()
    await bench.getByLabel('Whose it is').fill('Ferry slip, Isle of Brannoch')
    await bench.getByLabel(/What is wrong/).fill('Smokes from one side.')
    await sound(bench)
    await bench.getByRole('button', { name: 'Take it in' }).click()
    await bench.waitForURL(/\/jobs\/\d+$/)
    const number = Number(bench.url().split('/').pop())
    const next = bench.locator('#next-move')
    const settled = async () => (await taken(bench, number)).planning.next

    // the plugs first: nothing is read through their holes before
    for (let plug = 0; plug < 2; plug++) {
        await expect(bench.getByRole('region', { name: 'Next' })).toContainText('park plug out')
        await bench.getByRole('button', { name: 'Done', exact: true }).click()
        await taken(bench, number)
    }
    // readings, by the key that leads to the next one
    await expect(next).toContainText('Cranking compression')
    await bench.keyboard.press('n')
    await bench.locator('main input:focus').waitFor()
    for (const figure of ['900', '900']) {
        await bench.keyboard.type(figure)
        await bench.keyboard.press('Enter')
    }
    await bench.keyboard.press('Escape')
    // steps, by the one button
    for (let turn = 0; turn < 20 && (await settled()).kind === 'step'; turn++) {
        await bench.getByRole('button', { name: 'Done', exact: true }).click()
        await expect(bench.getByRole('button', { name: 'Done', exact: true })).toBeVisible()
    }
    expect((await settled()).kind).toBe('lift')
    // taking off, by the same key and Enter, with the cost said first
    await bench.keyboard.press('n')
    await bench.keyboard.press('Enter')
    await bench.getByRole('button', { name: 'They are off' }).click()
    const job = await taken(bench, number)
    expect(job.stack.slabs.filter((slab) => slab.state === 'off').length).toBeGreaterThan(0)
    await expect(bench.getByRole('complementary', { name: 'Slip' }).getByText(/^Taken off/)).toBeVisible()
})

test('a head is lifted because a guide was forgotten, and the old ticks no longer stand', async ({ bench }) => {
    await bench.goto('/jobs/203')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Front head(?! gasket)/ })
        .click()
    await bench.getByRole('button', { name: 'Take off to here' }).click()
    const dialog = bench.getByRole('dialog', { name: 'Front head off' })
    await expect(dialog).toContainText('Off and together again')
    await expect(dialog).toContainText('Front head torqued in its stages')
    await expect(dialog).toContainText('Head gasket or O-rings, front cylinder')
    await expect(dialog).toContainText('Tube seals, front cylinder')
    await dialog.getByRole('button', { name: 'They are off' }).click()
    await expect(bench.getByRole('button', { name: /Tick: Front head torqued/ })).toBeDisabled()
    await expect(bench.getByText('again, lifted: front head').first()).toBeVisible()
    const job = await taken(bench, 203)
    expect(job.stack.slabs.find((slab) => slab.id === 'head-front')?.state).toBe('off')
    expect(job.planning.steps.find((step) => step.id === 'on.barrel-front')?.state).toBe('done')
    expect(job.parts.planned.find((part) => part.part === 'Tube seals, front cylinder')?.state).toBe('spent')
})

test('a hold is answered, one item waived by name, and stays on the record', async ({ bench }) => {
    await bench.goto('/jobs/203')
    const stack = bench.getByRole('navigation', { name: /The engine/ })
    await stack.getByRole('button', { name: /^Front head(?! gasket)/ }).click()
    await bench.getByRole('button', { name: 'Take off to here' }).click()
    await bench.getByRole('button', { name: 'They are off' }).click()
    await stack.getByRole('button', { name: /^Front head gasket/ }).click()
    await bench.getByRole('button', { name: /^Tick: New front head gasket/ }).click()
    await stack.getByRole('button', { name: /^Front head(?! gasket)/ }).click()
    const hold = bench.getByRole('region', { name: 'Before fitting front head' }).first()
    await expect(hold).toContainText('to be seen')
    await hold.getByRole('button', { name: /^Waive: Bolt holes dry/ }).click()
    await hold.getByRole('textbox', { name: 'Why it is waived' }).fill('holes are open below')
    await hold.getByRole('button', { name: 'Waive it' }).click()
    await expect(hold).toContainText('waived: holes are open below')
    await expect(bench.getByRole('button', { name: /Tick: Front head on/ })).toBeDisabled()
    for (const item of await hold.getByRole('listitem').all()) {
        const button = item.getByRole('button').first()
        if (await button.isEnabled()) {
            await button.click()
        }
    }
    await expect(bench.getByRole('button', { name: /Tick: Front head on/ })).toBeEnabled()
    await taken(bench, 203)
    await bench.goto('/jobs/203/record')
    await expect(bench.getByRole('heading', { name: 'Waived' })).toBeVisible()
    await expect(bench.getByText(/bolt holes dry.*holes are open below/i).first()).toBeVisible()
})

test('a rag in the cases and a nut that is owed stand on the slip until somebody says so', async ({ bench }) => {
    await bench.goto('/jobs/203')
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    await slip.getByRole('button', { name: /Put in, dropped, owed/ }).click()
    await bench.getByRole('button', { name: 'Put in, must come out', exact: true }).click()
    await bench.getByLabel('What: rag, prop, tie, lock').fill('chain wire')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(slip.getByText('Chain wire').first()).toBeVisible()
    await slip.getByRole('button', { name: 'It is out' }).click()
    await expect(slip.getByRole('button', { name: 'It is out' })).toBeHidden()
    await slip.getByRole('button', { name: /Put in, dropped, owed/ }).click()
    await bench.getByRole('button', { name: 'Left snug, owed its torque' }).click()
    await bench.getByLabel('Which fastener').fill('rotor nut')
    await bench.getByLabel('Why it cannot be torqued now').fill('crank cannot be held')
    await bench.getByRole('button', { name: 'Into the log' }).click()
    await expect(slip.getByText('Rotor nut: owed its torque')).toBeVisible()
    await taken(bench, 203)
    await sound(bench)
    await bench.goto('/jobs/203/record')
    await expect(bench.getByText('Owed its torque: rotor nut', { exact: false }).first()).toBeVisible()
})

test('a late part moves the dates, without saving', async ({ bench }) => {
    await bench.goto('/dates')
    const lane = bench.locator('main a[href="/jobs/209"]')
    await expect(lane).toBeVisible()
    const before = (await lane.textContent()) ?? ''
    await bench.getByRole('button', { name: 'a week late' }).click()
    await expect(lane).not.toHaveText(before)
    await expect(lane).toContainText('late')
    await sound(bench)
    await bench.getByRole('button', { name: 'as promised' }).click()
    await expect(lane).toHaveText(before)
    const feed = await bench.request.get(
        (await bench.getByRole('link', { name: 'calendar for a telephone' }).getAttribute('href')) ?? '',
    )
    expect(await feed.text()).toContain('Front lifters bleeding down')
})

test('a school is chosen and the step says it', async ({ bench }) => {
    await bench.goto('/jobs/214')
    await bench.getByRole('button', { name: 'Schools' }).click()
    await bench.getByRole('radio', { name: /^grease / }).click()
    await bench.keyboard.press('Escape')
    const { steps } = (await taken(bench, 214)).planning
    expect(steps.find((step) => step.id === 'on.base-gasket')?.how).toBe('Base gasket: grease.')
})
