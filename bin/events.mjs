// Tells tablets that stay open what is new. PostgreSQL notifies of every batch that goes into a log; this process listens, and
// passes on which job grew and how far, to whoever is signed in to that shop. It reads no log and decides nothing: a tablet asks
// the application for what it wants to see, and whose a line is the application says, again whenever somebody's sessions ended.
// Dead or unreachable, nothing is lost: tablets ask every so often by themselves.
//   node bin/events.mjs SETTINGS.json
import { readFileSync, rmSync } from 'node:fs'
import { createServer, request as ask } from 'node:http'
import pg from 'pg'

const settings = JSON.parse(readFileSync(process.argv[2], 'utf8'))
const BEAT = 20_000
const RETRY = 2_000
/** Lines that are open at once: of everybody, and of one person. */
const MOST = 400
const MOST_OF_ONE = 12
/** So many lines are asked about at a time. */
const AT_ONCE = 8

/** Open lines by shop: each with the answer, who it is of, and what the request came with. */
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
    client.on('notification', ({ channel, payload }) => {
        if (channel === 'moltrek_sessions') {
            void lookAgain(shop)
        } else {
            tell(shop, `event: log\ndata: ${payload}\n\n`)
        }
    })
    try {
        await client.connect()
        await client.query('LISTEN moltrek_log; LISTEN moltrek_sessions')
        // what came while nobody listened is asked for
        tell(shop, 'event: again\ndata: {}\n\n')
        void lookAgain(shop)
    } catch {
        again()
    }
}

function tell(shop, text) {
    for (const { answer } of open.get(shop) ?? []) {
        answer.write(text)
    }
}

/** Which shop a request belongs to, and who asks: the application says, by the sign-in that came with it. */
async function whose(headers) {
    const [session, shop] = await Promise.all(
        ['/api/session', '/api/shop'].map((path) => said(path, headers)),
    )
    return session.person ? { shop: shop.key, who: session.person.username } : null
}

/** What the application answers on its own socket. */
const said = (path, headers) =>
    new Promise((resolve, reject) => {
        const asked = ask({ socketPath: settings.application, path, headers, timeout: 10_000 }, (answer) => {
            let text = ''
            answer.setEncoding('utf8')
            answer.on('data', (piece) => {
                text += piece
            })
            answer.on('end', () =>
                answer.statusCode === 200 ? resolve(JSON.parse(text)) : reject(new Error(`${path} answered ${answer.statusCode}`)),
            )
        })
        asked.on('error', reject)
        asked.on('timeout', () => asked.destroy(new Error(`${path} did not answer`)))
        asked.end()
    })

/** Somebody's sessions have ended, or a tablet is the shop's no more: lines of nobody are closed. */
async function lookAgain(shop) {
    const lines = [...(open.get(shop) ?? [])]
    while (lines.length > 0) {
        await Promise.all(
            lines.splice(0, AT_ONCE).map(async (line) => {
                // an application that does not answer has not said that it is over
                const now = await whose(line.headers).catch(() => line)
                if (now === null || now.who !== line.who) {
                    line.answer.end()
                    open.get(shop)?.delete(line)
                }
            }),
        )
    }
}

function refuse(answer, status, title, more = {}) {
    answer.writeHead(status, { 'Content-Type': 'application/problem+json', 'Cache-Control': 'no-store', ...more })
    answer.end(JSON.stringify({ type: 'about:blank', title, status, detail: `${title}.` }))
}

createServer(async (request, answer) => {
    const all = [...open.values()].reduce((sum, each) => sum + each.size, 0)
    if (all >= MOST) {
        return refuse(answer, 503, 'So many tablets are told already', { 'Retry-After': '30' })
    }
    const headers = {
        cookie: request.headers.cookie ?? '',
        accept: 'application/json',
        host: request.headers.host ?? '',
        // the application knows the cookies of a private connection by this
        ...(request.headers['x-moltrek-scheme'] === 'https' ? { 'x-moltrek-scheme': 'https' } : {}),
    }
    let line
    try {
        line = await whose(headers)
    } catch {
        return refuse(answer, 503, 'The application does not answer', { 'Retry-After': '2' })
    }
    const lines = line && open.get(line.shop)
    if (!lines) {
        return refuse(answer, 401, 'Sign in first')
    }
    if ([...lines].filter(({ who }) => who === line.who).length >= MOST_OF_ONE) {
        return refuse(answer, 429, 'So many pages of yours are told already', { 'Retry-After': '30' })
    }
    answer.writeHead(200, { 'Content-Type': 'text/event-stream', 'Cache-Control': 'no-store', 'X-Content-Type-Options': 'nosniff' })
    answer.write('retry: 2000\nevent: again\ndata: {}\n\n')
    const held = { answer, who: line.who, headers }
    lines.add(held)
    request.on('close', () => lines.delete(held))
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
