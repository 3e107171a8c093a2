import type { Choice, Draft, Editing } from './useSheetEditor'

type Member = { id?: string; name?: string; group?: string; slab?: string }

const named = (members: unknown): Choice[] =>
    (Array.isArray(members) ? (members as Member[]) : []).flatMap(({ id, name }) =>
        id ? [{ id, name: name || id }] : [],
    )

const plain = (ids: (string | undefined)[]): Choice[] =>
    [...new Set(ids)].flatMap((id) => (id ? [{ id, name: id }] : []))

/** What the fields of a sheet may name, from what is typed and what follows from it. */
export function choicesOf(values: Record<string, unknown>, draft: Draft | undefined): Editing['choices'] {
    const part = (key: string) => (values[key] ?? {}) as Record<string, unknown>
    const fasteners = (values.fasteners ?? []) as Member[]
    const steps = new Map(draft?.errands.flatMap(({ steps }) => steps.map(({ id, name }) => [id, name] as const)))
    const cylinders = named(part('layout').cylinders)
    const rings = named(part('piston').rings)
    const valves = named(part('valve_train').valves)
    return {
        marks: named(values.marks),
        slabs: named(values.slabs),
        cylinders,
        groups: plain(fasteners.map(({ group, slab }) => group || slab)),
        steps: [...steps].map(([id, name]) => ({ id, name })),
        places: [...rings, ...plain(valves.length > 0 ? ['inlet', 'exhaust'] : []), ...valves, ...cylinders],
        judged: (draft?.judged ?? []).map(({ name, title }) => ({ id: name, name: title })),
        fasteners: plain(fasteners.map(({ id }) => id)),
    }
}

/** Every list member's id with the list it is of: "slabs/head". */
export function idsOf(document: unknown, at = ''): Set<string> {
    const ids = new Set<string>()
    const walk = (value: unknown, place: string) => {
        if (Array.isArray(value)) {
            for (const each of value) {
                const id = (each as { id?: unknown } | null)?.id
                if (typeof id === 'string') {
                    ids.add(`${place}/${id}`)
                }
                walk(each, place)
            }
        } else if (typeof value === 'object' && value !== null) {
            for (const [key, each] of Object.entries(value)) {
                walk(each, place === '' ? key : `${place}.${key}`)
            }
        }
    }
    walk(document, at)
    return ids
}
