// The server and the database die in the middle of writing, and come back: every note arrives once.
import { finish, must, note, open, pause, sent, shell, tablet, trial, withBrowser, log } from './harness.mjs'

const NOTES = 40

/** Notes typed one after another while something dies half-way; then it is brought back. */
async function typedThrough(browser, word, die, revive) {
    const { context, page } = await tablet(browser)
    for (let number = 1; number <= NOTES; number++) {
        if (number === NOTES / 2) {
            die()
        }
        await note(page, `${word} ${number}.`)
        await pause(25)
    }
    const said = await page.getByRole('status').first().innerText()
    revive()
    await sent(page, 60_000)
    const lines = (await log(context)).map((line) => line.text)
    const missing = []
    const doubled = []
    for (let number = 1; number <= NOTES; number++) {
        const count = lines.filter((text) => text === `${word} ${number}.`).length
        if (count === 0) missing.push(number)
        if (count > 1) doubled.push(number)
    }
    await context.close()
    must(missing.length + doubled.length === 0, `missing ${missing}, doubled ${doubled}`)
    return said
}

await withBrowser(async (browser) => {
    await trial(`server killed in the middle of ${NOTES} notes`, async () => {
        const said = await typedThrough(browser, 'through a killed server', () => shell('kill -KILL $(server_pid faults); for each in var/run/faults/*.group; do kill -KILL -- -$(cat "$each") || true; done'), () => shell('server_start faults "$MOLTREK_FAULTS_PORT"'))
        must(/No network/.test(said), `the page said "${said}"`)
        return `the page said "${said}"; all arrived once`
    })

    await trial(`database killed in the middle of ${NOTES} notes`, async () => {
        const said = await typedThrough(
            browser, 'through a killed database',
            () => shell('kill -KILL $(as_postgres head -n 1 "$(cluster_dir)/data/postmaster.pid")'),
            () => shell('database_start >/dev/null'),
        )
        must(/Server starting|Sending|^$/.test(said), `the page said "${said}"`)
        return `the page said "${said}"; all arrived once`
    })

    await trial('the disk of the database is full while notes are typed', async () => {
        const psql = (sql) => shell(`database_psql moltrek_faults -c "${sql}"`)
        psql("create or replace function disk_is_full() returns trigger language plpgsql as 'begin raise exception using errcode = ''disk_full'', message = ''no space left on device''; end'")
        const said = await typedThrough(browser, 'through a full disk',
            () => psql('create trigger full_disk before insert on log_entries for each statement execute function disk_is_full()'),
            () => psql('drop trigger full_disk on log_entries'))
        must(/Disk of the server full/.test(said), `the page said "${said}"`)
        return `the page said "${said}"; all arrived once`
    })

    await trial('this tablet’s own store is full', async () => {
        const { context, page } = await tablet(browser)
        await page.evaluate(() => {
            try {
                for (let piece = 0; ; piece++) {
                    localStorage.setItem(`filler${piece}`, 'x'.repeat(250_000))
                }
            } catch {
                for (let left = 4000; left > 0; left -= 100) {
                    try {
                        localStorage.setItem(`crumb${left}`, 'x'.repeat(left))
                    } catch {}
                }
            }
        })
        await note(page, 'written with a full store')
        await sent(page)
        const count = (await log(context)).filter((line) => line.text === 'written with a full store').length
        await context.close()
        must(count === 1, `it stands ${count} times in the log`)
        return 'the note arrived once'
    })
})
finish()
