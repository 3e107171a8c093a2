// Processes of the server that die and come back, backups under writing, restores that are broken off, archives that were crafted,
// sessions that end: each tried for real, without a browser. Also part of ./moltrek test.
import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { Client } from './client.mjs'
import { JOB, finish, must, pause, shell, trial } from './harness.mjs'

const DATABASE = 'moltrek_faults'
const FOLDER = mkdtempSync(`${tmpdir()}/moltrek-kept-`)
/** Backups under full writing, each restored; more in ./moltrek test faults. */
const BACKUPS = Number(process.env.MOLTREK_BACKUPS ?? 2)
const KILLS = Number(process.env.MOLTREK_RESTORE_KILLS ?? 3)

const LIBRARIES = 'here=$PWD; for each in platform database server backup; do . bin/lib/$each.sh; done;'

/** Commands of the project's own beside what goes on here. */
const background = (commands) =>
    new Promise((resolve) => {
        const run = spawn('bash', ['-euc', `${LIBRARIES} ${commands}`], { stdio: ['ignore', 'pipe', 'pipe'] })
        let out = ''
        run.stdout.on('data', (piece) => {
            out += piece
        })
        run.stderr.on('data', (piece) => {
            out += piece
        })
        run.on('close', (status) => resolve({ status, out }))
    })

const backup = async (file) => (await background(`backup_make ${file} ${DATABASE}`)).out

const tomas = await new Client().signIn('tomas')
const groupOf = (program) => Number(readFileSync(`var/run/faults/${program}.group`, 'utf8'))

async function until(what, holds, seconds = 20) {
    const begun = Date.now()
    while (Date.now() - begun < seconds * 1000) {
        if (await holds().catch(() => false)) {
            return Date.now() - begun
        }
        await pause(50)
    }
    throw new Error(`${what}: not within ${seconds} s`)
}

const answers = async () => (await new Client().ask('GET', 'api/health')).status === 200 && (await tomas.ask('GET', 'api/floor')).status === 200

/** Notes one after another, each sent again until it is stored; what the answers were. */
async function writing(word, run) {
    const statuses = new Map()
    const stored = []
    let isOver = false
    const writer = (async () => {
        for (let number = 1; !isOver; number++) {
            const id = randomUUID()
            for (let isStored = false; !isStored; ) {
                const sent = await tomas.note(JOB, `${word} ${number}.`, id).catch(() => ({ status: 0, stored: false }))
                statuses.set(sent.status, (statuses.get(sent.status) ?? 0) + 1)
                isStored = sent.stored
                must(sent.status !== 503 || sent.retryAfter, 'a 503 says when to come again')
                if (!isStored) {
                    await pause(50)
                }
            }
            stored.push(`${word} ${number}.`)
        }
    })()
    await run()
    isOver = true
    await writer
    const counts = await tomas.counts(JOB)
    const wrong = stored.filter((text) => counts.get(text) !== 1)
    must(wrong.length === 0, `lost or doubled: ${wrong.slice(0, 5)}`)
    const faults = [...statuses].filter(([status]) => status >= 500 && status !== 503)
    must(faults.length === 0, `answers ${JSON.stringify(faults)}`)
    return `${stored.length} notes, each once; answers ${[...statuses].map(([status, count]) => `${count} × ${status || 'none'}`).join(', ')}`
}

for (const program of ['php', 'nginx', 'events']) {
    await trial(`${program} killed amid writing`, async () => {
        let back = 0
        const said = await writing(`through ${program} killed`, async () => {
            await pause(300)
            const before = groupOf(program)
            process.kill(before, 'SIGKILL')
            back = await until(`${program} is back`, async () => groupOf(program) !== before && (await answers()))
            await pause(300)
        })
        return `back after ${back} ms; ${said}`
    })
}

await trial('PostgreSQL killed amid writing', async () => {
    let back = 0
    const said = await writing('through PostgreSQL killed', async () => {
        await pause(300)
        shell('kill -KILL $(as_postgres head -n 1 "$(cluster_dir)/data/postmaster.pid")')
        back = await until('PostgreSQL is back', answers)
        await pause(300)
    })
    return `back after ${back} ms; ${said}`
})

await trial('the supervisor killed: its orphans keep no port, and the next start works the first time', async () => {
    shell('kill -KILL $(server_pid faults)')
    const begun = Date.now()
    shell('server_start faults "$MOLTREK_FAULTS_PORT"')
    must(shell('server_port faults').trim() === process.env.MOLTREK_FAULTS_PORT, 'on the same port')
    await until('it answers', answers)
    return `${Date.now() - begun} ms`
})

await trial('nothing of the server runs as root', async () => {
    const who = shell('for pid in $(server_pid faults) $(cat var/run/faults/*.group); do for each in $pid $(pgrep -P $pid); do stat -c %U /proc/$each; done; done; stat -c %U /proc/$(as_postgres head -n 1 "$(cluster_dir)/data/postmaster.pid")')
    const names = new Set(who.trim().split('\n'))
    // a folder that the account cannot reach stays with root, and the start says so
    const isReached = process.getuid() !== 0 || existsSync('var/account')
    must(isReached === !names.has('root') || process.getuid() !== 0, [...names].join(', '))
    return `${[...names].join(', ')}${isReached ? '' : ': the account cannot reach this folder'}`
})

await trial('the disk of the database full', async () => {
    shell(`database_psql ${DATABASE} -c "create or replace function disk_is_full() returns trigger language plpgsql as 'begin raise exception using errcode = ''disk_full'', message = ''no space left on device''; end'" -c 'create trigger full_disk before insert on log_entries for each statement execute function disk_is_full()'`)
    const refused = await tomas.note(JOB, 'no room')
    shell(`database_psql ${DATABASE} -c 'drop trigger full_disk on log_entries' -c 'drop function disk_is_full'`)
    must(refused.status === 503 && refused.retryAfter === '30', `${refused.status} ${refused.retryAfter}`)
    must((await tomas.note(JOB, 'room again')).stored, 'stored afterwards')
    return '503, Retry-After 30; stored once there was room'
})

await trial(`${BACKUPS} backups under full writing, each restored beside the shop`, async () => {
    const files = Array.from({ length: BACKUPS }, (_, index) => `${FOLDER}/under-${index}.tar.gz`)
    const said = await writing('under a backup', async () => {
        for (const file of files) {
            must(/read back and comes to the same/.test(await backup(file)), 'it was proved')
        }
    })
    for (const file of files) {
        const restored = await background(`backup_restore ${file} moltrek_faults_copy`)
        must(/each as it was/.test(restored.out), restored.out)
    }
    return `${files.length} of ${files.length}; ${said}`
})

await trial(`a restore killed at ${KILLS} moments: the shop is there, the old one or the new one`, async () => {
    const file = `${FOLDER}/kill.tar.gz`
    await backup(file)
    const found = []
    for (let each = 1; each <= KILLS; each++) {
        const run = spawn('bash', ['-euc', `${LIBRARIES} backup_restore ${file} moltrek_faults_copy`], { detached: true, stdio: 'ignore' })
        await pause(each === KILLS ? 6000 : 1300 * each)
        try {
            process.kill(-run.pid, 'SIGKILL')
        } catch {
            // it was through
        }
        await pause(200)
        const { out } = await background('work_clean; restore_settle; database_ensure moltrek_faults_copy; DB_DATABASE=moltrek_faults_copy artisan moltrek:verify | tail -n 1')
        must(/Sound: all/.test(out), out)
        found.push(/broken off/.test(out) ? (/from before/.test(out) ? 'the old one, said' : 'the new one, said') : 'whole, nothing begun')
    }
    return found.join('; ')
})

await trial('an archive cut off, changed, or crafted to run a program changes nothing', async () => {
    const good = `${FOLDER}/good.tar.gz`
    await backup(good)
    const bytes = readFileSync(good)
    writeFileSync(`${FOLDER}/cut.tar.gz`, bytes.subarray(0, bytes.length - 3000))
    const cut = await background(`backup_restore ${FOLDER}/cut.tar.gz ${DATABASE} || true`)
    must(/damaged|ends in the middle/.test(cut.out) && /Nothing was changed/.test(cut.out), cut.out)
    // a dump whose check runs a program when its rows are read in
    const crafted = await background(`
        database_drop moltrek_faults_craft; database_psql postgres -c 'create database moltrek_faults_craft'; DB_DATABASE=moltrek_faults_craft artisan migrate --force --quiet
        cluster_psql moltrek_faults_craft -c "create function run() returns boolean language plpgsql as 'begin return true; end'" -c 'create table trap (a int check (run()))' -c 'insert into trap values (1)' -c "create or replace function run() returns boolean language plpgsql as 'begin execute ''copy (select 1) to program ''''touch ${FOLDER}/ran'''' ''; return true; end'"
        dir=${FOLDER}/craft; mkdir -p $dir/photos; chmod 755 ${FOLDER}; PGUSER=moltrek PGPASSWORD=$(cat var/cluster.secret) "$(postgres_bin)/pg_dump" -h 127.0.0.1 -p "$(env_value DB_PORT)" -U moltrek -Fc -f $dir/database.dump moltrek_faults_craft
        printf '{"schema":"moltrek-backup-2","database":"${DATABASE}","core":"","made":"","migration":"%s","photographs":0,"shop":{}}' "$(database_psql moltrek_faults_craft -c 'select max(migration) from migrations')" >$dir/manifest.json
        php artisan moltrek:pack $dir >/dev/null; tar -czf ${FOLDER}/crafted.tar.gz -C $dir manifest.json SHA256SUMS SEAL database.dump
        database_drop moltrek_faults_craft
        backup_restore ${FOLDER}/crafted.tar.gz ${DATABASE} || true`)
    must(/Nothing was changed/.test(crafted.out), crafted.out)
    must(!existsSync(`${FOLDER}/ran`), 'the program ran')
    must((await tomas.ask('GET', 'api/floor')).status === 200, 'the shop is as it was')
    return 'refused; no program ran'
})

await trial('a shop that was tampered with is not backed up as if it were sound', async () => {
    const { out } = await background(`
        database_psql moltrek_faults_copy -c 'alter table log_entries disable trigger user' -c 'delete from log_entries where seq = (select max(seq) from log_entries)'
        backup_make ${FOLDER}/unsound.tar.gz moltrek_faults_copy || echo failed`)
    must(/last entries are not those/.test(out) && /failed/.test(out) && !existsSync(`${FOLDER}/unsound.tar.gz`), out)
    return 'said what is missing; no file bears the name'
})

await trial('the shop’s database is gone, and something of it is there: nothing is begun beside it', async () => {
    const { out } = await background(`OWN_DATABASE=moltrek_faults_own
        own_shop_is_lost && echo 'lost, though nothing is there'
        database_ensure moltrek_faults_own_replaced_20261124_120000
        own_shop_is_lost || echo 'begun beside it'
        database_drop moltrek_faults_own_replaced_20261124_120000`)
    must(/kept take moltrek_faults_own_replaced_20261124_120000/.test(out) && /start --anew/.test(out) && !/begun beside it|nothing is there/.test(out), out)
    return 'says what is there and what to type'
})

await trial('a tablet that is removed is told nothing more', async () => {
    const isla = await new Client().signIn('isla')
    const tablet = await new Client().signIn('isla')
    const name = `bench ${randomUUID().slice(0, 6)}`
    const { document: devices } = await tablet.ask('POST', 'api/devices', { name })
    await tablet.signIn('petra')
    const line = await tablet.follow()
    must(line.status === 200, `followed: ${line.status}`)
    must((await isla.ask('DELETE', `api/devices/${devices.find((each) => each.name === name).id}`)).status === 200, 'removed')
    const took = await until('the line is over', async () => line.isOver, 5)
    must((await tablet.ask('GET', 'api/floor')).status === 401, 'signed out')
    return `closed after ${took} ms, signed out, not remembered`
})

await trial('sessions that end take their lines with them at once', async () => {
    const [petra, isla] = [await new Client().signIn('petra'), await new Client().signIn('isla')]
    const line = await petra.follow()
    must(line.status === 200, `followed: ${line.status}`)
    must((await isla.ask('DELETE', 'api/people/petra/sessions')).status === 200, 'ended')
    const took = await until('the line is over', async () => line.isOver, 5)
    must((await petra.ask('GET', 'api/floor')).status === 401, 'signed out')
    must((await petra.follow()).status === 401, 'nobody is told')
    return `closed after ${took} ms`
})

await trial('a person’s lines are bounded, and a refusal is not taken for signed out', async () => {
    const lines = []
    for (let each = 0; each < 14; each++) {
        lines.push(await tomas.follow())
    }
    const statuses = lines.map(({ status }) => status)
    for (const line of lines) {
        await line.close?.()
    }
    must(statuses.filter((status) => status === 200).length === 12 && statuses.filter((status) => status === 429).length === 2, statuses.join(' '))
    return '12 of 14 open, 2 refused with 429'
})

await trial('twenty guesses of a PIN at once: five are looked at', async () => {
    const isla = await new Client().signIn('isla')
    await isla.ask('POST', 'api/devices', { name: 'bench 1' })
    const guesses = await Promise.all(Array.from({ length: 20 }, (_, index) => isla.ask('POST', 'api/bench', { initials: 'PQ', pin: String(3100 + index) })))
    const looked = guesses.filter(({ status }) => status === 422).length
    must(looked === 5 && guesses.every(({ status }) => status === 422 || status === 429), guesses.map(({ status }) => status).join(' '))
    return '5 looked at, 15 refused'
})

rmSync(FOLDER, { recursive: true, force: true })
finish()
