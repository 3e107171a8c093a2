import { expect, openedNow, restartServer, taken, test } from './shop'

test('a wait survives reload and a restart of the server, and ends when a person has seen', async ({ bench }) => {
    openedNow()
    await bench.goto('/jobs/203')
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    await expect(slip.getByRole('timer')).toContainText(/^1[0-9]:\d\d$/)
    const [wait] = (await taken(bench, 203)).planning.waits
    restartServer()
    await bench.reload()
    await expect(slip.getByRole('timer')).toBeVisible()
    expect((await taken(bench, 203)).planning.waits[0]?.due).toBe(wait?.due)
    await expect(bench.getByRole('link', { name: /1 wait/ })).toBeVisible()
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Front rocker box/ })
        .click()
    const spins = bench.getByRole('button', { name: /Tick: Front cylinder: bled down/ })
    await expect(spins).toBeDisabled()
    await slip.getByRole('button', { name: 'Both rods spin by finger' }).click()
    await expect(spins).toBeEnabled()
    await expect(slip.getByRole('timer')).toBeHidden()
})
