// Tells tablets that stay open what is new. PostgreSQL notifies of every batch that goes into a log; this process listens, and
// passes on which job grew and how far, to whoever is signed in to that shop. It reads no log and decides nothing: a tablet asks
// the application for what it wants to see. Dead or unreachable, nothing is lost: tablets ask every so often by themselves.
//   node bin/events.mjs SETTINGS.json
import { readFileSync, rmSync } from 'node:fs'
import { createServer } from 'node:http'
import pg from 'pg'

const settings = JSON.parse(readFileSync(process.argv[2], 'utf8'))
const BEAT = 20_000
const RETRY = 2_000
const MOST = 400

/** Open answers by shop. */
const open = new Map(Object.keys(settings.databases).map((shop) => [shop, new Set()]))

/** Listens to a shop's database, and again when the line breaks. */
async function listen(shop, database) {
    const client = new pg.Client({ ...settings, database })
    const again = () => {
        client.removeAllListeners()
        client.on('error', () => {})
        client.end().catch(() => {})
        setTimeout(() => void listen(shop, database), RETRY)
    }
    client.on('error', again)
    client.on('end', again)
    client.on('notification', ({ payload }) => tell(shop, `event: log\ndata: ${payload}\n\n`))
    try {
        await client.connect()
        await client.query('LISTEN moltrek_log')
        // what came while nobody listened is asked for
        tell(shop, 'event: again\ndata: {}\n\n')
    } catch {
        again()
    }
}

function tell(shop, text) {
    for (const answer of open.get(shop) ?? []) {
        answer.write(text)
    }
}

/** Which shop a request belongs to: the application says, by the sign-in that came with it; null for nobody. */
async function shopOf(request) {
    const headers = { cookie: request.headers.cookie ?? '', accept: 'application/json', host: request.headers.host ?? '' }
    const [session, shop] = await Promise.all(
        ['/api/session', '/api/shop'].map(async (path) => (await fetch(settings.application + path, { headers })).json()),
    )
    return session.person ? shop.key : null
}

createServer(async (request, answer) => {
    const count = [...open.values()].reduce((sum, each) => sum + each.size, 0)
    const shop = count < MOST ? await shopOf(request).catch(() => null) : null
    if (shop === null || !open.has(shop)) {
        answer.writeHead(count < MOST ? 401 : 503, { 'Content-Type': 'application/problem+json' })
        answer.end(JSON.stringify({ type: 'about:blank', title: 'Sign in first', status: count < MOST ? 401 : 503 }))
        return
    }
    answer.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Content-Type-Options': 'nosniff' })
    answer.write('retry: 2000\nevent: again\ndata: {}\n\n')
    open.get(shop).add(answer)
    request.on('close', () => open.get(shop).delete(answer))
}).listen((rmSync(settings.socket, { force: true }), settings.socket))

// a comment now and then keeps the line open through whatever stands between
setInterval(() => {
    for (const shop of open.keys()) {
        tell(shop, ': beat\n\n')
    }
}, BEAT)

for (const [shop, database] of Object.entries(settings.databases)) {
    if (database) {
        void listen(shop, database)
    }
}
