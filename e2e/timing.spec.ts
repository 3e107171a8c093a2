import { expect, sound, test } from './shop'

test('top dead centre by a stop: two pairs agree, a doubtful one is refused, and the dial leans in its hole', async ({
    bench,
}) => {
    await bench.goto('/jobs/214')
    await bench.getByRole('link', { name: 'Timing', exact: true }).click()
    const pair = async (number: number, one: string, other: string) => {
        await bench.getByLabel(`Pair ${number}, one way`).fill(one)
        await bench.getByLabel(`Pair ${number}, the other way`).fill(other)
    }
    // halfway between 341.5 and 20.0 is 0.75, between 330 and 31.6 it is 0.8
    await pair(1, '341.5', '20.0')
    await expect(bench.getByText('The wheel reads 0.8° too much: set it by −0.8°')).toBeVisible()
    await expect(bench.getByText('One pair cannot say how far it may be believed')).toBeVisible()
    await pair(2, '330', '31.6')
    await expect(bench.getByText('2 pairs, 0.1° apart. Good for ignition and cams.')).toBeVisible()
    await pair(3, '90', '110')
    await expect(bench.getByRole('alert')).toContainText('not of one dead centre')
    await bench.reload()
    await expect(bench.getByLabel('Pair 3, one way')).toHaveValue('90')
    await bench.getByRole('button', { name: 'read anew' }).click()

    // a quarter turn: throw 29.2, rod 112, 141.2 − √(112² − 29.2²) = 33.07; a dial that leans 60 degrees reads twice as much
    const wheel = bench.getByRole('slider', { name: 'Crank' })
    for (let turn = 0; turn < 6; turn++) {
        await wheel.press('PageUp')
    }
    await expect(bench.getByText('33.07 mm').first()).toBeVisible()
    await bench.getByLabel(/^Dial leans/).fill('60')
    await expect(bench.getByText('66.15 mm')).toBeVisible()
    await bench.getByLabel(/^Dial leans/).fill('61')
    await expect(bench.getByRole('alert')).toContainText('A dial does not stand so')
    await bench.getByLabel(/^Dial leans/).fill('0')
    await sound(bench)
})
