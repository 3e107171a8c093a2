import { expect, pulledBy, sound, taken, test } from './shop'

test('an ignition point closes in: the rotor off, the plate moved, the nut pulled, and read inside at the third round', async ({
    bench,
}) => {
    await bench.goto('/jobs/215/timing/ignition')
    const panel = bench.getByRole('region', { name: 'Ignition' })
    await expect(panel.getByText('Too late by 0.7°')).toBeVisible()
    await panel.getByRole('button', { name: 'The rotor is off' }).click()
    // 0.72° on a radius of 37 mm
    await expect(panel.getByText('0.47 mm anticlockwise along its rim')).toBeVisible()
    await panel.getByLabel('moved by, mm').fill('0.47')
    await panel.getByRole('button', { name: 'Moved and locked' }).click()
    await panel.getByRole('button', { name: 'The rotor is on' }).click()
    await panel.getByRole('link', { name: 'Pull its nut' }).click()
    await expect(bench).toHaveURL(/torque\/pull\.rotor/)
    await pulledBy(bench, 215, 'pull.rotor')
    await bench.goto('/jobs/215/timing/ignition')
    await panel.getByLabel('before top').fill('1.81')
    await panel.getByLabel('before top').press('Enter')
    await expect(panel.getByText('Inside', { exact: true })).toBeVisible()
    await expect(
        panel.getByRole('img', { name: /16.2 degrees, Out, too late; 17.3 degrees.*18.1 degrees, Fits/ }),
    ).toBeVisible()
    const { planning } = await taken(bench, 215)
    expect(planning.steps.find((step) => step.id === 'time.ignition')?.state).toBe('done')
    await sound(bench)
})

test('a cam a tooth late is found, moved, and read again after two turns', async ({ bench }) => {
    await bench.goto('/jobs/223/timing/cams')
    const panel = bench.getByRole('region', { name: 'Cams' })
    await expect(panel.getByText('1 tooth late, then 0.4° late').first()).toBeVisible()
    await panel.getByRole('button', { name: 'Moved one tooth forward' }).click()
    await expect(panel.getByText('To be read again: moved 1 tooth forward')).toBeVisible()
    await panel.getByLabel('off by').fill('0.4')
    await panel.getByRole('button', { name: 'Enter', exact: true }).first().click()
    await expect(panel.getByText('A hair off, 0.4° late, 0.04 of a tooth: the right tooth').first()).toBeVisible()
    await panel.getByRole('button', { name: 'Marks are level' }).click()
    await expect(panel.getByText('Read again after two turns, and right.')).toBeVisible()
    // the chain came off for it: what hangs on that is to be done again
    const { planning } = await taken(bench, 223)
    expect(planning.steps.find((step) => step.id === 'on.chain')?.state).toBe('void')

    // this engine opens its decompressor when it is turned back
    const wheel = bench.getByRole('slider', { name: 'Crank' })
    await wheel.press('PageDown')
    await expect(bench.getByText('Not turned back: it opens the decompressor.')).toBeVisible()
    await wheel.press('PageUp')
    await expect(wheel).toHaveAttribute('aria-valuenow', '15')
    await sound(bench)
})

test('a V’s rear cylinder has its own top and its own mark: a doubtful pair is refused, its point is read inside', async ({
    bench,
}) => {
    await bench.goto('/jobs/203/timing/dead-centre')
    await bench.getByRole('button', { name: 'rear', exact: true }).click()
    const top = bench.getByRole('region', { name: 'Dead centre' })
    await expect(top.getByText('2 pairs, 0.1° apart; the top at 312.1°.')).toBeVisible()
    await top.getByLabel('one side').fill('290')
    await top.getByLabel('other side').fill('350')
    await top.getByRole('button', { name: 'Enter' }).click()
    await expect(top.getByRole('alert')).toContainText('from where the others do')
    await bench.reload()
    await expect(top.getByLabel('other side')).toHaveValue('350')
    await top.getByLabel('other side').fill('334.4')
    await top.getByRole('button', { name: 'Enter' }).click()
    await expect(top.getByText('3 pairs, 0.1° apart')).toBeVisible()
    await top.getByRole('button', { name: 'The wheel is set' }).click()
    await expect(top.getByText('The wheel reads 0 at the top')).toBeVisible()

    await bench.getByRole('link', { name: 'Ignition', exact: true }).click()
    await expect(bench.getByText(/Its marks are seen from the left: here they are drawn mirrored/)).toBeVisible()
    await bench.getByRole('button', { name: 'Flywheel double line' }).click()
    const panel = bench.getByRole('region', { name: 'Ignition' })
    await expect(bench.getByText('8.0°').first()).toBeVisible()
    await panel.getByRole('button', { name: 'Wheel, °' }).click()
    await panel.getByRole('button', { name: /It fires where the drawing stands: 8.0/ }).click()
    await expect(panel.getByText('Inside', { exact: true })).toBeVisible()
    await panel.getByRole('button', { name: 'Front cylinder' }).click()
    await expect(panel.getByText('Not read yet').first()).toBeVisible()
    await sound(bench)
})
