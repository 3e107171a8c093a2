import type { Page } from '@playwright/test'
import { broughtTo, expect, jobOf, signIn, sound, taken, takenIn, test } from './shop'

const due = (page: Page) => page.locator('[data-mark=due]')

/** The space bar once, when the bolt that is said is lit; taken in before the next. */
async function pull(page: Page, bolt: string): Promise<void> {
    await expect(due(page)).toHaveAttribute('data-bolt', bolt)
    // a glove that bounces is one tap: the next one counts after a moment
    await page.waitForTimeout(260)
    await page.keyboard.press(' ')
}

const ORDER = ['h3', 'h8', 'h4', 'h7', 'h2', 'h9', 'h5', 'h6', 'h1', 'h10']

async function pullAll(page: Page, bolts: string[]): Promise<void> {
    for (const bolt of bolts) {
        await pull(page, bolt)
    }
}

/** A sled whose head is on and ready to be pulled. */
async function atTheHead(page: Page): Promise<number> {
    const number = await takenIn(page, /Skarn 594/, 'head')
    await broughtTo(page, number, 'pull.head')
    await page.getByRole('link', { name: 'Pull', exact: true }).click()
    await page.getByRole('button', { name: 'Begin at h3' }).click()
    await expect(due(page)).toHaveAttribute('data-bolt', 'h3')
    return number
}

test('a head of ten bolts in three stages by the space bar: interrupted, out of order, over, and the check pass', async ({
    bench,
}) => {
    test.setTimeout(120_000)
    const number = await atTheHead(bench)
    await expect(bench.getByRole('heading', { name: 'Head bolts, stage 1 of 4' })).toBeVisible()
    await expect(bench.getByText('asked: 7 lbf·ft')).toBeVisible()
    await pullAll(bench, ORDER)

    // the telephone: the page is gone, and comes back at the right bolt
    await pullAll(bench, ORDER.slice(0, 4))
    await taken(bench, number)
    await bench.goto('/')
    await expect(bench.getByText('Head bolts, stage 2 of 4: h2').first()).toBeVisible()
    await bench.goto(`/jobs/${number}/torque/pull.head`)
    await pull(bench, 'h2')

    // another bolt is tapped than the one that is lit
    await expect(due(bench)).toHaveAttribute('data-bolt', 'h9')
    await bench.locator('[data-bolt=h6]').click()
    const alert = bench.getByRole('alert')
    await expect(alert).toContainText('h6 out of order: h9 is next')
    await alert.getByRole('button', { name: 'h6 has been pulled' }).click()
    await expect(bench.getByText('Missed: h9, h5')).toBeVisible()
    await expect(bench.locator('[data-bolt=h5]')).toHaveAttribute('data-mark', 'missed')
    await pullAll(bench, ['h9', 'h5', 'h1', 'h10'])

    // one goes over in the third stage: its consequence first
    await pullAll(bench, ORDER.slice(0, 2))
    await expect(due(bench)).toHaveAttribute('data-bolt', 'h4')
    await bench.getByRole('button', { name: /over, felt/ }).click()
    await bench.getByRole('button', { name: /^Past \d/ }).click()
    await expect(bench.getByRole('alert')).toContainText('h4 went past its limit')
    await bench.keyboard.press(' ')
    await expect(bench.locator('[data-bolt=h4]')).toHaveAttribute('data-mark', 'over')
    await bench.getByRole('button', { name: 'All slackened: from stage 1' }).click()

    // past the first stage and short of the final figure: noted, and on
    await expect(bench.getByRole('heading', { name: 'Head bolts, stage 1 of 4' })).toBeVisible()
    const first = (await due(bench).getAttribute('data-bolt')) ?? ''
    await bench.getByRole('button', { name: /over, felt/ }).click()
    await bench.getByRole('button', { name: /^Past this stage, not past/ }).click()
    await expect(bench.getByText(`${first} went past this stage`)).toBeVisible()
    await pullAll(bench, ORDER.slice(1))
    await pullAll(bench, ORDER)
    await pullAll(bench, ORDER)

    // a bolt that moves at the check is found by going round again
    await expect(bench.getByRole('heading', { name: 'Head bolts, stage 4 of 4' })).toBeVisible()
    await pullAll(bench, ORDER.slice(0, 9))
    await expect(due(bench)).toHaveAttribute('data-bolt', 'h10')
    await bench.getByRole('button', { name: /over, felt/ }).click()
    await bench.getByRole('button', { name: 'It moved' }).click()
    await pullAll(bench, ORDER)
    await expect(bench.getByText('Complete, check pass stands')).toBeVisible()

    const { planning, stack } = await taken(bench, number)
    expect(planning.steps.find((step) => step.id === 'pull.head')?.state).toBe('done')
    expect(stack.slabs.find((slab) => slab.id === 'head')?.state).toBe('torqued')
})

test('two tablets on one run see each other’s pulls, and a slackened head is pulled anew', async ({
    bench,
    browser,
    baseURL,
}) => {
    const number = await atTheHead(bench)
    const other = await browser.newContext({ ...(baseURL ? { baseURL } : {}) })
    const second = await other.newPage()
    await signIn(second, 'petra')
    await second.goto(`/jobs/${number}/torque/pull.head`)
    await expect(due(second)).toHaveAttribute('data-bolt', 'h3')

    await pullAll(bench, ['h3', 'h8'])
    await expect(due(second)).toHaveAttribute('data-bolt', 'h4')
    await second.keyboard.press(' ')
    await expect(due(second)).toHaveAttribute('data-bolt', 'h7')
    await expect(due(bench)).toHaveAttribute('data-bolt', 'h7')
    await pull(bench, 'h7')
    await expect.poll(async () => (await jobOf(bench, number)).torquing.joints[0]?.run?.pulls).toBe(4)
    expect((await jobOf(bench, number)).torquing.joints[0]?.run?.last?.by).toBe('TW')

    // what was pulled is taken back by a strike-out, on the other tablet too
    await taken(bench, number)
    await bench.getByRole('button', { name: 'Take back h7' }).click()
    await expect(due(bench)).toHaveAttribute('data-bolt', 'h7')
    await expect(due(second)).toHaveAttribute('data-bolt', 'h7')
    await other.close()
})

test('a joint that no sheet knows: asked for at the pull, kept on the sheet, pulled by the simulated wrench', async ({
    bench,
}) => {
    await bench.goto('/jobs/229')
    await bench.getByRole('button', { name: 'add a step' }).click()
    await bench.getByLabel('What is done').fill('Exhaust flange drawn up')
    await bench.getByRole('combobox', { name: /^Kind/ }).selectOption('torque')
    await bench.getByRole('button', { name: 'Add it' }).click()
    await taken(bench, 229)
    await bench.getByRole('link', { name: 'Pull: Exhaust flange drawn up' }).click()
    await sound(bench)
    await bench.getByLabel('Final figure').fill('12')
    await bench.getByLabel('How many fasteners').fill('1')
    await bench.getByLabel('Thread', { exact: true }).fill('M8x1.25')
    await bench.getByRole('button', { name: 'at once' }).click()
    await bench.getByLabel(/^Who says so/).fill('service manual, page 48')
    await bench.getByRole('button', { name: 'Keep it on the sheet and begin' }).click()
    await expect(due(bench)).toBeVisible()
    await sound(bench)
    for (const stage of [1, 2]) {
        await expect(bench.getByRole('heading', { name: `stage ${stage} of 2` })).toBeVisible()
        await bench.getByRole('button', { name: /with the simulated wrench/ }).click()
    }
    await expect(bench.getByText('Complete, check pass stands')).toBeVisible()
    await bench.goto('/spec-book/ostrel-608')
    await expect(bench.getByRole('region', { name: 'Torque' })).toContainText('service manual, page 48')
    await sound(bench)
})
