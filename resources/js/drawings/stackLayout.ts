import type { Schemas } from '../app/api'

type Drawing = Schemas['Drawing']

export interface StackSlab {
    id: string
    drawnAs: string
    state: string
}

export interface Row {
    slab: StackSlab
    /** The stretch of the column that belongs to this slab. */
    y: number
    height: number
    /** Where the part itself is drawn within it. */
    partY: number
    partHeight: number
}

export interface StackLayout {
    /** Pixels a millimetre. */
    scale: number
    width: number
    height: number
    /** Top-down. */
    rows: Row[]
    /** The cylinders' axes. */
    centres: number[]
    bore: number
    wall: number
    left: number
    right: number
}

const PITCH = 1.3
const WALL = 0.17

/** Heights of the parts in millimetres, as far as the sheet says them, else in proportion to the bore. */
function partHeight(drawnAs: string, drawing: Drawing, scale: number): number {
    switch (drawnAs) {
        case 'case':
            return (drawing.stroke * 1.15 + drawing.bore * 0.35) * scale
        case 'barrel':
            return drawing.barrelHeight * scale
        case 'head':
            return drawing.bore * (drawing.cycle === 'two-stroke' ? 0.5 : 0.62) * scale
        case 'valve gear':
            return drawing.bore * 0.48 * scale
        case 'cover':
            return drawing.bore * 0.26 * scale
        default:
            return 5
    }
}

/**
 * The column of slabs, taken apart a little so that each can be touched, all parts to one scale and on the cylinders' axes.
 *
 * @param strip room above the topmost slab in place, for the waterline's own words
 * @param least the least height of a row, by slab, for what is written beside it
 */
export function layoutStack(
    drawing: Drawing,
    slabs: StackSlab[],
    width: number,
    least: (slab: StackSlab) => number,
    {
        tallest = 170,
        togetherUpTo = null,
        strip = 0,
    }: { tallest?: number; togetherUpTo?: string | null; strip?: number } = {},
): StackLayout {
    const count = drawing.cylinders.length
    const wide = drawing.bore * (PITCH * (count - 1) + 1 + 4.7 * WALL)
    const scale = Math.min(width / wide, tallest / drawing.barrelHeight)
    const bore = drawing.bore * scale
    const wall = bore * WALL
    const pitch = bore * PITCH
    const middle = width / 2
    const centres = drawing.cylinders.map((_, index) => middle + (index - (count - 1) / 2) * pitch)
    const rows: Row[] = []
    let y = 0
    for (const slab of [...slabs].reverse()) {
        if (slab.id === togetherUpTo && rows.length > 0) {
            y += strip
        }
        const part = partHeight(slab.drawnAs, drawing, scale)
        const gap = slab.drawnAs === 'case' ? 0 : 5
        const height = Math.max(part + 2 * gap, least(slab))
        const partY = slab.drawnAs === 'case' ? y : y + (height - part) / 2
        rows.push({ slab, y, height, partY, partHeight: part })
        y += height
    }
    return {
        scale,
        width,
        height: y + 4,
        rows,
        centres,
        bore,
        wall,
        left: (centres[0] ?? middle) - bore / 2 - wall,
        right: (centres[count - 1] ?? middle) + bore / 2 + wall,
    }
}

/** The height above which nothing is in place: between the topmost slab that is, and the one above it. */
export function waterline(layout: StackLayout, togetherUpTo: string | null): number | null {
    const row = layout.rows.find((candidate) => candidate.slab.id === togetherUpTo)
    return row && row !== layout.rows[0] ? row.y : null
}
