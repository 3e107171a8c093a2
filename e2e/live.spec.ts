import { elsewhere, expect, taken, test } from './shop'

const NOTES = 8

test('a second tablet is told what the first enters, on the bench and on the floor', async ({ bench }) => {
    await bench.goto('/jobs/214')
    await taken(bench, 214)
    const petra = await elsewhere(bench, 'petra')
    await petra.goto('/jobs/214')
    await taken(petra, 214)
    const floor = await elsewhere(bench, 'isla')
    await floor.goto('/')
    const told = floor.waitForResponse((answer) => answer.url().endsWith('/api/events'))
    await floor.reload()
    await told

    const slip = bench.getByRole('complementary', { name: 'Slip' })
    const took: number[] = []
    for (let note = 1; note <= NOTES; note++) {
        await slip.getByPlaceholder('Write a note').fill(`Note ${note} of the first tablet`)
        const entered = Date.now()
        await slip.getByRole('button', { name: 'Write', exact: true }).click()
        await petra.waitForFunction((text) => document.body.textContent?.includes(text), `Note ${note} of the first`)
        took.push(Date.now() - entered)
    }
    took.sort((one, other) => one - other)
    console.log(
        `from the touch on one tablet to the line on another: median ${took[NOTES / 2]} ms, longest ${took.at(-1)} ms`,
    )
    // by itself a tablet asks every twenty seconds; how fast it is on a quiet machine is measured by ./moltrek bench
    expect(took.at(-1)).toBeLessThan(8000)

    // the floor is asked for again too, with nobody touching it
    const again = floor.waitForResponse((answer) => answer.url().endsWith('/api/floor'), { timeout: 5000 })
    await slip.getByPlaceholder('Write a note').fill('One more')
    await slip.getByRole('button', { name: 'Write', exact: true }).click()
    await again
})
