import { broughtTo, doNext, expect, jobOf, sound, taken, takenIn, test } from './shop'

const slabOf = (job: Awaited<ReturnType<typeof jobOf>>, id: string) => job.stack.slabs.find((slab) => slab.id === id)

test('a V-twin’s rocker boxes only: opened, set and closed again, and the barrels never asked for', async ({
    bench,
}) => {
    const number = await takenIn(bench, /Pellgrove 1092(?!,)/, 'valve clearance')
    const done: string[] = []
    for (let turn = 0; turn < 60 && (await taken(bench, number)).planning.next.kind !== 'none'; turn++) {
        done.push(await doNext(bench, number))
        if (done.length === 8) {
            await sound(bench)
        }
    }
    const job = await jobOf(bench, number)
    expect(job.planning.steps.filter((step) => step.state !== 'done')).toEqual([])
    expect(job.planning.steps.some((step) => /barrel|head-|piston/.test(step.id))).toBe(false)
    expect(done.indexOf('set.rods.front')).toBeLessThan(done.indexOf('hold.cover-front'))
    expect(done.at(-1)).toBe('start.first')
})

test('the ignition only: read as it stands, set under the rotor, read again', async ({ bench }) => {
    const number = await takenIn(bench, /Ulvane 139/, 'ignition')
    const done: string[] = []
    for (let turn = 0; turn < 20 && (await taken(bench, number)).planning.next.kind !== 'none'; turn++) {
        done.push(await doNext(bench, number))
    }
    const inOrder = ['read.ignition', 'set.ignition', 'pull.rotor', 'time.ignition', 'hold.start', 'start.first']
    expect(done.filter((id) => inOrder.includes(id))).toEqual(inOrder)
    expect(slabOf(await jobOf(bench, number), 'head')?.state).toBe('torqued')
})

test('a two-stroke’s exhaust valve: stripped, cleaned and proved before the barrel goes on', async ({ bench }) => {
    const number = await takenIn(bench, /Skarn 594/, 'exhaust valve')
    await broughtTo(bench, number, 'off.exhaust-valve')
    await bench.getByRole('button', { name: /^Barrels, pistons, rings/ }).click()
    await expect(bench.getByText(/its thread is left-hand/).first()).toBeVisible()
    // what drives it was let go before the barrel came up
    const off = (await jobOf(bench, number)).planning.steps
    expect(off.find((step) => step.id === 'off.exhaust-linkage')?.state).toBe('done')
    await broughtTo(bench, number, 'on.exhaust-valve')
    await bench.getByRole('button', { name: /^Barrels, pistons, rings/ }).click()
    await expect(bench.getByText(/Proof: open, the port is clear/).first()).toBeVisible()
    await sound(bench)
    const before = await jobOf(bench, number)
    expect(before.planning.steps.find((step) => step.id === 'hold.barrel')?.needs).toContain('on.exhaust-valve')
    await broughtTo(bench, number, 'hold.barrel')
    await expect(bench.getByText('Exhaust valve opens and closes fully by finger').first()).toBeVisible()
})

test('a triple is lowered over its outer pair first, in the order the mechanic likes', async ({ bench }) => {
    const number = await takenIn(bench, /Ferrant 738/, 'bore and piston')
    await broughtTo(bench, number, 'on.barrel.1')
    await bench.getByRole('button', { name: /^Barrel block/ }).click()
    for (const cylinder of ['Left', 'Right', 'Middle']) {
        await bench.getByRole('button', { name: new RegExp(`Tick: ${cylinder} cylinder at top dead centre`) }).click()
        await expect(
            bench.getByRole('button', { name: new RegExp(`^${cylinder} cylinder at top dead centre.*done$`) }),
        ).toBeVisible()
    }
    await bench.getByRole('button', { name: /^Tick: Clamps and props out/ }).click()
    expect(slabOf(await taken(bench, number), 'barrel')?.state).not.toBe('off')
})

test('pistons go into the barrel on the bench, and it rests on them until pins and clips are in', async ({ bench }) => {
    const number = await takenIn(bench, /Ostrel 608/, 'bore and piston')
    await broughtTo(bench, number, 'on.pin.1')
    const steps = (await jobOf(bench, number)).planning.steps
    expect(steps.find((step) => step.id === 'on.piston.1')?.state).toBe('done')
    expect(steps.find((step) => step.id === 'on.barrel')?.canBeDone).toBe(false)
    const stack = bench.getByRole('navigation', { name: /The engine/ })
    await stack.getByRole('button', { name: /^Barrels, pistons, rings/ }).click()
    await bench.getByRole('button', { name: /^Tick: Cylinder 1: pin and bush oiled/ }).click()
    await expect(stack.getByText('resting on its pistons')).toBeVisible()
    await broughtTo(bench, number, 'on.barrel')
    await stack.getByRole('button', { name: /^Barrels, pistons, rings/ }).click()
    await bench.getByRole('button', { name: /^Tick: Props out, barrel let down/ }).click()
    await expect(stack.getByText('resting on its pistons')).toBeHidden()
})

test('bores in the upper case: pistons from above, caps from below, and the crank turned only then', async ({
    bench,
}) => {
    const number = await takenIn(bench, /Brindlecote 812/, 'bore and piston')
    await broughtTo(bench, number, 'pull.barrel')
    const needs = new Map((await jobOf(bench, number)).planning.steps.map((step) => [step.id, step.needs]))
    expect(needs.get('on.piston.1')).toContain('pull.barrel')
    expect(needs.get('on.rod-cap.1')).toContain('on.piston.1')
    expect(needs.get('turn.barrel')).toEqual(expect.arrayContaining(['on.rod-cap.1', 'on.rod-cap.2']))
    await broughtTo(bench, number, 'on.rod-cap.1')
    await expect(bench.getByText(/rod cap on its own rod, marks together/).first()).toBeVisible()
    await broughtTo(bench, number, 'turn.barrel')
    await sound(bench)
})

test('neighbouring work is put into the order, and one of its steps kept on the sheet', async ({ bench }) => {
    const number = await takenIn(bench, /Ulvane 139/, 'head')
    await bench.getByRole('button', { name: 'add a step' }).first().click()
    await bench.getByRole('button', { name: 'Reed valve', exact: true }).click()
    const job = await taken(bench, number)
    expect(job.planning.steps.filter((step) => step.isOwn).map((step) => step.id)).toEqual([
        'own-off-reed-valve',
        'own-hold-reed-valve',
        'own-on-reed-valve',
    ])
    expect(job.planning.steps.find((step) => step.id === 'off.plug.1')?.needs).toContain('own-off-reed-valve')
    await bench
        .getByRole('navigation', { name: /The engine/ })
        .getByRole('button', { name: /^Case/ })
        .click()
    await bench.getByRole('button', { name: 'keep it on the sheet' }).first().click()
    await expect(bench.getByText(/kept in version 2 of the sheet/)).toBeVisible()
})
