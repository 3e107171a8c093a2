import { PATTERNS } from './words'

/** The torque section of an engine sheet's document: fasteners and programmes as the manual prints them. */
export interface FastenerText {
    id: string
    slab: string
    x: string
    y: string
    thread: string
    [more: string]: unknown
}

export interface StageText {
    kind: string
    figure?: string
    min?: string
    max?: string
    how?: string
    pattern?: string
    order?: string[]
    between?: string
    note?: string
}

export interface ProgrammeText {
    group: string
    name?: string
    mirrors?: string
    stages?: StageText[]
    source: string
    over?: string
}

export interface SheetText {
    fasteners?: FastenerText[]
    programmes?: ProgrammeText[]
    [more: string]: unknown
}

export interface GroupText {
    group: string
    step: string
    bolts: FastenerText[]
    programme: ProgrammeText | null
}

const stepOf = (bolt: FastenerText): string => String(bolt.pulled_in ?? `pull.${bolt.slab}`)

const groupOf = (bolt: FastenerText): string =>
    String(
        bolt.group ??
            (bolt.pulled_in === undefined || bolt.pulled_in === `pull.${bolt.slab}` ? bolt.slab : bolt.pulled_in),
    )

/** The groups of a sheet: those with a programme in its order, then those without. */
export function groupsOf(sheet: SheetText): GroupText[] {
    const bolts = sheet.fasteners ?? []
    const stated = (sheet.programmes ?? []).map((each) => each.group)
    const names = [...new Set([...stated, ...bolts.map(groupOf)])]
    return names.map((group) => {
        const own = bolts.filter((bolt) => groupOf(bolt) === group)
        return {
            group,
            step: own[0] ? stepOf(own[0]) : '',
            bolts: own,
            programme: sheet.programmes?.find((each) => each.group === group) ?? null,
        }
    })
}

/** The sheet with one group's programme in the place of what stood there. */
export function withProgramme(sheet: SheetText, programme: ProgrammeText): SheetText {
    const stated = sheet.programmes ?? []
    const isThere = stated.some((each) => each.group === programme.group)
    return {
        ...sheet,
        programmes: isThere
            ? stated.map((each) => (each.group === programme.group ? programme : each))
            : [...stated, programme],
    }
}

/** The sheet with these fasteners in the place of those of the same ids. */
export const withFasteners = (sheet: SheetText, bolts: FastenerText[]): SheetText => ({
    ...sheet,
    fasteners: (sheet.fasteners ?? []).map((bolt) => bolts.find((each) => each.id === bolt.id) ?? bolt),
})

/** A group with its bolts elsewhere, and its first stage in this order; later stages go the same way. */
export function withPattern(
    sheet: SheetText,
    group: string,
    places: { id: string; x: string; y: string }[],
    order: string[],
): SheetText {
    const own = groupsOf(sheet).find((each) => each.group === group)
    const model = own?.bolts[0]
    if (!own || !model) {
        return sheet
    }
    const moved = places.map(({ id, x, y }) => ({
        ...(own.bolts.find((bolt) => bolt.id === id) ?? model),
        id,
        x: inMillimetres(x),
        y: inMillimetres(y),
    }))
    const first = (sheet.fasteners ?? []).indexOf(model)
    const others = (sheet.fasteners ?? []).filter((bolt) => !own.bolts.includes(bolt))
    const fasteners = [...others.slice(0, first), ...moved, ...others.slice(first)]
    const stages = (own.programme?.stages ?? []).map(({ order: _, pattern: __, ...stage }, index) =>
        index === 0 ? { ...stage, order } : stage,
    )
    return own.programme && own.programme.mirrors === undefined
        ? withProgramme({ ...sheet, fasteners }, { ...own.programme, stages })
        : { ...sheet, fasteners }
}

const inMillimetres = (text: string): string => `${text.trim().replace(',', '.')} mm`

/** A figure or a range, as one types it: "24 N·m", "22 to 26 N·m", "85 to 95 deg"; an empty text is none. */
export function figureOf(text: string): Pick<StageText, 'figure' | 'min' | 'max'> {
    const range = /^\s*([\d.,]+)\s*([^\d\s.,–-][^–]*?)?\s*(?:to|–|-|\.\.)\s*([\d.,]+)\s*(\S.*?)\s*$/.exec(text)
    if (range) {
        const [, from, unit, to, last] = range
        return { min: `${from} ${unit?.trim() || last}`, max: `${to} ${last}` }
    }
    return text.trim() === '' ? {} : { figure: text.trim() }
}

export const printed = ({ figure, min, max }: StageText): string => (min && max ? `${min} to ${max}` : (figure ?? ''))

/** The largest torque that a group is drawn to; none for one that is snug alone. */
export const finalOf = (programme: ProgrammeText | null): string | null =>
    (programme?.stages ?? [])
        .filter((stage) => ['torque', 'loosen'].includes(stage.kind))
        .map((stage) => stage.max ?? stage.figure)
        .filter((text): text is string => text !== undefined)
        .at(-1) ?? null

const FASTENER_CELLS = [
    'id',
    'slab',
    'group',
    'pulled_in',
    'x',
    'y',
    'thread',
    'length',
    'class',
    'washer',
    'hand',
    'kind',
    'thread_is',
    'face_is',
    'reached',
    'owed_until',
    'one_use',
]

const STAGE_CELLS = ['group', 'name', 'source', 'over', 'mirrors', 'kind', 'figure', 'how', 'order', 'between', 'note']

/** Fasteners as a table: one line each. */
export const fastenersCsv = (sheet: SheetText): string =>
    table(
        FASTENER_CELLS,
        (sheet.fasteners ?? []).map((bolt) => FASTENER_CELLS.map((key) => String(bolt[key] ?? ''))),
    )

/** Programmes as a table: one line a stage, in the order in which they are done. */
export const programmesCsv = (sheet: SheetText): string =>
    table(
        STAGE_CELLS,
        (sheet.programmes ?? []).flatMap((programme) =>
            (programme.stages?.length ? programme.stages : [{ kind: '' }]).map((stage: StageText) => [
                programme.group,
                programme.name ?? '',
                programme.source,
                programme.over ?? '',
                programme.mirrors ?? '',
                stage.kind,
                printed(stage),
                stage.how ?? '',
                (stage.order ?? []).join(' ') || (stage.pattern ?? ''),
                stage.between ?? '',
                stage.note ?? '',
            ]),
        ),
    )

const table = (heading: string[], rows: string[][]): string =>
    [heading, ...rows]
        .map((row) => row.map(cell).join(','))
        .join('\r\n')
        .concat('\r\n')

const cell = (value: string): string => {
    const safe = /^[=+@\t\r]/.test(value) ? `'${value}` : value
    return /[",\n;]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe
}

/**
 * Reads either table, told by its heading, into the sheet.
 *
 * @throws Error that names the line, what was read and what is allowed
 */
export function fromCsv(sheet: SheetText, text: string): SheetText {
    const [heading = [], ...rows] = text
        .split(/\r?\n/)
        .filter((line) => line.trim() !== '')
        .map(cells)
    const line = (row: string[]) => Object.fromEntries(heading.map((key, index) => [key, row[index] ?? '']))
    if (heading.includes('thread') && heading.includes('x')) {
        return { ...sheet, fasteners: rows.map((row, index) => fastenerOf(line(row), index + 2)) }
    }
    if (heading.includes('group') && heading.includes('kind')) {
        return { ...sheet, programmes: programmesOf(rows.map((row) => line(row))) }
    }
    throw new Error(
        `The first line names the columns: ${FASTENER_CELLS.slice(0, 7).join(', ')} … or ${STAGE_CELLS.join(', ')}.`,
    )
}

function fastenerOf(row: Record<string, string>, line: number): FastenerText {
    for (const key of ['id', 'slab', 'x', 'y', 'thread']) {
        if (!row[key]) {
            throw new Error(`Line ${line}: ${key} is missing.`)
        }
    }
    const { one_use: oneUse, ...said } = Object.fromEntries(Object.entries(row).filter(([, value]) => value !== ''))
    return { ...said, ...(oneUse === 'true' ? { one_use: true } : {}) } as unknown as FastenerText
}

/** An order as one types it: ids, or the name of a pattern; an empty text goes as the stage before. */
export function orderOf(text: string): Pick<StageText, 'order' | 'pattern'> {
    const typed = text.trim()
    return PATTERNS.some(([kind]) => kind === typed && kind !== 'given')
        ? { pattern: typed }
        : typed === ''
          ? {}
          : { order: typed.split(/[\s,]+/) }
}

function programmesOf(rows: Record<string, string>[]): ProgrammeText[] {
    const programmes = new Map<string, ProgrammeText>()
    for (const row of rows) {
        const group = row.group ?? ''
        const programme = programmes.get(group) ?? {
            group,
            ...(row.name ? { name: row.name } : {}),
            ...(row.mirrors ? { mirrors: row.mirrors } : {}),
            ...(row.over ? { over: row.over } : {}),
            source: row.source ?? '',
        }
        if (row.kind) {
            programme.stages = [
                ...(programme.stages ?? []),
                {
                    kind: row.kind,
                    ...figureOf(row.figure ?? ''),
                    ...(row.how ? { how: row.how } : {}),
                    ...orderOf(row.order ?? ''),
                    ...(row.between ? { between: row.between } : {}),
                    ...(row.note ? { note: row.note } : {}),
                },
            ]
        }
        programmes.set(group, programme)
    }
    return [...programmes.values()]
}

/** The cells of a line; what stands in quotes may hold commas. Semicolons part them where there is no comma outside quotes. */
function cells(line: string): string[] {
    const separator = line.replaceAll(/"(?:[^"]|"")*"/g, '').includes(',') ? ',' : ';'
    const read: string[] = ['']
    let quoted = false
    for (let at = 0; at < line.length; at++) {
        const sign = line[at] ?? ''
        if (sign === '"' && quoted && line[at + 1] === '"') {
            read[read.length - 1] += '"'
            at++
        } else if (sign === '"') {
            quoted = !quoted
        } else if (sign === separator && !quoted) {
            read.push('')
        } else {
            read[read.length - 1] += sign
        }
    }
    return read.map((each) => each.trim().replace(/^'(?=[=+@])/, ''))
}
