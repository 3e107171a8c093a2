// Twenty tablets without thinking time on the servers that are given, one after the other, with the same requests in the same
// order; and how long an entry takes to reach another tablet that follows. Measures loopback only, and ends by itself.
//   node bin/load.mjs NAME=ADDRESS[,ADDRESS…]…   several addresses: application servers of one shop, the tablets shared out among them
import { randomUUID } from 'node:crypto'
import { readFileSync } from 'node:fs'

const CLIENTS = 20
const SECONDS = 15
const ENTRIES = 15
const passwords = JSON.parse(readFileSync('var/demo-sign-ins.json', 'utf8'))

/** A signed-in visitor with a cookie jar, who says how long each answer took. */
async function visitor(address, who, jar = new Map()) {
    const isNew = jar.size === 0
    const known = new Map()
    const ask = async (path, body) => {
        const begun = performance.now()
        const answer = await fetch(address + path, {
            method: body ? 'POST' : 'GET',
            headers: {
                cookie: [...jar].map(([name, value]) => `${name}=${value}`).join('; '),
                accept: 'application/json',
                'content-type': 'application/json',
                // as a browser does: what it has is sent again only when it has changed
                ...(known.has(path) && !body ? { 'if-none-match': known.get(path).tag } : {}),
                'x-xsrf-token': decodeURIComponent(jar.get('XSRF-TOKEN') ?? ''),
            },
            ...(body ? { body: JSON.stringify(body) } : {}),
        })
        for (const line of answer.headers.getSetCookie()) {
            const [, name, value] = /^([^=]+)=([^;]*)/.exec(line) ?? []
            jar.set(name, value)
        }
        const text = answer.status === 304 ? (await answer.text(), known.get(path).text) : await answer.text()
        if (answer.ok && answer.headers.has('etag')) {
            known.set(path, { tag: answer.headers.get('etag'), text })
        }
        if (!answer.ok && answer.status !== 304) {
            throw new Error(`${path} answered ${answer.status}: ${text.slice(0, 200)}`)
        }
        return { took: performance.now() - begun, text, jar }
    }
    if (isNew) {
        await ask('api/session')
        await ask('api/session', { username: who, password: passwords[who] })
    }
    return ask
}

const note = (text) => ({
    entries: [{ id: randomUUID(), kind: 'note_written', happened_at: new Date().toISOString(), payload: { text } }],
})

/** What a tablet asks in an ordinary minute: mostly looking, now and then a figure or a note. */
const turns = (job) => [
    ['api/floor'],
    [`api/jobs/${job}`],
    [`api/jobs/${job}/sequence`],
    ['api/floor'],
    [`api/jobs/${job}`],
    [`api/jobs/${job}/preview`, { spot: 'piston.1', reading: { value: '54.95 mm' } }],
    [`api/jobs/${job}/entries`, note('load')],
]

async function load(name, addresses) {
    const [address] = addresses
    const asks = []
    const { jar } = await (await visitor(address, 'tomas'))('api/floor')
    for (let each = 0; each < CLIENTS; each++) {
        // signing in is throttled, as it should be: twenty windows of one person
        asks.push(await visitor(addresses[each % addresses.length], 'tomas', new Map(jar)))
    }
    const jobs = JSON.parse((await asks[0]('api/floor')).text).jobs.map((job) => job.number)
    // what is asked for the first time after a start is not what a shop sees all day
    await Promise.all(asks.map(async (ask, index) => {
        for (const [path, body] of turns(jobs[index % jobs.length])) {
            await ask(path, body)
        }
    }))
    const times = []
    let failed = 0
    const until = performance.now() + SECONDS * 1000
    await Promise.all(
        asks.map(async (ask, index) => {
            for (let turn = index; performance.now() < until; turn++) {
                const kinds = turns(jobs[index % jobs.length])
                const [path, body] = kinds[turn % kinds.length]
                try {
                    times.push((await ask(path, body)).took)
                } catch (problem) {
                    failed++
                    if (failed === 1) {
                        console.error(`${name}: ${problem.message}`)
                    }
                }
            }
        }),
    )
    times.sort((one, other) => one - other)
    const at = (share) => times[Math.min(times.length - 1, Math.floor(share * times.length))]
    console.log(
        `| ${name}, ${CLIENTS} clients | ${(times.length / SECONDS).toFixed(0)} a second | ${at(0.5).toFixed(0)} ms | ${at(0.95).toFixed(0)} ms | ${at(1).toFixed(0)} ms | ${failed} |`,
    )
}

/** From sending an entry to the answer that shows it on another tablet, which is told and then asks. */
async function live(name, addresses) {
    const address = addresses.at(-1)
    const first = await visitor(addresses[0], 'tomas')
    const second = await visitor(address, 'petra')
    const { jar, text } = await second('api/floor')
    const [job] = JSON.parse(text).jobs.map((each) => each.number)
    const cookie = [...jar].map(([key, value]) => `${key}=${value}`).join('; ')
    const stream = await fetch(`${address}api/events`, { headers: { cookie } })
    if (!stream.ok) {
        return
    }
    const reader = stream.body.getReader()
    let heard = () => {}
    void (async () => {
        for (;;) {
            const { done, value } = await reader.read()
            if (done) {
                return
            }
            if (new TextDecoder().decode(value).includes('event: log')) {
                heard()
            }
        }
    })()
    const times = []
    for (let entry = 0; entry < ENTRIES; entry++) {
        const told = new Promise((resolve) => {
            heard = resolve
        })
        const begun = performance.now()
        const sent = first(`api/jobs/${job}/entries`, note(`live ${entry}`))
        await told
        await second(`api/jobs/${job}`)
        times.push(performance.now() - begun)
        await sent
    }
    await reader.cancel()
    times.sort((one, other) => one - other)
    console.log(`| ${name}, an entry on another tablet that follows | | ${times[ENTRIES >> 1].toFixed(0)} ms | | ${times.at(-1).toFixed(0)} ms | 0 |`)
}

console.log('| server | answers | median | 95th percentile | longest | failed |\n|---|---|---|---|---|---|')
const servers = process.argv.slice(2).map((each) => each.split('=')).map(([name, addresses]) => [name, addresses.split(',')])
for (const [name, addresses] of servers) {
    await load(name, addresses)
}
for (const [name, addresses] of servers) {
    await live(name, addresses)
}
