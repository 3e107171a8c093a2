// Past one machine, on loopback: a standby that every commit waits for, two application servers, the first database killed amid
// writing, the standby promoted; and the archived log, by which a copy goes back to a point in time.
import { execFileSync } from 'node:child_process'
import { createHash, randomUUID } from 'node:crypto'
import { mkdtempSync, readFileSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { Client } from './client.mjs'
import { JOB, finish, must, pause, trial } from './harness.mjs'

const FOLDER = mkdtempSync(`${tmpdir()}/moltrek-standby-`)
const [FIRST, SECOND, BACK] = [54431, 54432, 54433]
const DATABASE = 'moltrek_faults'
const PICTURE = 'docs/screenshots/build-v-twin.png'

/** The project's own commands, with clusters a, b and c in a folder that PostgreSQL's account may enter. */
const shell = (commands) =>
    execFileSync('bash', ['-euc', `here=$PWD; for each in platform database server backup; do . bin/lib/$each.sh; done
        export PGPASSWORD=$(cat var/cluster.secret) bin=$(postgres_bin) folder=${FOLDER}
        on() { local port=$1; shift; "$bin/psql" -h 127.0.0.1 -p $port -U moltrek -v ON_ERROR_STOP=1 -qAt "$@"; }
        begin() { as_postgres "$bin/pg_ctl" -D $folder/$1 -w -t 60 -l $folder/$1.log -o "-p $2 -c listen_addresses=127.0.0.1 -c unix_socket_directories=''" start >/dev/null; }
        ${commands}`], { encoding: 'utf8', stdio: ['ignore', 'pipe', 'pipe'] })

const settings = `export DB_HOST=127.0.0.1,127.0.0.1 DB_PORT=${FIRST},${SECOND} DB_FOLLOW=1 DB_DATABASE=${DATABASE} CACHE_STORE=file`

async function notes(clients, word, isOver) {
    const stored = []
    const statuses = new Map()
    for (let number = 1; !isOver(); number++) {
        const id = randomUUID()
        const text = `${word} ${number}.`
        for (let isStored = false; !isStored; ) {
            const client = clients[number % clients.length]
            const sent = await client.note(JOB, text, id).catch(() => ({ status: 0, stored: false }))
            statuses.set(sent.status, (statuses.get(sent.status) ?? 0) + 1)
            isStored = sent.stored
            if (!isStored) {
                await pause(100)
            }
        }
        stored.push(text)
    }
    return { stored, said: [...statuses].map(([status, count]) => `${count} × ${status || 'none'}`).join(', '), faults: statuses.get(500) ?? 0 }
}

try {
    await trial('the first database killed amid writing, its standby promoted', async () => {
        shell(`if [ "$(id -u)" = 0 ]; then chown postgres $folder; fi
            install -m 644 /dev/null $folder.secret; cat var/cluster.secret >$folder.secret
            as_postgres "$bin/initdb" -D $folder/a -U moltrek -A scram-sha-256 --pwfile=$folder.secret -E UTF8 --locale=C.UTF-8 >/dev/null; rm $folder.secret
            as_postgres mkdir $folder/archive
            printf "wal_level = replica\\nmax_wal_senders = 5\\nmax_connections = 60\\narchive_mode = on\\narchive_command = 'cp %%p $folder/archive/%%f'\\narchive_timeout = 5\\n" | as_postgres tee -a $folder/a/postgresql.conf >/dev/null
            echo 'host replication moltrek 127.0.0.1/32 scram-sha-256' | as_postgres tee -a $folder/a/pg_hba.conf >/dev/null
            begin a ${FIRST}
            on ${FIRST} -d postgres -c "create role moltrek_app login password '$(env_value DB_APP_PASSWORD)'" -c "create role moltrek_owner createdb login password '$(env_value DB_PASSWORD)'" -c 'grant moltrek_app to moltrek_owner' -c 'create database ${DATABASE} owner moltrek_owner'
            database_tool pg_dump -Fc ${DATABASE} >$folder.dump
            PGPASSWORD=$(env_value DB_PASSWORD) "$bin/pg_restore" -h 127.0.0.1 -p ${FIRST} -U moltrek_owner --no-owner --exit-on-error -d ${DATABASE} $folder.dump; rm $folder.dump
            as_postgres env PGPASSWORD=$PGPASSWORD "$bin/pg_basebackup" -h 127.0.0.1 -p ${FIRST} -U moltrek -D $folder/c -X fetch
            as_postgres env PGPASSWORD=$PGPASSWORD "$bin/pg_basebackup" -h 127.0.0.1 -p ${FIRST} -U moltrek -D $folder/b -R -X stream -C -S standby
            begin b ${SECOND}
            on ${FIRST} -d postgres -c "alter system set synchronous_standby_names = '*'" -c 'select pg_reload_conf()' >/dev/null
            ${settings}; CACHE_PATH=$here/var/cache/follow_a server_start follow_a 8395; CACHE_PATH=$here/var/cache/follow_b server_start follow_b 8396`)
        const clients = [new Client('http://127.0.0.1:8395/'), new Client('http://127.0.0.1:8396/')]
        await clients[0].signIn('tomas')
        clients[1].jar = new Map(clients[0].jar)
        let isOver = false
        const writing = notes(clients, 'to the standby', () => isOver)
        await pause(1500)
        shell('kill -KILL $(as_postgres head -n 1 $folder/a/postmaster.pid)')
        const killed = Date.now()
        shell(`as_postgres "$bin/pg_ctl" -D $folder/b -w promote >/dev/null; on ${SECOND} -d postgres -c "alter system set synchronous_standby_names = ''" -c 'select pg_reload_conf()' >/dev/null`)
        const promoted = Date.now() - killed
        await pause(2500)
        isOver = true
        const { stored, said, faults } = await writing
        const counts = await clients[1].counts(JOB)
        const wrong = stored.filter((text) => counts.get(text) !== 1)
        must(wrong.length === 0, `lost or doubled: ${wrong.slice(0, 5)}`)
        must(faults === 0, `${faults} faults; ${said}`)
        return `promoted after ${promoted} ms; ${stored.length} notes through two servers, each once; answers ${said}`
    })

    await trial('a photograph that came in through one server is seen through the other, to the last byte', async () => {
        const [one, other] = [new Client('http://127.0.0.1:8395/'), new Client('http://127.0.0.1:8396/')]
        await one.signIn('petra')
        other.jar = new Map(one.jar)
        const form = new FormData()
        form.set('photo', new Blob([readFileSync(PICTURE)], { type: 'image/png' }), 'bore.png')
        const { 'content-type': _, ...headers } = one.headers()
        const kept = await (await fetch('http://127.0.0.1:8395/api/photos', { method: 'POST', headers, body: form })).json()
        const seen = await fetch(`http://127.0.0.1:8396/api/photos/${kept.id}`, { headers: other.headers() })
        const hash = createHash('sha256').update(Buffer.from(await seen.arrayBuffer())).digest('hex')
        must(seen.status === 200 && hash === kept.hash, `kept ${JSON.stringify(kept)}, seen ${seen.status}, ${hash}`)
        return 'the hash that was answered is that of what the other gives'
    })

    await trial('a copy goes back to a point in time by the archived log', async () => {
        // c is the copy from before; b has gone on, its history in the archive of a up to the kill
        const said = shell(`on ${SECOND} -d ${DATABASE} -c "select count(*) from log_entries"`).trim()
        const at = shell(`on ${SECOND} -d ${DATABASE} -c "select recorded_at from log_entries where payload->>'text' = 'to the standby 3.'"`).trim()
        shell(`printf "restore_command = 'cp $folder/archive/%%f %%p'\\nrecovery_target_time = '${at}'\\nrecovery_target_action = promote\\narchive_mode = off\\nsynchronous_standby_names = ''\\n" | as_postgres tee -a $folder/c/postgresql.conf >/dev/null
            for each in $(as_postgres ls $folder/a/pg_wal | grep -E '^[0-9A-F]{24}$'); do as_postgres test -e $folder/archive/$each || as_postgres cp $folder/a/pg_wal/$each $folder/archive/; done
            as_postgres rm -f $folder/c/postgresql.auto.conf; as_postgres touch $folder/c/recovery.signal; begin c ${BACK}`)
        const there = shell(`on ${BACK} -d ${DATABASE} -c "select string_agg(payload->>'text', ' ' order by seq) from log_entries where payload->>'text' like 'to the standby %'"`).trim()
        must(/^to the standby 1\. to the standby 2\.( to the standby 3\.)?$/.test(there), `there: ${there.slice(0, 200)}`)
        return `of ${said} entries those up to ${at} are there, and none after`
    })
} finally {
    shell(`for name in follow_a follow_b; do server_stop $name >/dev/null; done
        for each in a b c; do if as_postgres test -e $folder/$each/postmaster.pid; then as_postgres "$bin/pg_ctl" -D $folder/$each -m immediate stop >/dev/null 2>&1 || true; fi; done`)
    rmSync(FOLDER, { recursive: true, force: true })
}
finish()
