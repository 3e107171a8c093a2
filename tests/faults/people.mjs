// Whose it is and when it was: a wrong clock, an expired session, another person at the same tablet, two tablets at one job,
// a job that is gone, an entry that the server fails on.
import { ADDRESS, finish, JOB, log, must, note, open, pause, sent, shell, signIn, tablet, times, trial, withBrowser } from './harness.mjs'

await withBrowser(async (browser) => {
    await trial('typed under a clock two hours slow, sent after it was put right', async () => {
        const context = await browser.newContext({ baseURL: ADDRESS, viewport: { width: 1280, height: 800 } })
        const page = await context.newPage()
        await page.clock.install({ time: Date.now() - 7_200_000 })
        await signIn(page, 'tomas')
        await open(page)
        await context.setOffline(true)
        const typed = Date.now()
        await note(page, 'by a slow clock')
        await page.clock.setSystemTime(Date.now())
        await context.setOffline(false)
        await page.clock.runFor(5000)
        await sent(page)
        const line = (await log(context)).find((each) => each.text === 'by a slow clock')
        await context.close()
        const out = Math.abs(Date.parse(line.at) - typed) / 1000
        must(out < 60, `it stands at ${line.at}, ${out.toFixed(0)} s from when it was typed`)
        return `out by ${out.toFixed(1)} s`
    })

    await trial('the session expires; the entry waits for whoever typed it', async () => {
        const { context, page } = await tablet(browser, 'tomas')
        const cookies = await context.cookies()
        await context.clearCookies()
        await note(page, 'typed by Tomas without a session')
        await page.getByText(/Signed out: 1 entry kept/).waitFor()
        must((await times({ request: (await tabletRequest(browser)).request }, 'typed by Tomas without a session')) === 0, 'it was sent without a session')
        await signIn(page, 'petra')
        await open(page)
        await page.getByText(/tomas must sign in to send 1 entry/).waitFor()
        await pause(4000)
        must((await times(context, 'typed by Tomas without a session')) === 0, 'it was sent under Petra')
        await page.getByRole('button', { name: 'sign out' }).click()
        await page.waitForURL(/sign-in/)
        await signIn(page, 'tomas')
        await open(page)
        await sent(page)
        const lines = (await log(context)).filter((line) => line.text === 'typed by Tomas without a session')
        await context.close()
        must(lines.length === 1 && lines[0].by === 'TW' && cookies.length > 0, `it stands ${lines.length} times, by ${lines[0]?.by}`)
        return 'kept through another person’s sign-in, sent once under its own'
    })

    await trial('what one person typed and did not enter is not the next person’s', async () => {
        const { context, page } = await tablet(browser, 'tomas')
        await page.getByRole('textbox', { name: 'A note for the slip' }).fill('half a thought of Tomas')
        await page.getByRole('button', { name: 'sign out' }).click()
        await page.waitForURL(/sign-in/)
        await signIn(page, 'petra')
        await open(page)
        const hers = await page.getByRole('textbox', { name: 'A note for the slip' }).inputValue()
        await page.getByRole('button', { name: 'sign out' }).click()
        await page.waitForURL(/sign-in/)
        await signIn(page, 'tomas')
        await open(page)
        const his = await page.getByRole('textbox', { name: 'A note for the slip' }).inputValue()
        await context.close()
        must(hers === '' && his === 'half a thought of Tomas', `hers "${hers}", his "${his}"`)
    })

    await trial('two tablets on one job at once, one of them an hour without network', async () => {
        const [one, two] = [await tablet(browser, 'tomas'), await tablet(browser, 'petra')]
        await one.context.setOffline(true)
        for (let number = 1; number <= 15; number++) {
            await note(one.page, `first tablet ${number}.`)
            await note(two.page, `second tablet ${number}.`)
        }
        await sent(two.page)
        await one.context.setOffline(false)
        await one.page.reload()
        await sent(one.page)
        const lines = (await log(one.context)).map((line) => line.text)
        const wrong = []
        for (let number = 1; number <= 15; number++) {
            for (const which of ['first', 'second']) {
                const count = lines.filter((text) => text === `${which} tablet ${number}.`).length
                if (count !== 1) wrong.push(`${which} ${number}: ${count}`)
            }
        }
        await one.context.close()
        await two.context.close()
        must(wrong.length === 0, wrong.join('; '))
        return '30 entries, each once'
    })

    await trial('a job that is gone and an entry that the server fails on hold up nothing', async () => {
        const { context, page } = await tablet(browser)
        await context.setOffline(true)
        await note(page, 'before the bad ones')
        // what another version of this page may have left behind
        await page.evaluate(async (job) => {
            const database = await new Promise((resolve, reject) => {
                const request = indexedDB.open('moltrek')
                request.onsuccess = () => resolve(request.result)
                request.onerror = () => reject(request.error)
            })
            const entry = (id, of, text) => ({ id, job: of, kind: 'note_written', payload: { text }, happenedAt: new Date().toISOString(), clockOffset: 0, by: 'tomas', label: text, refusal: null, held: false })
            const change = database.transaction('entries', 'readwrite')
            change.objectStore('entries').put(entry('01900000-0000-7000-8000-0000000000f1', 99999, 'for a job that is gone'))
            change.objectStore('entries').put(entry('01900000-0000-7000-8000-0000000000f2', job, 'with a \u0000 in it'))
            await new Promise((resolve) => (change.oncomplete = resolve))
            database.close()
        }, JOB)
        await note(page, 'after the bad ones')
        await context.setOffline(false)
        await page.reload()
        await page.getByRole('button', { name: '2 entries refused' }).click()
        const dialog = page.getByRole('dialog', { name: /Kept here/ })
        await dialog.getByText('Job 99999 is not there any more').waitFor()
        must((await times(context, 'before the bad ones')) === 1 && (await times(context, 'after the bad ones')) === 1, 'the good ones did not arrive')
        await dialog.getByRole('button', { name: 'Take up its text' }).last().click()
        await page.keyboard.press('Escape')
        const taken = await page.getByRole('textbox', { name: 'A note for the slip' }).inputValue()
        await context.close()
        must(taken.includes('in it') || taken.includes('gone'), `taken up: "${taken}"`)
        return 'both shown refused, the others sent'
    })

    await trial('addresses and bodies that nobody makes, over the line', async () => {
        const bad = []
        for (const path of ['%00', 'jobs/%00', 'api/jobs/%00', 'api/jobs/99999999999999999999', 'build/%00.js', '..%2f..%2fetc%2fpasswd', 'api/session?x=%00', '%ff%fe']) {
            const answer = await fetch(ADDRESS + path, { headers: { Accept: 'application/json' } })
            if (answer.status >= 500) bad.push(`${path}: ${answer.status}`)
        }
        for (const body of ['{"username":["a"],"password":{}}', '{"username":"a\\u0000","password":"b"}', '[', '\u0000']) {
            const answer = await fetch(`${ADDRESS}api/session`, { method: 'POST', body, headers: { Accept: 'application/json', 'Content-Type': 'application/json' } })
            if (answer.status >= 500) bad.push(`${body}: ${answer.status}`)
        }
        const host = await fetch(`${ADDRESS}api/health`, { headers: { Host: 'elsewhere.example' } }).catch(() => ({ status: 0 }))
        must(bad.length === 0 && host.status < 500, bad.join('; '))
    })
})

/** Another tablet's own way to ask, signed in as the owner. */
async function tabletRequest(browser) {
    const { context } = await tablet(browser, 'isla')
    return { request: context.request, close: () => context.close() }
}
shell('true')
finish()
