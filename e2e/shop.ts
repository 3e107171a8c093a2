import { execFileSync } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { readFileSync, rmSync } from 'node:fs'
import AxeBuilder from '@axe-core/playwright'
import { test as base, expect, type Page } from '@playwright/test'
import type { Schemas } from '../resources/js/app/api'

/** What this worker has to itself: a server with its database and its cache. */
const WORKER = process.env.TEST_PARALLEL_INDEX ?? '0'
const SERVER = `e2e_${WORKER}`
const DATABASE = `moltrek_e2e_${WORKER}`

/** The shop's time: the server's clock was set when the suite began, and the page's goes with it. */
const now = () => new Date(Date.now() + 1000 * Number(process.env.MOLTREK_CLOCK_AHEAD ?? 0))

function shell(commands: string): void {
    const libraries = 'here=$PWD; for each in platform database server backup test; do . bin/lib/$each.sh; done'
    execFileSync('bash', ['-euc', `${libraries}; ${commands}`])
}

/** The demo shop as it was when the suite began; nothing of an earlier test is left in the database or the cache. */
function asNew(): void {
    shell(`database_copy moltrek_e2e ${DATABASE}`)
    rmSync(`var/cache/${SERVER}`, { recursive: true, force: true })
}

/** The demo shop opened at this minute, with its waits still running. */
export function openedNow(): void {
    shell(`DB_DATABASE=${DATABASE} artisan moltrek:demo --fresh`)
}

/** What one of the shop’s own commands does to the database of this worker, and what it says. */
export function onDatabase(command: (database: string) => string): string {
    const libraries = 'here=$PWD; for each in platform database server backup test; do . bin/lib/$each.sh; done'
    return execFileSync('bash', ['-euc', `${libraries}; { ${command(DATABASE)}; } 2>&1`]).toString()
}

export function stopServer(): void {
    shell(`server_stop ${SERVER}`)
}

export function restartServer(): void {
    shell(`server_stop ${SERVER}; end_to_end_server ${WORKER}`)
}

/** One more server over this worker's shop, on the shop's network: its address, private by the shop's own root. */
export function networkServer(): { address: string; root: string; stop: () => void } {
    const said = onDatabase(() => `end_to_end_network ${WORKER}`)
    const address = /https:\S+/.exec(said)?.[0]
    if (!address) {
        throw new Error(said)
    }
    return { address, root: `var/run/tls_${WORKER}/root.pem`, stop: () => shell(`server_stop e2e_lan_${WORKER}`) }
}

/** The demo passwords, as they were made for this copy. */
const passwords = () => JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8')) as Record<string, string>

type Kept = Awaited<ReturnType<ReturnType<Page['context']>['storageState']>>

/** Every test begins with the demo shop as new, by a given clock, somebody signed in on the floor, and no error in the page. */
export const test = base.extend<{ shop: undefined; bench: Page }, { signedIn: Kept }>({
    shop: [
        async ({ browserName: _ }, use) => {
            asNew()
            await use(undefined)
        },
        { auto: true },
    ],
    signedIn: [
        async ({ browser }, use, worker) => {
            const { baseURL, locale, timezoneId } = worker.project.use
            const page = await browser.newPage({ baseURL, locale, timezoneId })
            await signIn(page, 'tomas')
            const kept = await page.context().storageState()
            await page.close()
            await use(kept)
        },
        { scope: 'worker' },
    ],
    bench: async ({ page, context, signedIn }, use) => {
        const errors: string[] = []
        page.on('pageerror', (error) => errors.push(error.message))
        page.on('console', (message) => {
            if (message.text().includes('Content Security Policy')) {
                errors.push(message.text())
            }
        })
        await page.clock.install({ time: now() })
        await context.addCookies(signedIn.cookies)
        // an earlier story of this worker may have signed out, or let somebody else in, and ended the session
        const session = await (await page.request.get('/api/session')).json()
        if (session.person?.username !== 'tomas') {
            await signIn(page, 'tomas')
        }
        await page.goto('/')
        await page.getByRole('main').waitFor()
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

/** Somebody else at another tablet: a session of their own, which takes nothing from the first. */
export async function elsewhere(page: Page, who: string): Promise<Page> {
    const origin = new URL(page.url()).origin
    const context = await page.context().browser()?.newContext({ baseURL: origin })
    if (!context) {
        throw new Error('No browser')
    }
    const other = await context.newPage()
    await other.clock.install({ time: now() })
    await signIn(other, who)
    return other
}

export const jobOf = async (page: Page, number: number): Promise<Schemas['Job']> =>
    (await page.request.get(`/api/jobs/${number}`)).json()

/** Nothing typed is on its way any more, and the page shows the job's log up to its last entry. */
export async function taken(page: Page, number: number): Promise<Schemas['Job']> {
    await page.locator('[role=status][data-waiting="0"]').first().waitFor({ state: 'attached' })
    const job = await jobOf(page, number)
    await page.locator(`main[data-seq="${job.log.lastSeq}"]`).waitFor()
    return job
}

interface Sent {
    id?: string
    kind: string
    payload: object
}

/** Entries go in through the same door as the page's own, one after another in the order in which they were done. */
export async function say(page: Page, number: number, entries: Sent[]): Promise<void> {
    await page.evaluate(
        async ({ job, sent }) => {
            const start = Date.now() - sent.length
            const now = new Date().toISOString()
            const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(document.cookie)?.[1] ?? '')
            await fetch(`/api/jobs/${job}/entries`, {
                method: 'POST',
                headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token },
                body: JSON.stringify({
                    client_now: now,
                    // one after another, in the order in which they were done
                    entries: sent.map((each, index) => ({
                        id: crypto.randomUUID(),
                        happened_at: new Date(start + index).toISOString(),
                        ...each,
                    })),
                }),
            })
        },
        { job: number, sent: entries },
    )
}

/** A joint pulled by its programme, to the check pass. */
function pulled(joint: Schemas['TorqueJoint']): Sent[] {
    const id = randomUUID()
    return [
        { id, kind: 'run_started', payload: { step: joint.step, programme: joint.programme } },
        ...joint.passes.flatMap((pass, index) =>
            pass.order.map((bolt) => ({ kind: 'bolt_pulled', payload: { run: id, stage: index + 1, bolt } })),
        ),
    ]
}

/** A joint that somebody else pulls meanwhile. */
export async function pulledBy(page: Page, number: number, step: string): Promise<void> {
    const { torquing } = await jobOf(page, number)
    const joint = torquing.joints.find((each) => each.step === step)
    expect(joint).toBeDefined()
    await say(page, number, joint ? pulled(joint) : [])
}

/**
 * The job as it is when others have worked on it until a step can be done: every step that is ready is ticked, what two see is
 * seen by two. What is entered goes through the same door as the page's own entries.
 */
export async function broughtTo(page: Page, number: number, until: string): Promise<void> {
    for (let turn = 0; turn < 60; turn++) {
        const { planning, torquing } = await jobOf(page, number)
        const ready = planning.steps.filter((step) => step.canBeDone)
        if (ready.some((step) => step.id === until)) {
            await page.goto(`/jobs/${number}`)
            await taken(page, number)
            return
        }
        const entries = ready.flatMap((step): Sent[] => {
            const joint = torquing.joints.find((each) => each.step === step.id)
            if (joint) {
                return pulled(joint)
            }
            return step.secondPerson && step.kind === 'hold'
                ? step.asks.map(({ item }) => ({
                      kind: 'hold_answered',
                      payload: { hold: step.id, item, second: 'PQ' },
                  }))
                : [{ kind: 'step_done', payload: { step: step.id } }]
        })
        entries.push(...planning.waits.map((wait) => ({ kind: 'wait_seen', payload: { wait: wait.id } })))
        expect(entries.length, `something can be done before ${until}`).toBeGreaterThan(0)
        await say(page, number, entries)
    }
    throw new Error(`${until} never came`)
}

/** An engine like another of the spec book, but for what is said: kept by the door through which sheets are read in. */
export async function engineLike(page: Page, like: string, changed: Record<string, unknown>): Promise<void> {
    const sheet = await (await page.request.get(`/api/sheets/${like}/sheet.json`)).json()
    const document = { ...sheet, ...changed }
    await page.evaluate(async (sent) => {
        const token = decodeURIComponent(/XSRF-TOKEN=([^;]+)/.exec(globalThis.document.cookie)?.[1] ?? '')
        const answer = await fetch('/api/sheets', {
            method: 'POST',
            headers: { 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token, Accept: 'application/json' },
            body: JSON.stringify({ document: JSON.stringify(sent) }),
        })
        if (!answer.ok) {
            throw new Error(await answer.text())
        }
    }, document)
}

/** A machine comes in through the page, for these errands. */
export async function takenIn(page: Page, engine: RegExp, ...errands: string[]): Promise<number> {
    await page.getByRole('link', { name: 'A machine comes in' }).click()
    await page.getByRole('radio', { name: engine }).check()
    await page.getByLabel('Whose it is').fill('Harbour office')
    for (const errand of errands) {
        await page.getByRole('checkbox', { name: new RegExp(`^${errand}`) }).check()
    }
    if (errands.length > 0) {
        await page.getByRole('checkbox', { name: /^top end/ }).uncheck()
    }
    await page.getByRole('button', { name: 'Take it in' }).click()
    await page.waitForURL(/\/jobs\/\d+$/)
    return Number(page.url().split('/').pop())
}

/** The one thing that is next, done as the page offers it; a hold is answered item by item. */
export async function doNext(page: Page, number: number): Promise<string> {
    const { planning } = await taken(page, number)
    const { next } = planning
    const step = planning.steps.find((each) => each.id === next.id)
    if (next.kind === 'lift') {
        await page.locator('#next-move').click()
        await page.getByRole('button', { name: 'They are off' }).click()
    } else if (step?.kind === 'hold') {
        const hold = page.getByRole('region', { name: step.name }).first()
        if (step.secondPerson) {
            await hold.getByRole('button', { name: 'PQ' }).click()
        }
        for (const ask of step.asks.filter((each) => each.by === null)) {
            await hold.getByRole('button', { name: ask.text, exact: true }).click()
        }
    } else if (next.kind === 'wait') {
        await page
            .getByRole('complementary', { name: 'Slip' })
            .getByRole('region', { name: next.text })
            .getByRole('button')
            .click()
    } else if (step?.kind === 'torque') {
        await pullJoint(page, number, step.id)
    } else if (step?.kind === 'decide' && step.crown !== null) {
        await page.getByRole('link', { name: 'Decide', exact: true }).click()
        await page.getByRole('button', { name: /^It stays/ }).click()
        await taken(page, number)
        await page.goto(`/jobs/${number}`)
    } else {
        expect(next.kind, `${next.text} is a step`).toBe('step')
        await page.getByRole('region', { name: 'Next' }).getByRole('button', { name: 'Done', exact: true }).click()
    }
    await expect.poll(async () => (await taken(page, number)).log.lastSeq).toBeGreaterThan(0)
    return next.id ?? ''
}

/** A joint begun on its map; the pulls come in as from another tablet. */
async function pullJoint(page: Page, number: number, step: string): Promise<void> {
    await page.getByRole('link', { name: 'Pull', exact: true }).click()
    await page.getByRole('button', { name: /^Begin at/ }).click()
    await expect(page.locator('[data-mark=due]')).toBeVisible()
    const { torquing } = await taken(page, number)
    const joint = torquing.joints.find((each) => each.step === step)
    const pulls = joint ? pulled(joint).slice(1) : []
    const run = joint?.run?.id
    await say(
        page,
        number,
        pulls.map((each) => ({ ...each, payload: { ...each.payload, run } })),
    )
    await expect(page.getByText('Complete, check pass stands')).toBeVisible()
    await page.goto(`/jobs/${number}`)
}

/** The screen as it stands has no serious accessibility finding, and nothing sticks out, lying or upright. */
export async function sound(page: Page): Promise<void> {
    await page.evaluate(() => Promise.all(document.getAnimations().map((animation) => animation.finished)))
    const { violations } = await new AxeBuilder({ page })
        .withTags(['wcag2a', 'wcag2aa', 'wcag21aa', 'wcag22aa'])
        .analyze()
    const serious = violations.filter((each) => each.impact === 'serious' || each.impact === 'critical')
    expect(serious.map((each) => `${each.id}: ${each.nodes[0]?.html}`)).toEqual([])
    const lying = page.viewportSize()
    for (const size of [lying, { width: 800, height: 1280 }]) {
        await page.setViewportSize(size ?? { width: 1280, height: 800 })
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(
            0,
        )
    }
    await page.setViewportSize(lying ?? { width: 1280, height: 800 })
}

/** The same screen by night. */
export async function soundByNight(page: Page): Promise<void> {
    await page.evaluate(() => {
        document.documentElement.dataset.theme = 'night'
    })
    await sound(page)
    await page.evaluate(() => {
        document.documentElement.dataset.theme = 'day'
    })
}

export { expect }
