import { execFileSync } from 'node:child_process'
import { expect, findings, signIn, test } from './shop'

type Page = import('@playwright/test').Page

const job = async (page: Page, number: number) => (await page.request.get(`/api/jobs/${number}`)).json()

/** What a sound Skarn reads, by quantity: one figure, or the leaf that passes and the one that refuses. */
const SOUND: Record<string, string[]> = {
    cranking_compression: ['900'],
    piston: ['72.400'],
    bore: ['72.500'],
    ring_gap: ['0.40', '0.45'],
    ring_side_clearance: ['0.05', '0.06'],
    rod_side_clearance: ['0.50', '0.55'],
    crank_runout: ['0.02'],
    head_flatness: ['0.02', '0.03'],
}

/** Does the one thing that is next, as the screen offers it. */
async function doNext(
    page: Page,
    next: { kind: string; id: string; slab: string; text: string },
    spots: { id: string; quantity: string }[],
) {
    if (next.kind === 'lift') {
        await page.locator('#next-move').first().click()
        await page.getByRole('button', { name: 'They are off' }).click()
        return
    }
    if (next.kind === 'spot') {
        await page.keyboard.press('n')
        await page.locator('main input:focus').waitFor()
        const spot = spots.find((each) => each.id === next.id)
        for (const figure of SOUND[spot?.quantity ?? ''] ?? []) {
            await page.keyboard.type(figure)
            await page.keyboard.press('Enter')
        }
        await page.keyboard.press('Escape')
        return
    }
    const hold = page.locator('#next-move').getByRole('region')
    if (await hold.isVisible()) {
        const second = hold.getByRole('group', { name: 'Second person' }).getByRole('button', { name: 'PQ' })
        if (await second.isVisible()) {
            await second.click()
        }
        for (const item of await hold.getByRole('listitem').all()) {
            const seen = item.getByRole('button').first()
            if (await seen.isEnabled()) {
                await seen.click()
            }
        }
        return
    }
    await page.getByRole('button', { name: 'Done', exact: true }).click()
}

test('a whole two-stroke job from intake to the run-in sheet', async ({ bench }) => {
    test.setTimeout(480_000)
    await bench.getByRole('link', { name: 'A machine comes in' }).click()
    await bench.getByRole('radio', { name: /Skarn 594/ }).check()
    await bench.getByLabel('Whose it is').fill('Ferry slip, Isle of Brannoch')
    await bench.getByLabel(/What is wrong/).fill('Smokes from one side.')
    await bench.getByRole('button', { name: 'Take it in' }).click()
    await bench.waitForURL(/\/jobs\/\d+$/)
    const number = Number(bench.url().split('/').pop())
    await bench.getByRole('heading', { level: 1 }).waitFor()
    let state = await job(bench, number)
    for (let turn = 0; turn < 140 && state.next.kind !== 'none'; turn++) {
        expect(state.next.kind, state.next.text).not.toBe('wait')
        await bench.getByText(state.next.text, { exact: true }).first().waitFor()
        await doNext(bench, state.next, state.spots)
        await bench
            .getByText(/waiting to be sent|Sending/)
            .first()
            .waitFor({ state: 'hidden' })
        const { lastSeq, next } = state
        const stored = async () => {
            state = await job(bench, number)
            return state.lastSeq
        }
        await expect.poll(stored, { message: next.text, intervals: [60] }).toBeGreaterThan(lastSeq)
    }
    expect(
        state.steps.filter((step: { state: string }) => step.state !== 'done').map((step: { id: string }) => step.id),
    ).toEqual([])
    await expect(bench.getByText('Everything is done')).toBeVisible()
    await bench.keyboard.press('r')
    await expect(bench.getByText('Run-in sheet made out and handed over').first()).toBeVisible()
    await bench.getByRole('button', { name: 'Hand over' }).click()
    await bench.getByLabel('What was said to the owner').fill('two tanks gently')
    await bench.getByRole('button', { name: 'Hand it over' }).click()
    await expect(bench.getByRole('link', { name: new RegExp(`job ${number} `) })).toBeHidden()
    await bench.goto(`/jobs/${number}/record`)
    await expect(bench.getByText('Handed over: two tanks gently')).toBeVisible()
})

test('a head is lifted because a guide was forgotten, and the old ticks no longer stand', async ({ bench }) => {
    await bench.goto('/jobs/203')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Heads/ })
        .click()
    await bench.getByRole('button', { name: 'Take off to here' }).click()
    const dialog = bench.getByRole('dialog', { name: 'Heads off' })
    await expect(dialog).toContainText('Off and together again')
    await expect(dialog).toContainText('Head torqued in its stages')
    await expect(dialog).toContainText('Head gasket or O-rings')
    await expect(dialog).toContainText('Tube seals, front cylinder')
    await dialog.getByRole('button', { name: 'They are off' }).click()
    await expect(bench.getByRole('button', { name: /Tick: Head torqued/ })).toBeDisabled()
    await expect(bench.getByText('again, lifted: heads').first()).toBeVisible()
    const state = await job(bench, 203)
    expect(state.slabs.find((slab: { id: string }) => slab.id === 'head').state).toBe('off')
    expect(state.steps.find((step: { id: string }) => step.id === 'barrel-down').state).toBe('done')
    expect(state.plannedParts.find((part: { part: string }) => part.part === 'Tube seals, front cylinder').state).toBe(
        'spent',
    )
})

test('a hold is answered, one item waived by name, and stays on the record', async ({ bench }) => {
    await bench.goto('/jobs/203')
    const stack = bench.getByRole('navigation', { name: /The engine/ })
    await stack.getByRole('button', { name: /^Heads/ }).click()
    await bench.getByRole('button', { name: 'Take off to here' }).click()
    await bench.getByRole('button', { name: 'They are off' }).click()
    await stack.getByRole('button', { name: /^Head gaskets/ }).click()
    await bench.getByRole('button', { name: /^Tick: New head joint/ }).click()
    await stack.getByRole('button', { name: /^Heads/ }).click()
    const hold = bench.getByRole('region', { name: 'Before the head goes on' }).first()
    await expect(hold).toContainText('to be seen')
    await hold.getByRole('button', { name: /^Waive: Bolt holes dry/ }).click()
    await hold.getByRole('textbox', { name: 'Why it is waived' }).fill('holes are open below')
    await hold.getByRole('button', { name: 'Waive it' }).click()
    await expect(hold).toContainText('waived: holes are open below')
    await expect(bench.getByRole('button', { name: /Tick: Head on/ })).toBeDisabled()
    for (const item of await hold.getByRole('listitem').all()) {
        const button = item.getByRole('button').first()
        if (await button.isEnabled()) {
            await button.click()
        }
    }
    await expect(bench.getByRole('button', { name: /Tick: Head on/ })).toBeEnabled()
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
    await bench.goto('/jobs/203/record')
    await expect(bench.getByText('Owed its torque: rotor nut', { exact: false }).first()).toBeVisible()
})

test('a wait survives reload and a restart of the server, and ends when a person has seen', async ({ page: bench }) => {
    execFileSync('php', ['artisan', 'moltrek:demo', '--fresh'])
    await signIn(bench, 'tomas')
    await bench.goto('/jobs/203')
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    await expect(slip.getByRole('timer')).toContainText(/^1[0-9]:\d\d$/)
    const due = (await job(bench, 203)).waits[0].due
    const port = new URL(process.env.MOLTREK_ADDRESS ?? '').port
    execFileSync('bash', [
        '-c',
        `here=$PWD; . bin/lib/platform.sh; . bin/lib/server.sh; server_stop e2e; server_start e2e ${port}`,
    ])
    await bench.reload()
    await expect(slip.getByRole('timer')).toBeVisible()
    expect((await job(bench, 203)).waits[0].due).toBe(due)
    await expect(bench.getByRole('link', { name: /1 wait/ })).toBeVisible()
    await expect(bench.getByRole('button', { name: /Tick: Front cylinder: both rods spin/ })).toBeDisabled()
    await slip.getByRole('button', { name: 'Both rods spin by finger' }).click()
    await expect(bench.getByRole('button', { name: 'Done', exact: true })).toBeVisible()
    await expect(slip.getByRole('timer')).toBeHidden()
})

test('a late part moves the dates, without saving', async ({ bench }) => {
    await bench.goto('/dates')
    const lane = bench.locator('main a[href="/jobs/209"]')
    await expect(lane).toBeVisible()
    const before = await lane.textContent()
    await bench.getByRole('button', { name: 'a week late' }).click()
    await expect.poll(async () => lane.textContent()).not.toBe(before)
    await expect(lane).toContainText('late')
    await bench.getByRole('button', { name: 'as promised' }).click()
    await expect.poll(async () => lane.textContent()).toBe(before)
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
    await expect
        .poll(async () => (await job(bench, 214)).steps.find((step: { id: string }) => step.id === 'base-gasket').how)
        .toBe('Base gasket: grease.')
})

test('no serious accessibility finding on the order of work', async ({ bench }) => {
    for (const path of ['/', '/jobs/203', '/dates', '/jobs/217/trays', '/jobs/203/record']) {
        await bench.goto(path)
        await bench.getByRole('main').waitFor()
        expect(await findings(bench), path).toEqual([])
    }
})
