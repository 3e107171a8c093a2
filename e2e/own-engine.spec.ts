import type { Locator } from '@playwright/test'
import { expect, sound, taken, test } from './shop'

test('a machine that no sheet knows: a few touches to its job, a limit typed as it is printed, and the first verdict', async ({
    bench,
}) => {
    let touches = 0
    let characters = 0
    const touch = async (what: Locator) => {
        touches++
        await what.click()
    }
    const type = async (field: Locator, text: string) => {
        await touch(field)
        characters += text.length
        await field.fill(text)
    }
    const begun = Date.now()
    await touch(bench.getByRole('link', { name: 'A machine comes in' }))
    await touch(bench.getByRole('button', { name: 'Not in the spec book' }))
    const engine = bench.getByRole('region', { name: 'An engine that is not in the spec book' })
    await type(engine.getByLabel('Make'), 'Tarnwick')
    await type(engine.getByLabel('Model'), '600 Gable')
    await type(engine.getByLabel('What it is'), 'road bike')
    await touch(engine.getByRole('button', { name: 'four-stroke' }))
    await touch(engine.getByRole('button', { name: '2', exact: true }))
    await expect(engine.getByRole('img', { name: 'road bike, four-stroke parallel twin, drawn' })).toBeVisible()
    await touch(engine.getByRole('button', { name: 'two cams above' }))
    await touch(engine.getByRole('button', { name: 'plated' }))
    await type(engine.getByLabel('Bore, mm'), '84')
    await type(engine.getByLabel('Stroke, mm'), '54')
    await expect(engine.getByText(/598.5 cm³/)).toBeVisible()
    await sound(bench)
    await touch(engine.getByRole('button', { name: 'Into the spec book' }))
    await expect(bench.getByRole('radio', { name: /Tarnwick 600 Gable/ })).toBeChecked()
    await type(bench.getByLabel('Whose it is'), 'M. Tarrow')
    await touch(bench.getByRole('radio', { name: /^apart/ }))
    await touch(bench.getByRole('button', { name: 'Take it in' }))
    await bench.waitForURL(/\/jobs\/\d+$/)
    const number = Number(bench.url().split('/').pop())

    await bench.goto(`/jobs/${number}?at=ring_gap.1.top`)
    await type(bench.getByRole('textbox', { name: /^Top ring end gap.*passes$/ }), '0.25')
    await bench.keyboard.press('Enter')
    characters += '0.30'.length
    await bench.getByRole('textbox', { name: /^Top ring end gap.*refuses$/ }).fill('0.30')
    await bench.keyboard.press('Enter')
    await bench.keyboard.press('Escape')
    await taken(bench, number)
    const gap = bench.getByRole('region', { name: /^Top ring end gap/ }).first()
    await touch(gap.getByRole('button', { name: 'Type its limit' }))
    const limit = bench.getByRole('dialog', { name: /^Limit: top ring end gap/ })
    await type(limit.getByLabel('As the manual prints it'), '0.20–0.35 mm, limit 0.75')
    await expect(limit.getByText('Understood: 0.20 mm to 0.35 mm, worn up to 0.75 mm')).toBeVisible()
    await touch(limit.getByRole('button', { name: 'Onto the sheet' }))
    await expect(gap.getByText('Fits')).toBeVisible()

    const seconds = Math.round((Date.now() - begun) / 1000)
    console.log(`own engine to its first verdict: ${touches} touches, ${characters} characters, ${seconds} s`)
    expect(touches).toBeLessThan(60)
    expect(characters).toBeLessThan(120)
})
