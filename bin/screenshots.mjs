// Takes the pictures of docs/screenshots from the running demo: node bin/screenshots.mjs [address] [name …]
// The last ones work on jobs until a step stands before them; ./moltrek reset makes the demo as new again.
import { readFileSync } from 'node:fs'
import { chromium } from '@playwright/test'
import { v7 as uuidv7 } from 'uuid'

const [address = 'http://127.0.0.1:8080', ...only] = process.argv.slice(2)
const passwords = JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8'))
const flags =
    '--no-sandbox --disable-gpu --disable-quic --no-first-run --disable-background-networking --disable-component-update --disable-sync'

/** name: [path, theme, what to do there] */
const SHOTS = {
    floor: ['/', 'day'],
    build: ['/jobs/214', 'day'],
    'ring-clock': ['/jobs/203/rings', 'day'],
    toolbox: ['/toolbox', 'day'],
    'spec-book': ['/spec-book/ostrel-608', 'day'],
    'build-v-twin': ['/jobs/203', 'day'],
    // four engines at rest on one picture
    timing: [['/jobs/214/timing', '/jobs/229/timing', '/jobs/203/timing', '/jobs/224/timing'], 'day', (page) => page.getByRole('button', { name: 'To its top' }).waitFor()],
    ignition: ['/jobs/215/timing/ignition', 'day', (page) => page.getByText('Too late by 0.7°').waitFor()],
    dates: ['/dates', 'day'],
    record: [
        '/jobs/222/record',
        'day',
        (page) => page.getByRole('heading', { name: 'Torque' }).evaluate((heading) => heading.scrollIntoView()),
    ],
    'new-engine': [
        '/intake',
        'day',
        async (page) => {
            await page.getByRole('button', { name: 'Not in the spec book' }).click()
            const engine = page.getByRole('region', { name: 'An engine that is not in the spec book' })
            await engine.getByLabel('Make').fill('Tarnwick')
            await engine.getByLabel('Model').fill('600 Gable')
            await engine.getByLabel('What it is').fill('road bike')
            for (const answer of ['four-stroke', '2', 'two cams above', 'plated']) {
                await engine.getByRole('button', { name: answer, exact: true }).click()
            }
            await engine.getByLabel('Bore, mm').fill('84')
            await engine.getByLabel('Stroke, mm').fill('54')
            await engine.getByText(/598.5 cm³/).waitFor()
            await engine.evaluate((region) => region.scrollIntoView())
        },
    ],
    'torque-map': [
        '/jobs/229/torque/pull.head',
        'day',
        async (page) => {
            await page.getByRole('button', { name: /with the simulated wrench/ }).click()
            await page.locator('[data-bolt=h5][data-mark=due]').waitFor()
            await page.locator('aside').evaluate((aside) => aside.scrollTo(0, 0))
        },
    ],
    thickness: [
        '/jobs/230/thickness/1',
        'day',
        async (page) => {
            await page.getByRole('button', { name: /^Base gasket 0.25 1 piece/ }).click()
            await page.getByRole('button', { name: 'Decide: Base gasket 0.25' }).waitFor()
            await page.getByText('1.38 →').waitFor()
        },
    ],
    shop: ['/shop', 'day'],
    'sheet-editor': [
        '/spec-book/harbick-421/edit/bolts',
        'day',
        async (page) => {
            await page.locator('[data-place="programmes.0"] button').first().click()
            await page.locator('[data-place="programmes.0.stages.1"] button').first().click()
            await page.getByLabel('programmes: as the manual prints it').fill('40 ± 2 N·m')
            await page.getByText('Understood: 38 N·m to 42 N·m').waitFor()
            await page.getByRole('img', { name: /bolts from above/ }).waitFor()
        },
    ],
    'lash-positions': ['/jobs/220/valves', 'day', (page) => page.getByText('2 crank positions for 6 valves').waitFor()],
    'shim-plan': ['/jobs/216/valves/shims', 'day', (page) => page.getByText('One plan for the whole engine').waitFor()],
    'leak-test': ['/jobs/222/closing/tests', 'night', (page) => page.getByText('Leaks: 2.1 kPa a minute').waitFor()],
    rods: [
        '/jobs/218/valves/rods',
        'day',
        async (page) => {
            await enter(page, 218, ['rods_let_out', { cylinder: 'front', flats: 19 }])
            await page.reload()
            await page.getByText('Do not turn the crank').waitFor()
        },
    ],
}

/** What is entered by another hand: through the same door as the page's own entries. */
async function enter(page, number, ...acts) {
    const cookies = await page.context().cookies()
    const token = decodeURIComponent(cookies.find((cookie) => cookie.name === 'XSRF-TOKEN')?.value ?? '')
    const happened_at = new Date().toISOString()
    await page.request.post(`/api/jobs/${number}/entries`, {
        headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
        data: { entries: acts.map(([kind, payload]) => ({ id: uuidv7(), kind, payload, happened_at })) },
    })
}

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell', args: flags.split(' ') })
const context = await browser.newContext({ baseURL: address, viewport: { width: 1280, height: 800 }, locale: 'en-GB' })
const page = await context.newPage()
const picture = async (name) => {
    await page.evaluate(() => document.fonts.ready)
    await page.waitForTimeout(300)
    await page.screenshot({ path: `docs/screenshots/${name}.png` })
    console.log(name)
}
/** Several pages on one picture, two beside each other. */
async function sheetOf(name, paths, act) {
    const shots = []
    for (const path of paths) {
        await page.goto(path)
        await page.getByRole('main').waitFor()
        await act?.(page)
        await page.waitForTimeout(600)
        shots.push((await page.screenshot()).toString('base64'))
    }
    const images = shots.map((shot) => `<img width="640" src="data:image/png;base64,${shot}">`).join('')
    const blank = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await blank.setContent(`<body style="margin:0;display:grid;grid-template-columns:640px 640px">${images}</body>`)
    await blank.screenshot({ path: `docs/screenshots/${name}.png` })
    await blank.close()
    console.log(name)
}

await page.goto('/sign-in')
await page.getByLabel('Name').waitFor()
await page.getByLabel('Name').fill('isla')
await page.getByLabel('Password').fill(passwords.isla)
await page.getByRole('button', { name: 'Sign in' }).click()
await page.waitForURL((url) => !url.pathname.includes('sign-in'))
await page.getByRole('main').waitFor()
for (const [name, [path, theme, act]] of Object.entries(SHOTS)) {
    if (only.length > 0 && !only.includes(name)) {
        continue
    }
    await page.evaluate((value) => localStorage.setItem('moltrek:theme', JSON.stringify(value)), theme)
    if (Array.isArray(path)) {
        await sheetOf(name, path, act)
        continue
    }
    await page.goto(path)
    await page.getByRole('main').waitFor()
    await act?.(page)
    await picture(name)
}
await browser.close()
