import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { test as base, expect, type Page } from '@playwright/test'

/** The demo shop as it was when the suite began; nothing of an earlier test is left in the database or the cache. */
function asNew(): void {
    const copy = 'here=$PWD; . bin/lib/platform.sh; . bin/lib/database.sh; database_copy moltrek_e2e_seed moltrek_e2e'
    execFileSync('bash', ['-euc', copy])
    execFileSync('php', ['artisan', 'cache:clear'])
}

/** The demo passwords, as they were made for this copy. */
const passwords = () => JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8')) as Record<string, string>

/** Every test begins with the demo shop as new, somebody signed in, and no error in the page. */
export const test = base.extend<{ shop: undefined; bench: Page }>({
    shop: [
        async ({ browserName: _ }, use) => {
            asNew()
            await use(undefined)
        },
        { auto: true },
    ],
    bench: async ({ page }, use) => {
        const errors: string[] = []
        page.on('pageerror', (error) => errors.push(error.message))
        page.on('console', (message) => {
            if (message.text().includes('Content Security Policy')) {
                errors.push(message.text())
            }
        })
        await signIn(page, 'tomas')
        await use(page)
        expect(errors).toEqual([])
    },
})

export async function signIn(page: Page, who: string): Promise<void> {
    await page.goto('/sign-in')
    await page.getByLabel('Name').fill(who)
    await page.getByLabel('Password').fill(passwords()[who] ?? '')
    await page.getByRole('button', { name: 'Sign in' }).click()
    await expect(page).not.toHaveURL(/sign-in/)
    await page.getByRole('main').waitFor()
}

/** Serious and critical findings only; a screen with none gives an empty list. */
export async function findings(page: Page): Promise<string[]> {
    await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)))
    const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze()
    return violations
        .filter((violation) => violation.impact === 'serious' || violation.impact === 'critical')
        .map((violation) => `${violation.id}: ${violation.nodes[0]?.html}`)
}

export { expect }
