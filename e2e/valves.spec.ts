import { broughtTo, elsewhere, expect, sound, taken, test } from './shop'

test('a sixteen-valve four is shimmed from as found to read again: one plan, one shim bought, the shelf counted', async ({
    bench,
}) => {
    await bench.goto('/jobs/216/valves/shims')
    const plan = bench.getByRole('complementary', { name: 'The plan' })
    await expect(plan.getByText('One plan for the whole engine')).toBeVisible()
    await expect(plan.getByText('1 × Shim 2.425 mm')).toBeVisible()
    await expect(bench.getByRole('img', { name: /2in2 2.45 mm, from 1in1/ })).toBeVisible()
    await sound(bench)
    await expect(plan.getByText('on order with the plan')).toBeVisible()
    await plan.getByRole('button', { name: 'Keep this plan: 8 change' }).click()
    await expect(plan.getByText('8 shims to fit, 1 of the plan bought')).toBeVisible()
    await expect(plan.getByText('ordered; the parts page waits for them')).toBeVisible()
    for (const valve of ['1in1', '1ex1', '2in2', '2ex1', '3in2', '3ex1', '4ex1', '4ex2']) {
        await bench.getByRole('button', { name: new RegExp(`^${valve}: .* is in$`) }).click()
    }
    await expect(plan.getByText('In. Timed and turned, then read again')).toBeVisible()
    const job = await taken(bench, 216)
    expect(job.planning.steps.find((step) => step.id === 'on.shims')?.state).toBe('done')
    const shelf = await (await bench.request.get('/api/shelf')).json()
    expect(shelf.find((lies: { part: string }) => lies.part === 'Shim 2.40 mm').count).toBe(0)

    await broughtTo(bench, 216, 'set.lash.1in1')
    await bench.goto('/jobs/216/valves')
    const inlets = ['0.16', '0.20']
    for (const valve of ['1in1', '1in2', '2in1', '2in2', '3in1', '3in2', '4in1', '4in2']) {
        await read(valve, inlets)
    }
    for (const valve of ['1ex1', '1ex2', '2ex1', '2ex2', '3ex1', '3ex2', '4ex1', '4ex2']) {
        await read(valve, ['0.22', '0.26'])
    }
    await bench.goto('/jobs/216/valves/shims')
    await expect(plan.getByText('Every clearance inside')).toBeVisible()
    const { planning } = await taken(bench, 216)
    expect(
        planning.steps.filter((step) => step.id.startsWith('set.lash.')).every((step) => step.state === 'done'),
    ).toBe(true)

    async function read(valve: string, [passes, refuses]: string[]) {
        const row = bench.getByRole('form', { name: new RegExp(`cylinder ${valve[0]}$`) }).filter({ hasText: valve })
        await row.getByLabel('passes').fill(passes ?? '')
        await row.getByLabel('does not').fill(refuses ?? '')
        await row.getByLabel('does not').press('Enter')
        await expect(row.getByLabel('passes')).toHaveValue('')
    }
})

test('a V’s rods are let out and bled down: the tablet reloads in the wait, and somebody else says that they spin', async ({
    bench,
}) => {
    await bench.goto('/jobs/218/valves/rods')
    const front = bench.getByRole('listitem', { name: 'front cylinder' })
    await expect(front.getByText('3 turns and 1 flat')).toBeVisible()
    await front.getByRole('button', { name: 'Both let out, bleeding down' }).click()
    await expect(bench.getByText('Do not turn the crank: front cylinder, its lifters are loaded.')).toBeVisible()
    await taken(bench, 218)
    await bench.reload()
    await expect(front.getByRole('timer')).toContainText(/1\d:\d\d/)
    // the crank stands: loading the other cylinder would turn it to its own top
    const { planning } = await taken(bench, 218)
    expect(planning.steps.find((step) => step.id === 'on.rods.rear')?.state).toBe('blocked')

    const second = await elsewhere(bench, 'petra')
    await second.goto('/jobs/218/valves/rods')
    const hers = second.getByRole('listitem', { name: 'front cylinder' })
    await hers.getByRole('button', { name: 'inlet rod spins' }).click()
    const release = hers.getByRole('button', { name: 'Each spins by finger: the crank may be turned' })
    await expect(release).toBeDisabled()
    await hers.getByRole('button', { name: 'exhaust rod spins' }).click()
    await release.click()
    await expect(hers.getByText('Bled down, the crank may be turned')).toBeVisible()
    await taken(second, 218)
    await second.context().close()
    await bench.reload()
    await expect(front.getByText('Bled down, the crank may be turned')).toBeVisible()
    await expect(front.getByText('inlet and exhaust rods spin by finger, PQ')).toBeVisible()

    await bench.getByRole('link', { name: 'Small parts' }).click()
    await bench.getByLabel('Rod of rearin, mm').fill('274')
    await bench.getByLabel('Rod of rearin, mm').press('Enter')
    await expect(bench.getByRole('alert')).toContainText('That is the length of an exhaust rod')
    await sound(bench)
})

test('a triple’s six valves are read in two crank positions, screw by screw', async ({ bench }) => {
    await bench.goto('/jobs/220/valves')
    await expect(bench.getByText('2 crank positions for 6 valves')).toBeVisible()
    const first = bench.getByRole('listitem', { name: /^Position 1: Left cylinder at its top, on compression/ })
    const second = bench.getByRole('listitem', { name: /^Position 2: Left cylinder at its top, on overlap/ })
    const read = async (place: typeof first, name: string, passes: string, refuses: string) => {
        const row = place.getByRole('form', { name })
        await row.getByLabel('passes').fill(passes)
        await row.getByLabel('does not').fill(refuses)
        await row.getByLabel('does not').press('Enter')
        await expect(row.getByLabel('does not')).toHaveValue('')
    }
    await read(first, 'inlet valve, left cylinder', '0.13', '0.15')
    await read(first, 'exhaust valve, left cylinder', '0.25', '0.28')
    await expect(first.getByText('Out, too wide')).toBeVisible()
    await read(first, 'exhaust valve, middle cylinder', '0.20', '0.22')
    await read(first, 'inlet valve, right cylinder', '0.13', '0.15')
    await expect(first.getByText(/all read here/)).toBeVisible()
    await read(second, 'inlet valve, middle cylinder', '0.13', '0.15')
    await read(second, 'exhaust valve, right cylinder', '0.18', '0.20')

    // as found they are all read: one is set and read again, the others stay
    await expect(first.getByText(/a lock that moves it is the usual fault/)).toBeVisible()
    await read(first, 'exhaust valve, left cylinder', '0.18', '0.20')
    for (const place of [first, second]) {
        const stays = place.getByRole('button', { name: 'Stays as found' })
        while ((await stays.count()) > 0) {
            const left = await stays.count()
            await stays.first().click()
            await expect(stays).toHaveCount(left - 1)
        }
        await expect(place.getByText(/all read here/)).toBeVisible()
    }
    const { planning } = await taken(bench, 220)
    expect(
        planning.steps.filter((step) => step.id.startsWith('set.lash.')).every((step) => step.state === 'done'),
    ).toBe(true)
    await sound(bench)
})
