// An install killed at several moments, in a copy of the project of its own: the next start heals it.
import { execFileSync, spawn } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { finish, must, pause, trial } from './harness.mjs'

const MOMENTS = (process.env.MOLTREK_KILLS ?? '3,20,45,70').split(',').map(Number)

await trial(`an install killed after ${MOMENTS.join(', ')} seconds, then let be`, async () => {
    const copy = join(mkdtempSync(join(tmpdir(), 'moltrek-')), 'copy')
    execFileSync('git', ['clone', '--quiet', '.', copy])
    const env = { ...process.env, MOLTREK_PORT: '8197', MOLTREK_DB_PORT: '54397' }
    delete env.DB_DATABASE
    try {
        for (const seconds of MOMENTS) {
            const install = spawn('./moltrek', ['start'], { cwd: copy, env, detached: true, stdio: 'ignore' })
            await pause(seconds * 1000)
            try {
                process.kill(-install.pid, 'SIGKILL')
            } catch {
                // it was done before it could be killed
            }
            await pause(500)
        }
        const said = execFileSync('./moltrek', ['start'], { cwd: copy, env, encoding: 'utf8' })
        const address = /http:\/\/127\.0\.0\.1:\d+\//.exec(said)?.[0]
        must(address, `it said: ${said.slice(-600)}`)
        const health = await (await fetch(`${address}api/health`)).json()
        must(health.status === 'ok', JSON.stringify(health))
        const jobs = execFileSync('bash', ['-euc', 'here=$PWD; . bin/lib/platform.sh; . bin/lib/database.sh; database_psql moltrek -c "select count(*) from jobs"'], { cwd: copy, env, encoding: 'utf8' })
        must(jobs.trim() === '21', `${jobs} jobs`)
        return 'the next start healed it, and the demo is whole'
    } finally {
        execFileSync('./moltrek', ['stop'], { cwd: copy, env, stdio: 'ignore' })
        rmSync(join(copy, '..'), { recursive: true, force: true })
    }
})
finish()
