import { expect, jobOf, signIn, sound, soundByNight, taken, test } from './shop'

const linesOf = (job: Awaited<ReturnType<typeof jobOf>>) => job.log.slip.map((line) => line.text)

test('a mechanic measures, strikes out, chooses a source, fits and takes the record along', async ({ bench }) => {
    await bench.getByRole('region', { name: 'Can be worked now' }).locator('a[href="/jobs/214"]').click()
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Barrel, piston, rings/ })
        .click()

    // the next reading is a gauge deviation in inches: -0.0004 from 2.1660 in is 55.006 mm
    await bench.getByRole('button', { name: 'Bore, 30 mm down, across the pin: not measured' }).click()
    const field = bench.getByRole('textbox', { name: 'Bore, 30 mm down, across the pin, deviation' })
    await field.fill('-0.0004')
    await expect(bench.getByRole('region', { name: 'Key pad' })).toContainText('55.0062 mm')
    await expect(bench.getByRole('region', { name: 'Key pad' })).toContainText('Fits')
    await field.press('Enter')
    await expect(
        bench.getByRole('button', { name: /^Bore, 30 mm down, across the pin: -0.0004 in from/ }),
    ).toContainText('55.006')

    await sound(bench)
    await soundByNight(bench)

    // Enter has gone on to the next place of the bore
    await expect(bench.getByRole('textbox', { name: 'Bore, 30 mm down, along the pin, deviation' })).toBeFocused()
    await bench.keyboard.press('Escape')

    // leaves: 0.22 passes settles the gap that was too close to call
    await expect(bench.getByRole('region', { name: 'Top ring end gap' })).toContainText('The 0.22 mm leaf must pass')
    await bench.getByRole('button', { name: /^Top ring end gap/ }).click()
    await bench.getByRole('textbox', { name: 'Top ring end gap, passes' }).fill('0.22')
    await bench.keyboard.press('Enter')
    await bench.getByRole('textbox', { name: 'Top ring end gap, refuses' }).fill('0.25')
    await bench.keyboard.press('Enter')
    await expect(bench.getByRole('region', { name: 'Top ring end gap' })).toContainText('Fits')
    await bench.keyboard.press('Escape')

    // a wrong one is struck out and stays to be read
    await bench
        .getByRole('button', { name: /Strike out: Top ring end gap: 0.22 mm passes/ })
        .first()
        .click()
    await bench.getByRole('textbox', { name: 'Why it is struck out' }).fill('misread the leaf')
    await bench.getByRole('button', { name: 'Strike out', exact: true }).click()
    await expect(bench.getByRole('complementary', { name: 'Slip' })).toContainText('struck out: misread the leaf')
    await expect(bench.getByRole('region', { name: 'Top ring end gap' })).toContainText('Too close to call')

    // whose limit rules, and why
    await bench
        .getByRole('region', { name: 'Clearance' })
        .getByRole('button', { name: /change/ })
        .click()
    const dialog = bench.getByRole('dialog', { name: /Whose limit rules/ })
    await dialog.getByRole('group', { name: 'As-new range' }).getByText('engine maker').click()
    await dialog.getByRole('button', { name: 'Let it rule' }).click()
    await expect(dialog.getByRole('alert')).toContainText('Say why')
    await dialog.getByLabel('Why').fill('the piston is theirs')
    await dialog.getByRole('button', { name: 'Let it rule' }).click()
    await expect(bench.getByText('Chosen because: the piston is theirs')).toBeVisible()

    // the order of work, step after step
    await bench.getByRole('button', { name: /Tick: Exhaust valve out/ }).click()
    await expect(bench.getByRole('button', { name: /Exhaust valve out.*done/ })).toBeVisible()
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Case mouth/ })
        .click()
    await bench
        .getByRole('button', { name: /Tick: Rod pulled/ })
        .first()
        .waitFor()

    await bench.keyboard.press('r')
    await expect(bench.getByRole('heading', { name: 'Ulvane 139 R, job 214' })).toBeVisible()
    await expect(bench.getByText('service manual, local rules')).toBeVisible()
    await sound(bench)
    const [download] = await Promise.all([
        bench.waitForEvent('download'),
        bench.getByRole('link', { name: 'CSV' }).click(),
    ])
    expect(download.suggestedFilename()).toBe('moltrek-job-214.csv')
})

test('a figure far from the sheet is asked about once and never refused', async ({ bench }) => {
    await bench.goto('/jobs/214?at=piston.1')
    const field = bench.getByRole('textbox', { name: 'Piston at gauge point, reading' })
    await field.fill('5.495')
    await field.press('Enter')
    await expect(bench.getByRole('region', { name: 'Key pad' })).toContainText(
        'Are the unit and the decimal point right',
    )
    await expect(field).toHaveValue('5.495')
    await field.press('Enter')
    await expect(bench.getByRole('button', { name: 'Piston at gauge point: 5.495 mm' })).toBeVisible()
})

test('bad input names the field and what is allowed, and stays in it', async ({ bench }) => {
    await bench.goto('/jobs/214?at=piston.1')
    const field = bench.getByRole('textbox', { name: 'Piston at gauge point, reading' })
    await field.fill('54.95 furlong')
    await field.press('Enter')
    await expect(bench.getByRole('region', { name: 'Key pad' })).toContainText('Accepted:')
    await expect(field).toHaveValue('54.95 furlong')
})

test('what was typed and not entered survives a reload', async ({ bench }) => {
    await bench.goto('/jobs/214?at=bore.1.across.30')
    await bench.getByRole('textbox', { name: /across the pin, deviation/ }).fill('-0.0005')
    await bench.reload()
    await expect(bench.getByText('typed, not entered')).toBeVisible()
    await bench.getByRole('button', { name: 'Bore, 30 mm down, across the pin: not measured' }).click()
    await expect(bench.getByRole('textbox', { name: /across the pin, deviation/ })).toHaveValue('-0.0005')
})

test('a double Enter and a reload in the middle store a reading once', async ({ bench }) => {
    await bench.goto('/jobs/214?at=piston.1')
    const before = (await jobOf(bench, 214)).log.slip.length
    await bench.getByRole('textbox', { name: 'Piston at gauge point, reading' }).fill('54.951')
    await bench.keyboard.press('Enter')
    await bench.keyboard.press('Enter')
    await expect(bench.getByRole('textbox', { name: /across the pin, deviation/ })).toBeFocused()
    await bench.reload()
    await bench.getByRole('main').waitFor()
    const lines = linesOf(await taken(bench, 214))
    expect(lines).toHaveLength(before + 1)
    expect(lines.filter((text) => text.includes('54.951'))).toHaveLength(1)
})

test('offline the reading is kept and judged when the network is back', async ({ bench, context }) => {
    await bench.goto('/jobs/214?at=bore.1.across.30')
    await bench.getByRole('textbox', { name: /across the pin, deviation/ }).waitFor()
    await context.setOffline(true)
    await bench.getByRole('textbox', { name: /across the pin, deviation/ }).fill('-0.0003')
    await bench.keyboard.press('Enter')
    await expect(bench.getByText('verdict when back')).toBeVisible()
    await expect(bench.getByText(/No network: 1 entry kept here/)).toBeVisible()
    await context.setOffline(false)
    await expect(bench.getByRole('button', { name: /^Bore, 30 mm down, across the pin: -0.0003 in/ })).toContainText(
        '55.009',
    )
    const lines = linesOf(await taken(bench, 214))
    expect(lines.filter((text) => text.includes('-0.0003 in from 2.1660 in'))).toHaveLength(2)
})

test('works by keyboard alone', async ({ bench }) => {
    await expect(bench.getByRole('heading', { level: 1 }).first()).toBeVisible()
    await sound(bench)
    await soundByNight(bench)
    await bench.keyboard.press('?')
    await expect(bench.getByRole('dialog', { name: 'Keys' })).toBeVisible()
    await bench.keyboard.press('Escape')
    await bench.keyboard.press('/')
    await expect(bench.getByRole('textbox', { name: /Job number, machine/ })).toBeFocused()
    await bench.keyboard.type('214')
    await bench.keyboard.press('Enter')
    await expect(bench.getByRole('heading', { name: /Barrel, piston, rings/ })).toBeVisible()
    await bench.keyboard.press('n')
    await expect(bench.getByRole('textbox', { name: /Bore, 30 mm down, across the pin, deviation/ })).toBeFocused()
    for (const deviation of ['-0.0004', '-0.0003', '-0.0004', '-0.0004']) {
        await bench.keyboard.type(deviation)
        await bench.keyboard.press('Enter')
    }
    await bench.keyboard.type('0.25')
    await bench.keyboard.press('Enter')
    await bench.keyboard.type('0.30')
    await bench.keyboard.press('Enter')
    expect(linesOf(await taken(bench, 214))).toHaveLength(14)
    await bench.keyboard.press('Escape')
    await bench.keyboard.press('f')
    await expect(bench.getByRole('heading', { level: 1 })).toContainText('day')
})

test('a wrong password is told, the right one lets in, and signing out shuts the door', async ({ page }) => {
    await page.goto('/jobs/214')
    await expect(page).toHaveURL(/sign-in/)
    await sound(page)
    await page.getByLabel('Name').fill('petra')
    await page.getByLabel('Password').fill('wrong')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page.getByRole('alert')).toContainText('do not go together')
    await signIn(page, 'petra')
    await page.getByRole('button', { name: /sign out/ }).click()
    await expect(page).toHaveURL(/sign-in/)
})

test.describe('on an upright tablet', () => {
    test.use({ viewport: { width: 800, height: 1280 }, hasTouch: true })

    test('everything is within reach and nothing sticks out', async ({ bench }) => {
        await bench.goto('/jobs/214')
        await bench.getByRole('button', { name: 'Bore, 30 mm down, across the pin: not measured' }).tap()
        for (const key of ['change sign', '0', '.', '0', '0', '0', '4']) {
            await bench.getByRole('region', { name: 'Key pad' }).getByRole('button', { name: key, exact: true }).tap()
        }
        await bench.getByRole('button', { name: 'Enter', exact: true }).tap()
        await expect(
            bench.getByRole('button', { name: /^Bore, 30 mm down, across the pin: -0.0004 in/ }),
        ).toContainText('55.006')
        await sound(bench)
    })
})
