// What every fault is tried with: a browser, a signed-in page, what the log has, and a count of what held.
import { execFileSync } from 'node:child_process'
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'

export const ADDRESS = process.env.MOLTREK_ADDRESS
export const JOB = 217

const FLAGS =
    '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'

/** A shell function of the project's own, in the surroundings of the faults' server and database. */
export const shell = (command) =>
    execFileSync(
        'bash',
        ['-euc', `here=$PWD; . bin/lib/platform.sh; . bin/lib/database.sh; . bin/lib/server.sh; . bin/lib/backup.sh; ${command}`],
        { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] },
    )

/** The same sequence of chances for the same seed. */
export function dice(seed) {
    let state = seed >>> 0
    return () => {
        state = (Math.imul(state, 1664525) + 1013904223) >>> 0
        return state / 2 ** 32
    }
}

export const pause = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds))

const results = []

export async function trial(name, run) {
    const from = Date.now()
    try {
        const said = await run()
        results.push({ name, ok: true, said: said ?? '', seconds: (Date.now() - from) / 1000 })
        console.log(`✓ ${name}${said ? `: ${said}` : ''}`)
    } catch (error) {
        results.push({ name, ok: false, said: String(error.message ?? error), seconds: (Date.now() - from) / 1000 })
        console.log(`✗ ${name}: ${error.stack ?? error}`)
    }
}

export function finish() {
    const passed = results.filter((result) => result.ok).length
    console.log(`${passed} passed, ${results.length - passed} failed`)
    process.exit(passed === results.length ? 0 : 1)
}

export function must(holds, what) {
    if (!holds) {
        throw new Error(what)
    }
}

export async function withBrowser(run) {
    const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: FLAGS.split(' ') })
    try {
        return await run(browser)
    } finally {
        await browser.close()
    }
}

export async function signIn(page, who) {
    const passwords = JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8'))
    await page.goto(`${ADDRESS}sign-in`)
    await page.getByLabel('Name').fill(who)
    await page.getByLabel('Password').fill(passwords[who])
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.waitForURL((url) => !url.pathname.includes('sign-in'))
    await page.getByRole('main').waitFor()
}

/** A tablet of its own, on a job's build. */
export async function tablet(browser, who = 'tomas', options = {}) {
    const context = await browser.newContext({ baseURL: ADDRESS, viewport: { width: 1280, height: 800 }, locale: 'en-GB', ...options })
    const page = await context.newPage()
    await signIn(page, who)
    await open(page)
    return { context, page }
}

export async function open(page, job = JOB) {
    await page.goto(`${ADDRESS}jobs/${job}`)
    await page.getByRole('textbox', { name: 'A note for the slip' }).waitFor()
}

/** Everything typed has reached the server, and the page shows the log up to its last entry. */
export async function sent(page, timeout = 30_000) {
    await page.locator('[role=status][data-waiting="0"]').first().waitFor({ state: 'attached', timeout })
    const { lastSeq } = (await (await page.request.get(`${ADDRESS}api/jobs/${JOB}`)).json()).log
    await page.locator(`main[data-seq="${lastSeq}"]`).waitFor({ timeout })
}

export const log = async (context, job = JOB) => (await (await context.request.get(`${ADDRESS}api/jobs/${job}`)).json()).log.slip

/** How often a text stands in the log. */
export const times = async (context, text, job = JOB) => (await log(context, job)).filter((line) => line.text.includes(text)).length

export async function note(page, text) {
    await page.getByRole('textbox', { name: 'A note for the slip' }).fill(text)
    await page.keyboard.press('Enter')
}
