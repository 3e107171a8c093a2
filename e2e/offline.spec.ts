import { expect, jobOf, restartServer, signIn, stopServer, taken, test } from './shop'

test.use({ serviceWorkers: 'allow' })

const ENTRIES = 30

test('reloaded with the server gone: the job as last seen, thirty entries laid over it, each in the log once afterwards', async ({
    bench,
}) => {
    const kept = (path: string) =>
        bench.evaluate(async (address) => Boolean(await (await caches.open('moltrek-answers')).match(address)), path)
    await bench.evaluate(async () => {
        await navigator.serviceWorker.ready
        while (!navigator.serviceWorker.controller) {
            await new Promise((resolve) => setTimeout(resolve, 50))
        }
    })
    await bench.goto('/jobs/214')
    const before = await taken(bench, 214)
    // a job that was never opened on this tablet is kept while nobody waits
    await expect.poll(() => kept('/api/jobs/217'), { timeout: 30_000 }).toBe(true)

    stopServer()
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    for (let entry = 1; entry <= ENTRIES; entry++) {
        await slip.getByPlaceholder('Write a note').fill(`Away ${entry}.`)
        await slip.getByRole('button', { name: 'Write', exact: true }).click()
    }
    await bench.reload()
    const line = bench.getByRole('status').filter({ hasText: 'No network' })
    await expect(line).toContainText(`No network: ${ENTRIES} entries kept here`)
    await expect(line).toContainText(/as last seen \d\d:\d\d/)
    await expect(slip.getByText('Away 1.', { exact: true })).toBeVisible()
    await expect(slip.getByText(`Away ${ENTRIES}.`, { exact: true })).toBeVisible()
    await bench.goto('/jobs/217')
    await expect(bench.getByRole('navigation', { name: /The engine/ })).toBeVisible()
    await bench.goto('/')
    await expect(bench.getByRole('heading', { level: 1 }).first()).toBeVisible()

    restartServer()
    await bench.goto('/jobs/214')
    const { log } = await taken(bench, 214)
    const notes = log.slip.map((each) => each.text).filter((text) => text.includes('Away '))
    expect(notes.sort()).toEqual(Array.from({ length: ENTRIES }, (_, at) => `Away ${at + 1}.`).sort())
    expect(log.slip.length).toBe(before.log.slip.length + ENTRIES)
})

test('what was kept goes with whoever signs out', async ({ bench }) => {
    await bench.evaluate(async () => {
        await navigator.serviceWorker.ready
    })
    await bench.goto('/jobs/214')
    await taken(bench, 214)
    await bench.getByRole('button', { name: 'sign out' }).click()
    await bench.getByRole('heading', { name: 'Who is at the bench?' }).waitFor()
    expect(
        await bench.evaluate(async () => Boolean(await (await caches.open('moltrek-answers')).match('/api/jobs/214'))),
    ).toBe(false)
    await signIn(bench, 'petra')
    expect((await jobOf(bench, 214)).number).toBe(214)
})
