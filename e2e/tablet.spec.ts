import { readFileSync } from 'node:fs'
import type { Page } from '@playwright/test'
import { broughtTo, expect, signIn, sound, taken, test } from './shop'

const PINS: Record<string, string> = { tomas: '4711', petra: '2907' }
const passwords = () => JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8')) as Record<string, string>

/** A PIN typed on the pad's keys. */
async function types(page: Page, who: string, pin: string): Promise<void> {
    const pad = page.getByRole('group', { name: `PIN of ${who}` })
    for (const digit of pin) {
        await pad.getByRole('button', { name: digit, exact: true }).click()
    }
    await pad.getByRole('button', { name: 'Enter' }).click()
}

/** Everybody sets their PIN; then the owner says that this tablet stays in the shop. */
async function enrolled(page: Page): Promise<void> {
    for (const [who, pin] of Object.entries(PINS)) {
        await signIn(page, who)
        await page.goto('/shop')
        const form = page.getByRole('region', { name: 'Your PIN' })
        await form.getByLabel('Your password').fill(passwords()[who] ?? '')
        await form.getByLabel('PIN', { exact: true }).fill(pin)
        await form.getByRole('button', { name: 'Keep it' }).click()
        await expect(form.getByText('Kept.')).toBeVisible()
    }
    await signIn(page, 'isla')
    await page.goto('/shop')
    const tablets = page.getByRole('region', { name: 'Tablets of the shop' })
    await tablets.getByLabel('This tablet').fill('bench 1')
    await tablets.getByRole('button', { name: 'It stays in the shop' }).click()
    await expect(tablets.getByText('this one')).toBeVisible()
}

/** Signed out, and the door stands: the people's page has buttons that bear the same names. */
async function signedOut(page: Page): Promise<void> {
    await page.getByRole('button', { name: 'sign out' }).click()
    await expect(page.getByRole('heading', { name: 'Who is at the bench?' })).toBeVisible()
}

test('a shared tablet is taken over by initials and PIN, the second person gives their own, and it locks itself', async ({
    bench,
}) => {
    await enrolled(bench)
    await signedOut(bench)
    await bench.getByRole('button', { name: 'Tomas Wend' }).click()
    await sound(bench)
    await types(bench, 'Tomas Wend', '4712')
    await expect(bench.getByText('Initials and PIN do not go together.')).toBeVisible()
    await types(bench, 'Tomas Wend', PINS.tomas ?? '')
    await bench.getByRole('button', { name: 'Tomas Wend, mechanic' }).waitFor()

    await bench.goto('/jobs/214')
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    const write = async (text: string) => {
        await slip.getByPlaceholder('Write a note').fill(text)
        await slip.getByRole('button', { name: 'Write', exact: true }).click()
        return (await taken(bench, 214)).log.slip.find((line) => line.text === text)?.by
    }
    expect(await write('By the mechanic.')).toBe('TW')
    // the other takes over where the page stands
    await bench.getByRole('button', { name: 'Tomas Wend, mechanic' }).click()
    await bench.getByRole('button', { name: 'Petra Quill' }).click()
    await types(bench, 'Petra Quill', PINS.petra ?? '')
    await bench.getByRole('button', { name: 'Petra Quill, apprentice' }).waitFor()
    expect(await write('By the apprentice.')).toBe('PQ')

    // nobody touches it: it is locked, and whoever comes next finds the page as it stands
    await bench.clock.runFor('10:05')
    await expect(bench.getByRole('heading', { name: 'Who is at the bench?' })).toBeVisible()
    await bench.getByRole('button', { name: 'Tomas Wend' }).click()
    await types(bench, 'Tomas Wend', PINS.tomas ?? '')
    await expect(bench).toHaveURL(/\/jobs\/214/)
})

test('a second person looks by their own PIN, and the slip says so', async ({ bench }) => {
    await broughtTo(bench, 222, 'hold.start')
    await enrolled(bench)
    await signedOut(bench)
    await bench.getByRole('button', { name: 'Tomas Wend' }).click()
    await types(bench, 'Tomas Wend', PINS.tomas ?? '')
    await bench.getByRole('button', { name: 'Tomas Wend, mechanic' }).waitFor()
    await bench.goto('/jobs/222?at=hold.start')
    const { planning } = await taken(bench, 222)
    const step = planning.steps.find((each) => each.id === 'hold.start')
    const hold = bench.getByRole('region', { name: step?.name ?? '' }).first()
    await hold.getByRole('button', { name: 'PQ' }).click()
    await types(bench, 'PQ', '9999')
    await expect(bench.getByText('Initials and PIN do not go together.')).toBeVisible()
    await types(bench, 'PQ', PINS.petra ?? '')
    const open = step?.asks.find((ask) => ask.by === null)
    await hold.getByRole('button', { name: open?.text ?? '', exact: true }).click()
    const { log } = await taken(bench, 222)
    expect(log.slip.filter((line) => line.text.endsWith(', with PQ by their own PIN'))).toHaveLength(1)
})
