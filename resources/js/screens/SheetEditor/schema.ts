import published from '../../../../docs/schemas/engine-sheet.schema.json'

/** A part of the published schema of a sheet, as far as its forms follow it. */
export interface Schema {
    type?: string
    enum?: unknown[]
    properties?: Record<string, Schema>
    required?: string[]
    items?: Schema
    additionalProperties?: boolean | Schema
    oneOf?: Schema[]
    description?: string
    $ref?: string
    /** Said by one word, or told in parts: the word stands among them as "is". */
    isSaidOrTold?: boolean
}

const SHEET = published as unknown as Schema & { $defs: Record<string, Schema> }

/** What a value is typed by. */
export type Sort = 'quantity' | 'printed' | 'text' | 'number' | 'flag' | 'choice' | 'texts' | 'list' | 'map' | 'group'

const referred = (schema: Schema): string | undefined => schema.$ref?.split('/').at(-1)

export function resolved(schema: Schema): Schema {
    const name = referred(schema)
    const found = name === undefined ? schema : (SHEET.$defs[name] ?? {})
    const word = found.oneOf?.find((each) => each.enum)
    const parts = found.oneOf?.find((each) => each.properties)
    return word && parts ? { ...parts, properties: { is: word, ...parts.properties }, isSaidOrTold: true } : found
}

export function sortOf(schema: Schema): Sort {
    const name = referred(schema)
    if (name === 'quantity') {
        return 'quantity'
    }
    if (name === 'stated') {
        return 'printed'
    }
    const { type, enum: choices, properties, items, oneOf } = resolved(schema)
    if (oneOf) {
        return oneOf.some((each) => each.type === 'array') ? 'texts' : 'printed'
    }
    if (choices) {
        return 'choice'
    }
    if (type === 'array') {
        return items && sortOf(items) === 'group' ? 'list' : 'texts'
    }
    if (type === 'object') {
        return properties ? 'group' : 'map'
    }
    return type === 'boolean' ? 'flag' : type === 'number' || type === 'integer' ? 'number' : 'text'
}

export const itemsOf = (schema: Schema): Schema =>
    resolved(schema).items ?? resolved(schema).oneOf?.find((each) => each.items)?.items ?? {}

export const valuesOf = (schema: Schema): Schema => {
    const { additionalProperties } = resolved(schema)
    return typeof additionalProperties === 'object' ? additionalProperties : {}
}

/** The schema of what stands at a place such as "slabs.0.name". */
export function schemaAt(path: string): Schema {
    return path.split('.').reduce<Schema>((schema, key) => {
        const sort = sortOf(schema)
        if (sort === 'list' || sort === 'texts') {
            return itemsOf(schema)
        }
        return resolved(schema).properties?.[key] ?? {}
    }, SHEET)
}

type Values = Record<string, unknown>

const isObject = (value: unknown): value is Values =>
    typeof value === 'object' && value !== null && !Array.isArray(value)

/** A document as its form holds it: whatever is kept by free names is a list of name and value. */
export function toForm(value: unknown, schema: Schema = SHEET): unknown {
    const sort = sortOf(schema)
    if (sort === 'list' && Array.isArray(value)) {
        return value.map((each) => toForm(each, itemsOf(schema)))
    }
    if (sort === 'map' && isObject(value)) {
        return Object.entries(value).map(([key, each]) => ({ key, value: toForm(each, valuesOf(schema)) }))
    }
    if (sort === 'texts' && typeof value === 'string') {
        return [value]
    }
    if (sort === 'printed' && typeof value === 'string') {
        return { nominal: value }
    }
    if (resolved(schema).isSaidOrTold) {
        return isObject(value) ? { is: true, ...value } : { is: value }
    }
    if (sort === 'group' && isObject(value)) {
        return Object.fromEntries(
            Object.entries(value).map(([key, each]) => [key, toForm(each, resolved(schema).properties?.[key] ?? {})]),
        )
    }
    return value
}

/** The document that a form holds: what was left empty is not there. */
export function fromForm(value: unknown, schema: Schema = SHEET): unknown {
    const sort = sortOf(schema)
    if (resolved(schema).isSaidOrTold && isObject(value)) {
        const told = Object.entries(value).filter(([key, each]) => key !== 'is' && each !== '' && each != null)
        return value.is === true && told.length > 0 ? Object.fromEntries(told) : (value.is ?? undefined)
    }
    if (sort === 'list' && Array.isArray(value)) {
        return value.length === 0 ? undefined : value.map((each) => fromForm(each, itemsOf(schema)) ?? {})
    }
    if (sort === 'map' && Array.isArray(value)) {
        const entries = value.filter((each) => String(each?.key ?? '').trim() !== '')
        return entries.length === 0
            ? undefined
            : Object.fromEntries(entries.map((each) => [each.key.trim(), fromForm(each.value, valuesOf(schema)) ?? '']))
    }
    if (sort === 'texts' && Array.isArray(value)) {
        const texts = value.map((each) => (typeof each === 'string' ? each.trim() : each)).filter((each) => each !== '')
        // one that was said to be empty stays so: a slab that stands on nothing
        return texts.length === 0 && value.length > 0
            ? undefined
            : resolved(schema).oneOf && texts.length === 1
              ? texts[0]
              : texts
    }
    if (sort === 'printed' && resolved(schema).oneOf && isObject(value) && value.nominal && !value.printed) {
        return value.nominal
    }
    if (isObject(value)) {
        const properties = resolved(schema).properties ?? {}
        // what was printed is in the figures once it is understood; until then it stands, and is refused
        const { printed, understood, ...own } = value
        const left = printed !== undefined && printed !== understood ? { ...own, printed } : own
        const entries = Object.entries(left)
            .map(([key, each]) => [key, fromForm(each, properties[key] ?? {})] as const)
            .filter(([, each]) => each !== undefined)
        return entries.length === 0 && Object.keys(value).length > 0 ? undefined : Object.fromEntries(entries)
    }
    if (typeof value === 'string') {
        const text = value.trim()
        const figure = sort === 'number' ? Number(text.replace(',', '.')) : Number.NaN
        return text === '' ? undefined : Number.isFinite(figure) ? figure : text
    }
    return value ?? undefined
}
