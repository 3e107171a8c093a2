// The page ends within the keystroke that enters something: by a reload, or closed and opened again. A hundred of each for
// notes, readings and reasons together, with seeded delays: nothing lost, nothing doubled, no draft of what is stored.
import { dice, finish, must, note, open, pause, sent, tablet, times, trial, withBrowser } from './harness.mjs'

const TRIALS = Number(process.env.MOLTREK_TRIALS ?? 100)
const SPOTS = ['piston.left', 'piston.right', 'bore.left.across.14', 'bore.left.along.14', 'bore.left.across.36']

async function endPage(way, context, page) {
    if (way === 'reload') {
        await page.reload()
        return page
    }
    await page.close()
    const next = await context.newPage()
    await open(next)
    return next
}

/** One entry of a kind, cut off after a delay; answers what stands in the log and in the field afterwards. */
const KINDS = {
    async note(page, number, cut) {
        const text = `note number ${number}`
        await page.getByRole('textbox', { name: 'A note for the slip' }).fill(text)
        const after = await cut(() => page.keyboard.press('Enter'))
        await sent(after)
        return { text, draft: await after.getByRole('textbox', { name: 'A note for the slip' }).inputValue(), page: after }
    },
    async reading(page, number, cut) {
        const spot = SPOTS[number % SPOTS.length]
        const figure = (72.4 + number / 10_000).toFixed(4)
        await page.goto(`/jobs/217?at=${spot}`)
        const field = page.locator('input:focus')
        await field.waitFor()
        await field.fill(figure)
        const after = await cut(() => page.keyboard.press('Enter'))
        await sent(after)
        const key = `moltrek:draft:tomas:reading:217:${spot}`
        return { text: `${figure} mm`, draft: (await after.evaluate((name) => localStorage.getItem(name), key)) ?? '', page: after }
    },
    async reason(page, number, cut) {
        await note(page, `wrong ${number}`)
        await sent(page)
        await page.getByRole('button', { name: `Strike out: wrong ${number}` }).first().click()
        const reason = `reason number ${number}`
        await page.getByRole('textbox', { name: 'Why it is struck out' }).fill(reason)
        const after = await cut(() => page.keyboard.press('Enter'))
        await sent(after)
        const kept = await after.evaluate((text) => Object.values({ ...localStorage }).some((value) => value.includes(text)), reason)
        return { reason, draft: kept ? reason : '', page: after }
    },
}

const only = process.env.MOLTREK_KINDS?.split(',') ?? Object.keys(KINDS)

await withBrowser(async (browser) => {
    for (const way of ['reload', 'close']) {
        for (const [kind, enter] of Object.entries(KINDS).filter(([name]) => only.includes(name))) {
            const share = kind === 'reason' ? Math.ceil(TRIALS / 5) : kind === 'note' ? Math.ceil(TRIALS / 2) : Math.ceil(TRIALS / 3)
            await trial(`${share} times ${way} within the keystroke of a ${kind}`, async () => {
                const chance = dice(way.length * 1000 + kind.length)
                let { context, page } = await tablet(browser)
                const lost = []
                const doubled = []
                const drafts = []
                for (let number = 1; number <= share; number++) {
                    const delay = Math.floor(chance() * 40)
                    const told = await enter(page, number + (way === 'close' ? 500 : 0), async (press) => {
                        // the key goes down and the page ends a moment after, without waiting for anything
                        const pressed = press().catch(() => {})
                        await pause(delay)
                        const next = await endPage(way, context, page)
                        await pressed
                        await next.getByRole('textbox', { name: 'A note for the slip' }).waitFor()
                        return next
                    })
                    page = told.page
                    if (told.reason) {
                        const slip = (await (await context.request.get('/api/jobs/217')).json()).log.slip
                        const struck = slip.filter((line) => line.struckReason === told.reason).length
                        if (struck === 0 && told.draft === '') lost.push(told.reason)
                        if (struck === 1 && told.draft !== '') drafts.push(told.reason)
                        continue
                    }
                    const count = await times(context, told.text)
                    if (count === 0 && told.draft === '') lost.push(told.text)
                    if (count > 1) doubled.push(told.text)
                    if (count === 1 && told.draft !== '') drafts.push(told.text)
                }
                await context.close()
                must(lost.length + doubled.length + drafts.length === 0, `lost ${JSON.stringify(lost)}, doubled ${JSON.stringify(doubled)}, drafts of what is stored ${JSON.stringify(drafts)}`)
                return 'none lost, none doubled, no draft left of what is stored'
            })
        }
    }
})
finish()
