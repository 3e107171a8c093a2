import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { expect, onDatabase, taken, test } from './shop'

test('a backup, a disaster, and every job as it was: read back only when it comes to the same', async ({ bench }) => {
    const file = `${mkdtempSync(`${tmpdir()}/moltrek-`)}/shop.tar.gz`
    await bench.goto('/jobs/214')
    const slip = bench.getByRole('complementary', { name: 'Slip' })
    await slip.getByPlaceholder('Write a note').fill('Piston kept for the owner.')
    await slip.getByRole('button', { name: 'Write', exact: true }).click()
    const before = await taken(bench, 214)
    expect(onDatabase((database) => `backup_make ${file} ${database}`)).toMatch(/21 jobs, \d+ entries/)

    // a damaged archive is refused, and nothing of the shop changes
    const bytes = readFileSync(file)
    const broken = `${file}.broken`
    writeFileSync(broken, bytes.subarray(0, bytes.length - 2000))
    expect(onDatabase((database) => `backup_restore ${broken} ${database} || true`)).toMatch(/not a backup|damaged/)

    onDatabase((database) => `database_psql ${database} -c 'drop table log_entries cascade'`)
    expect(onDatabase((database) => `backup_restore ${file} ${database}`)).toContain('each as it was')
    await bench.reload()
    await expect(slip.getByText('Piston kept for the owner.')).toBeVisible()
    const after = await taken(bench, 214)
    expect(after.log.slip.map((line) => line.text)).toEqual(before.log.slip.map((line) => line.text))
    expect(after.planning.steps.map((step) => [step.id, step.state])).toEqual(
        before.planning.steps.map((step) => [step.id, step.state]),
    )
    // the log is append-only still
    expect(
        onDatabase((database) => `database_psql ${database} -c "update log_entries set kind = 'x'" || true`),
    ).toMatch(/ERROR/)
})
