import { broughtTo, doNext, engineLike, expect, jobOf, say, sound, taken, takenIn, test } from './shop'

const stepOf = (job: Awaited<ReturnType<typeof jobOf>>, id: string) => job.planning.steps.find((step) => step.id === id)

/** A clearance between two leaves, as the log has it. */
const lash = (valve: string, passes: string, refuses: string) => ({
    kind: 'reading_taken',
    payload: {
        spot: `valve_lash.${valve[0]}.${valve}`,
        reading: { passes: `${passes} mm`, refuses: `${refuses} mm` },
        tool: 'f1',
    },
})

test('a clearance check that finds every valve inside ends with the cover back on, and the cams never out', async ({
    bench,
}) => {
    const number = await takenIn(bench, /Ostrel 608/, 'valve clearance')
    await broughtTo(bench, number, 'read.lash.1in1')
    const valves = (await jobOf(bench, number)).planning.steps.filter((step) => step.id.startsWith('read.lash.'))
    const ids = valves.map((step) => step.id.replace('read.lash.', ''))
    expect(stepOf(await jobOf(bench, number), 'off.cam')).toBeDefined()
    await say(
        bench,
        number,
        ids.map((id) => (id.includes('in') ? lash(id, '0.17', '0.19') : lash(id, '0.23', '0.25'))),
    )
    await bench.reload()
    await expect(bench.locator('#next-move')).toContainText('Before fitting cam cover')
    const job = await taken(bench, number)
    expect(stepOf(job, 'off.cam')).toBeUndefined()
    expect(stepOf(job, 'decide.shims')?.state).toBe('done')
    const done: string[] = []
    for (let turn = 0; turn < 20 && (await taken(bench, number)).planning.next.kind !== 'none'; turn++) {
        done.push(await doNext(bench, number))
    }
    expect(done.slice(0, 3)).toEqual(['hold.cover', 'on.cover', 'pull.cover'])
    expect(done.at(-1)).toBe('start.first')
})

test('a head job on a shim engine: shims out before the head, chosen after the seats, read again', async ({
    bench,
}) => {
    const number = await takenIn(bench, /Ostrel 608/, 'head')
    const steps = new Map((await jobOf(bench, number)).planning.steps.map((step) => [step.id, step.needs]))
    expect(steps.get('off.head')).toContain('off.shims')
    expect(steps.get('decide.shims')).toContain('work.valves')
    expect([...steps.keys()].filter((id) => id.startsWith('read.lash.'))).toHaveLength(16)
    await broughtTo(bench, number, 'decide.shims')
    expect(stepOf(await jobOf(bench, number), 'off.shims')?.state).toBe('done')
    await broughtTo(bench, number, 'set.lash.1in1')
    expect(stepOf(await jobOf(bench, number), 'turn.timing')?.state).toBe('done')
})

test('a flap valve from outside: its cable off first, the barrel never asked for, its own words', async ({ bench }) => {
    await engineLike(bench, 'skarn-594', {
        id: 'skarn-594-flap',
        model: '594 Flap',
        exhaust_valve: { kind: 'flap', driven_by: 'servo cable', reached: 'outside' },
    })
    await bench.reload()
    const number = await takenIn(bench, /594 Flap/, 'exhaust valve')
    const job = await jobOf(bench, number)
    expect(job.planning.steps.some((step) => /barrel|head|plug/.test(step.id))).toBe(false)
    const done: string[] = []
    for (let turn = 0; turn < 12 && (await taken(bench, number)).planning.next.kind !== 'none'; turn++) {
        done.push(await doNext(bench, number))
        if (done.length === 2) {
            await sound(bench)
        }
    }
    expect(done).toEqual([
        'off.exhaust-linkage',
        'off.exhaust-valve',
        'clean.exhaust-valve',
        'on.exhaust-valve',
        'on.exhaust-linkage',
        'hold.start',
        'start.first',
    ])
    const words = job.planning.steps.map((step) => `${step.name} ${step.inTurn.join(' ')}`).join(' ')
    expect(words).toContain('Cables of the exhaust valve')
    expect(words).not.toMatch(/rack|halves|left-hand/)
})

test('readings of one place that disagree are one reading with their scatter, and asked about by name', async ({
    bench,
}) => {
    await bench.goto('/jobs/214?at=piston.1')
    const field = bench.getByRole('textbox', { name: 'Piston at gauge point, reading' })
    for (const figure of ['54.940', '54.980']) {
        await field.fill(figure)
        await field.press('Enter')
        await taken(bench, 214)
        await bench.goto('/jobs/214?at=piston.1')
    }
    const { measuring } = await jobOf(bench, 214)
    expect(measuring.spots.find((spot) => spot.id === 'piston.1')?.reading?.text).toBe('54.96 mm, mean of 2')
})
