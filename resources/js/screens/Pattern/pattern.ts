import type { Quantity } from '../../app/useCalculation'
import { CLAMP } from '../../app/words'

/** A bolt as it was typed: its number on the part and its place in mm, seen from above. */
export interface Place {
    id: string
    x: string
    y: string
}

export interface Drafted {
    places: Place[]
    pattern: string
    /** The ids in the order they were tapped or typed, for a pattern of one's own. */
    own: string[]
    torque: string
    school: string
}

export interface Answer {
    order: string[]
    tilt: { steps: number[]; worst: number; mean: number }
}

export interface Loads {
    final: Record<string, Quantity>
    spread: number | null
}

/** What stands there before anybody placed a bolt: a head of two cylinders with ten. */
export const TEN: Place[] = [-43, 43].flatMap((y, row) =>
    [-160, -80, 0, 80, 160].map((x, column) => ({ id: String(row * 5 + column + 1), x: String(x), y: String(y) })),
)

const sized = (text: string) => `${text.trim().replace(',', '.')} mm`

export const boltsOf = (places: Place[]) => places.map(({ id, x, y }) => ({ id, x: sized(x), y: sized(y) }))

export const asked = ({ places, pattern, own }: Drafted) => ({
    bolts: boltsOf(places),
    pattern,
    ...(pattern === 'given' ? { order: own } : {}),
})

/** The teaching model's question: these bolts pulled in these orders, stage after stage. */
export const loaded = (places: Place[], orders: string[][], torques: Quantity[]) => ({
    bolts: boltsOf(places),
    ...CLAMP,
    pulls: orders.flatMap((order, stage) =>
        order.map((bolt) => ({ bolt, torque: `${torques[stage]?.value ?? 0} ${torques[stage]?.unit ?? 'N·m'}` })),
    ),
})

/** Where a bolt is drawn; one whose place is not a figure yet is not. */
export function placed(places: Place[]): { id: string; x: number; y: number }[] {
    return places
        .map(({ id, x, y }) => ({ id, x: figure(x), y: figure(y) }))
        .filter(({ x, y }) => Number.isFinite(x) && Number.isFinite(y))
}

const figure = (text: string) => (text.trim() === '' ? Number.NaN : Number(text.replace(',', '.')))

/** The bolts on the other bank: left is right. */
export const mirrored = (places: Place[]): Place[] =>
    places.map((place) => {
        const x = figure(place.x)
        return Number.isFinite(x) && x !== 0 ? { ...place, x: String(-x) } : place
    })

export const toCsv = (places: Place[], order: string[]): string =>
    [
        'bolt,x mm,y mm,turn',
        ...places.map(({ id, x, y }) => [id, x, y, order.indexOf(id) + 1 || ''].map(cell).join(',')),
        '',
    ].join('\r\n')

const cell = (value: string | number) =>
    /[",\n]/.test(String(value)) ? `"${String(value).replaceAll('"', '""')}"` : value

/**
 * Reads bolt, x, y and, where every line has one, the turn at which it is pulled; a heading is left out.
 *
 * @throws Error that names the line and says what was read and what is allowed
 */
export function fromCsv(text: string): { places: Place[]; order: string[] } {
    const lines = text.split(/\r?\n/).map((line, index) => ({ cells: cells(line), number: index + 1 }))
    const rows = lines.filter(({ cells: [id, x], number }) => id && !(number === 1 && Number.isNaN(figure(x ?? ''))))
    if (rows.length === 0) {
        throw new Error(
            'No bolt was read: each line is a bolt, its x and its y in mm, with commas or semicolons between.',
        )
    }
    for (const { cells: read, number } of rows) {
        for (const place of [read[1] ?? '', read[2] ?? '']) {
            if (!Number.isFinite(figure(place))) {
                throw new Error(`Line ${number}: read “${place}”; a place is a figure in mm.`)
            }
        }
    }
    const turns = rows.map(({ cells: [id = '', , , turn = ''] }) => ({ id, turn: figure(turn) }))
    return {
        places: rows.map(({ cells: [id = '', x = '', y = ''] }) => ({ id, x, y })),
        order: turns.every(({ turn }) => Number.isFinite(turn))
            ? turns.sort((one, other) => one.turn - other.turn).map(({ id }) => id)
            : [],
    }
}

/** The map as a drawing that stands by itself, 1 mm to the unit, black on white. */
export function toSvg(places: Place[], order: string[]): string {
    const bolts = placed(places)
    const edges = (of: (bolt: { x: number; y: number }) => number) => [
        Math.min(...bolts.map(of)) - 25,
        Math.max(...bolts.map(of)) + 25,
    ]
    const [[left = 0, right = 0], [bottom = 0, top = 0]] = [edges(({ x }) => x), edges(({ y }) => y)]
    const size = `${right - left}mm" height="${top - bottom}mm" viewBox="${left} ${-top} ${right - left} ${top - bottom}`
    return [
        `<svg xmlns="http://www.w3.org/2000/svg" width="${size}" font-family="sans-serif" text-anchor="middle">`,
        ...bolts.map(
            ({ id, x, y }) =>
                `<circle cx="${x}" cy="${-y}" r="10" fill="white" stroke="black"/><text x="${x}" y="${4 - y}" font-size="12">${order.indexOf(id) + 1 || ''}</text><text x="${x}" y="${18 - y}" font-size="7">bolt ${escaped(id)}</text>`,
        ),
        '</svg>',
    ].join('\n')
}

const escaped = (text: string) => text.replaceAll('&', '&amp;').replaceAll('<', '&lt;')

/** Semicolons part the cells where there are any: then a comma is a decimal one. */
const cells = (line: string): string[] =>
    line.split(line.includes(';') ? ';' : ',').map((each) => each.trim().replace(/^"(.*)"$/, '$1'))
