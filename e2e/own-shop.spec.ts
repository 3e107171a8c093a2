import type { Locator, Page } from '@playwright/test'
import { expect, onDatabase, signIn, sound, taken, test } from './shop'

/** Nobody has begun it yet. */
const unbegun = () => onDatabase((database) => `database_copy moltrek_e2e_own ${database}_own`)

test.beforeEach(unbegun)
test.afterEach(unbegun)

const OWNER = 'three wet ferries'

/** The own shop, begun by its owner from the sign-in page of the shop for practice. */
async function begin(
    page: Page,
    touch: (what: Locator) => Promise<void>,
    type: (at: Locator, text: string) => Promise<void>,
) {
    await page.goto('/sign-in')
    await touch(page.getByRole('button', { name: 'Begin your own shop' }))
    await type(page.getByLabel('Name of the shop'), 'Sollin Yard')
    await type(page.getByLabel('Your name'), 'Mairi Holm')
    await expect(page.getByLabel('You sign in as')).toHaveValue('mairi')
    await expect(page.getByLabel('Initials')).toHaveValue('MH')
    await type(page.getByLabel('Your password'), OWNER)
    await touch(page.getByRole('button', { name: 'Open the shop' }))
    await page.getByRole('link', { name: 'A machine comes in' }).first().waitFor()
}

const click = async (what: Locator) => what.click()
const fill = async (at: Locator, text: string) => at.fill(text)

test('from an unbegun shop to the first verdict on one’s own engine', async ({ page, shop: _ }) => {
    let touches = 0
    let characters = 0
    const begun = Date.now()
    const touch = async (what: Locator) => {
        touches++
        await what.click()
    }
    const type = async (at: Locator, text: string) => {
        await touch(at)
        characters += text.length
        await at.fill(text)
    }
    await begin(page, touch, type)
    await touch(page.getByRole('link', { name: 'A machine comes in' }).first())
    await touch(page.getByRole('button', { name: 'Not in the spec book' }))
    const engine = page.getByRole('region', { name: 'An engine that is not in the spec book' })
    await type(engine.getByLabel('Make'), 'Tarnwick')
    await type(engine.getByLabel('Model'), '250')
    await type(engine.getByLabel('What it is'), 'trail bike')
    await touch(engine.getByRole('button', { name: 'two-stroke' }))
    await type(engine.getByLabel('Bore, mm'), '66.4')
    await type(engine.getByLabel('Stroke, mm'), '72')
    await touch(engine.getByRole('button', { name: 'Into the spec book' }))
    await type(page.getByLabel('Whose it is'), 'Me')
    await touch(page.getByRole('radio', { name: /^apart/ }))
    await touch(page.getByRole('button', { name: 'Take it in' }))
    await page.waitForURL(/\/jobs\/\d+$/)
    const number = Number(page.url().split('/').pop())
    // this shop counts its own jobs from one
    expect(number).toBe(1)
    await page.goto(`/jobs/${number}?at=ring_gap.1.top`)
    await type(page.getByRole('textbox', { name: /^Top ring end gap.*passes$/ }), '0.30')
    await page.keyboard.press('Enter')
    characters += '0.35'.length
    await page.getByRole('textbox', { name: /^Top ring end gap.*refuses$/ }).fill('0.35')
    await page.keyboard.press('Enter')
    await page.keyboard.press('Escape')
    await taken(page, number)
    const gap = page.getByRole('region', { name: /^Top ring end gap/ }).first()
    await touch(gap.getByRole('button', { name: 'Type its limit' }))
    const limit = page.getByRole('dialog', { name: /^Limit: top ring end gap/ })
    await type(limit.getByLabel('As the manual prints it'), '0.25 to 0.4 mm')
    await touch(limit.getByRole('button', { name: 'Onto the sheet' }))
    await expect(gap.getByText('Fits')).toBeVisible()
    const seconds = Math.round((Date.now() - begun) / 1000)
    console.log(`unbegun shop to the first own verdict: ${touches} touches, ${characters} characters, ${seconds} s`)
    expect(touches).toBeLessThan(60)
    expect(characters).toBeLessThan(120)
    expect(seconds).toBeLessThan(600)
})

test('the owner adds an apprentice, who begins by a code and is refused what is the owner’s', async ({
    page,
    browser,
}) => {
    await begin(page, click, fill)
    await page.getByRole('button', { name: 'Mairi Holm, owner' }).click()
    await page.getByRole('link', { name: 'The shop, its people, your password' }).click()
    await page.getByRole('button', { name: 'Add somebody' }).click()
    const form = page.getByRole('dialog', { name: 'Somebody new' })
    await form.getByLabel('Name').fill('Joss Pell')
    await form.getByLabel('Signs in as').fill('mairi')
    await form.getByLabel('Initials').fill('JP')
    await form.getByRole('button', { name: 'Apprentice' }).click()
    await form.getByRole('button', { name: 'Add, and give a code' }).click()
    // what is wrong is said at its field, and nothing typed is lost
    await expect(form.getByText(/Mairi Holm has that already/)).toBeVisible()
    await expect(form.getByLabel('Initials')).toHaveValue('JP')
    await form.getByLabel('Signs in as').fill('joss')
    await form.getByRole('button', { name: 'Add, and give a code' }).click()
    const slip = page.getByRole('dialog', { name: 'A code for Joss Pell' })
    const code = ((await slip.getByTestId('code').textContent()) ?? '').trim()
    await slip.getByRole('button', { name: 'It has been written down' }).click()
    await expect(page.getByText('has a code, not used yet')).toBeVisible()
    await sound(page)

    const origin = new URL(page.url()).origin
    const context = await browser.newContext({ baseURL: origin })
    await context.addCookies([{ name: 'moltrek_shop', value: 'own', url: origin }])
    const bench = await context.newPage()
    await bench.goto('/welcome')
    await bench.getByLabel('Code').fill(code.toUpperCase())
    await bench.getByRole('button', { name: 'Go on' }).click()
    await expect(bench.getByRole('heading', { name: 'Joss Pell' })).toBeVisible()
    await bench.getByLabel('Your password').fill('password1')
    await bench.getByRole('button', { name: 'To the bench' }).click()
    await expect(bench.getByText(/tried first everywhere/)).toBeVisible()
    await bench.getByLabel('Your password').fill('wrench in the bilge')
    await bench.getByRole('button', { name: 'To the bench' }).click()
    await bench.getByRole('button', { name: 'Joss Pell, apprentice' }).waitFor()
    await bench.goto('/shop')
    await expect(bench.getByRole('heading', { name: 'Your password' })).toBeVisible()
    await expect(bench.getByRole('heading', { name: 'People' })).toHaveCount(0)
    expect((await bench.request.get('/api/people')).status()).toBe(403)
    // a code is used once
    await bench.goto(`/welcome/${code}`)
    await expect(bench.getByRole('heading', { name: 'This code is no good any more' })).toBeVisible()

    // who may no longer sign in is out at once
    await page.getByRole('button', { name: 'Change Joss Pell' }).click()
    await page.getByRole('button', { name: 'May no longer sign in' }).click()
    await expect(page.getByText('may not sign in', { exact: true })).toBeVisible()
    await bench.goto('/')
    await expect(bench.getByRole('heading', { name: 'Who is at the bench?' })).toBeVisible()
    await context.close()
})

test('the shop for practice stands beside the own one, and neither sign-in nor entry of one reaches the other', async ({
    page,
}) => {
    await begin(page, click, fill)
    expect((await page.request.get('/api/jobs/214')).status()).toBe(404)
    await page.getByRole('button', { name: 'sign out' }).click()
    await page.getByRole('button', { name: 'To the shop for practice' }).click()
    await expect(page.getByText('Brannoch Slip Engine Room, made up, for practice')).toBeVisible()
    await signIn(page, 'isla')
    await expect(page.getByText('practice', { exact: true })).toBeVisible()
    expect((await page.request.get('/api/jobs/214')).status()).toBe(200)
    // the owner throws it away: it is open to nobody any more
    const context = page.context()
    await context.addCookies([{ name: 'moltrek_shop', value: 'own', url: page.url() }])
    await page.goto('/sign-in')
    await page.getByLabel('Name').fill('mairi')
    await page.getByLabel('Password').fill(OWNER)
    await page.getByRole('button', { name: 'Sign in' }).click()
    await page.getByRole('button', { name: 'Mairi Holm, owner' }).waitFor()
    await page.goto('/shop')
    await page.getByRole('button', { name: 'Throw it away' }).click()
    await expect(page.getByText('It is closed: nobody can open it.', { exact: false })).toBeVisible()
    await context.addCookies([{ name: 'moltrek_shop', value: 'practice', url: page.url() }])
    expect((await (await page.request.get('/api/shop')).json()).key).toBe('own')
})
