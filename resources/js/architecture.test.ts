import { readdirSync, readFileSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { expect, it } from 'vitest'

const ROOT = resolve(import.meta.dirname)
const files = readdirSync(ROOT, { recursive: true, encoding: 'utf8' }).filter(
    (path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$/.test(path) && !path.startsWith('testing/'),
)
const folder = (path: string) => path.split('/')[0] ?? ''

/** Each file of the project that one imports, below the same root. */
function importsOf(path: string): string[] {
    const source = readFileSync(join(ROOT, path), 'utf8')
    return [...source.matchAll(/(?:from |import\()'(\.[^']+)'/g)].map(([, to]) =>
        relative(ROOT, resolve(ROOT, dirname(path), to ?? '')),
    )
}

const screenOf = (path: string) => (folder(path) === 'screens' ? path.split('/')[1] : undefined)

it('finds what it looks at', () => {
    expect(importsOf('app/routes.tsx')).toContain('screens/Bench/Bench')
})

it('lets a screen import no other screen', () => {
    const crossing = files.flatMap((path) =>
        importsOf(path)
            .filter((to) => screenOf(path) && screenOf(to) && screenOf(path) !== screenOf(to))
            .map((to) => `${path} imports ${to}`),
    )
    expect(crossing).toEqual([])
})

it('lets nothing beside the routes and the entry import a screen', () => {
    const above = files
        .filter((path) => folder(path) !== 'screens' && path !== 'app/routes.tsx')
        .flatMap((path) =>
            importsOf(path)
                .filter((to) => screenOf(to))
                .map((to) => `${path} imports ${to}`),
        )
    expect(above).toEqual([])
})

it('draws without asking the server or the outbox', () => {
    const asking = files
        .filter((path) => folder(path) === 'drawings')
        .flatMap((path) => importsOf(path).map((to) => `${path} imports ${to}`))
        .filter((line) => /app\/(outbox|queries|sender|journal|drafts)$/.test(line))
    expect(asking).toEqual([])
})

it('leads from no module round to itself', () => {
    const among = new Set(files)
    const named = new Map(
        files.map((path) => [
            path,
            importsOf(path)
                .flatMap((to) => [`${to}.ts`, `${to}.tsx`, `${to}/index.ts`])
                .filter((to) => among.has(to)),
        ]),
    )
    const reached = (start: string): Set<string> => {
        const seen = new Set<string>()
        const open = [...(named.get(start) ?? [])]
        for (let to = open.pop(); to !== undefined; to = open.pop()) {
            if (!seen.has(to)) {
                seen.add(to)
                open.push(...(named.get(to) ?? []))
            }
        }
        return seen
    }
    expect(reached('app/outbox.ts')).toContain('app/journal.ts')
    expect(files.filter((path) => reached(path).has(path))).toEqual([])
})
