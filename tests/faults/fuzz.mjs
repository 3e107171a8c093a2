// Five thousand requests made from the published description of the interface, the same ones every time: each route, each of its
// parameters and fields, filled with what nobody would send. No answer is a fault of the server, and every refusal is a problem
// document.
import { readFileSync } from 'node:fs'
import { Client } from './client.mjs'
import { JOB, dice, finish, must, trial } from './harness.mjs'

const COUNT = Number(process.env.MOLTREK_FUZZ ?? 5000)
const AT_ONCE = 4
const description = JSON.parse(readFileSync('docs/openapi.json', 'utf8'))
const chance = dice(20261201)
const pick = (list) => list[Math.floor(chance() * list.length)]

const VALUES = [
    null, true, false, 0, -1, 1, 7, 1.5, 1e308, Number.MAX_SAFE_INTEGER, '', ' ', 'ten', '55.01 mm', '٣٫٥ mm', '५५', '-', '--', '1e9', 'NaN', '\u0000', 'a\u0000b', '\u202E', '%00', "' or 1=1",
    '../../etc/passwd', 'x'.repeat(3000), [], [[]], [1, 'a', null], {}, { a: { b: [] } }, '2026-02-30', '9999-12-31T23:59:59Z', '01900000-0000-7000-8000-000000000001', 'head', 'piston.1', 'ulvane-139r', 'TW',
]
/** What would end the session or the shop that is being tried. */
const SPARED = /^\/api\/(sessions?|shops?\/|shop\/begin|password|pin|people|devices|bench|second-factor)/

const resolved = (schema) => (schema?.$ref ? resolved(description.components.schemas[schema.$ref.split('/').pop()]) : (schema ?? {}))

/** Something of a schema's shape, with any of its places filled otherwise. */
function made(schema, depth = 0) {
    const of = resolved(schema)
    if (chance() < 0.25 || depth > 4) {
        return pick(VALUES)
    }
    if (of.enum) {
        return pick([...of.enum, ...VALUES])
    }
    if (of.properties || of.type === 'object') {
        const object = Object.fromEntries(Object.entries(of.properties ?? {}).filter(() => chance() < 0.8).map(([key, each]) => [key, made(each, depth + 1)]))
        return chance() < 0.1 ? { ...object, stranger: pick(VALUES) } : object
    }
    if (of.type === 'array') {
        return Array.from({ length: Math.floor(chance() * 4) }, () => made(of.items, depth + 1))
    }
    return pick(VALUES)
}

const routes = Object.entries(description.paths).flatMap(([path, methods]) =>
    Object.entries(methods).filter(([method]) => ['get', 'post', 'delete'].includes(method) && !(method !== 'get' && SPARED.test(path))).map(([method, route]) => ({ path, method: method.toUpperCase(), route })),
)

await trial(`${COUNT} requests over ${routes.length} routes`, async () => {
    const isla = await new Client().signIn('isla')
    const statuses = new Map()
    const faults = []
    let left = COUNT
    const ask = async () => {
        while (left-- > 0) {
            const { path, method, route } = pick(routes)
            const query = (route.parameters ?? []).filter((each) => each.in === 'query').map(({ name }) => `${encodeURIComponent(name)}${chance() < 0.2 ? '[]' : ''}=${encodeURIComponent(String(pick(VALUES)))}`)
            const address = path.slice(1).replace(/\{(\w+)\}/g, (_, name) => (name === 'number' && chance() < 0.8 ? String(JOB) : encodeURIComponent(String(pick(['head', '1', 'ulvane-139r', 'pull.head', ...VALUES])).slice(0, 80) || '0')))
            const schema = route.requestBody?.content?.['application/json']?.schema
            const body = method === 'GET' ? undefined : schema ? made(schema) : pick(VALUES)
            const answer = await isla.ask(method, `${address}${query.length > 0 ? `?${query.join('&')}` : ''}`, body)
            statuses.set(answer.status, (statuses.get(answer.status) ?? 0) + 1)
            if (answer.status >= 500 || (answer.status >= 400 && !/problem\+json|html/.test(answer.headers.get('content-type') ?? ''))) {
                faults.push(`${answer.status} ${method} ${address} ${JSON.stringify(body)?.slice(0, 300)} ${answer.text.slice(0, 120)}`)
            }
        }
    }
    await Promise.all(Array.from({ length: AT_ONCE }, ask))
    must(faults.length === 0, `${faults.length} faults:\n${faults.slice(0, 8).join('\n')}`)
    return [...statuses].sort().map(([status, count]) => `${count} × ${status}`).join(', ')
})
finish()
