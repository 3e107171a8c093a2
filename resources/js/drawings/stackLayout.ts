import type { Schemas } from '../app/api'

type Drawing = Schemas['Drawing']

export interface StackSlab {
    id: string
    drawnAs: string
    state: string
    level?: number
    /** The bank of a V that it belongs to. */
    column?: number | null
    beside?: boolean
}

export interface Row {
    /** The first of the slabs that lie at this height. */
    slab: StackSlab
    /** One, or of a V with columns of their own one a bank. */
    slabs: StackSlab[]
    /** The stretch of the column that belongs to this slab. */
    y: number
    height: number
    /** Where the part itself is drawn within it. */
    partY: number
    partHeight: number
}

/** One bank of a V, seen along the crank: its first cylinder stands for those behind it. */
export interface Bank {
    cylinder: Schemas['Cylinder']
    /** Degrees from upright, clockwise. */
    tilt: number
    side: -1 | 1
}

export interface StackLayout {
    /** Pixels a millimetre. */
    scale: number
    width: number
    height: number
    /** Top-down. */
    rows: Row[]
    /** The cylinders' axes; of a V, the one axis that each bank is turned from. */
    centres: number[]
    /** Empty where the cylinders stand in a line. */
    banks: Bank[]
    /** How far each bank's parts stand out from the middle, so that the feet of the barrels just clear each other. */
    lean: number
    bore: number
    wall: number
    left: number
    right: number
}

const PITCH = 1.3
const WALL = 0.17

/** How far below the case mouths the crank's centre lies, as a part of the case's height. */
export const CRANK_DOWN = 0.56

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
        case 'cam holder':
            return drawing.bore * 0.48 * scale
        case 'rocker box':
            return drawing.bore * 0.42 * scale
        case 'cover':
            return drawing.bore * 0.26 * scale
        case 'side cover':
        case 'cam chest':
            return drawing.bore * 0.42 * scale
        case 'exhaust valve cover':
            return drawing.bore * 0.3 * scale
        default:
            return 5
    }
}

/** The first bank leans to the right, as the wheels roll, and the second to the left. */
export function banksOf(drawing: Drawing): Bank[] {
    if (drawing.form !== 'vee') {
        return []
    }
    const bankOf = (cylinder: Schemas['Cylinder']) => cylinder.bank ?? cylinder.id
    const half = (drawing.veeAngle ?? 90) / 2
    const firsts = drawing.cylinders.filter(
        (cylinder, index, all) => all.findIndex((other) => bankOf(other) === bankOf(cylinder)) === index,
    )
    return firsts
        .slice(0, 2)
        .map((cylinder, index) => ({ cylinder, tilt: index === 0 ? half : -half, side: index === 0 ? 1 : -1 }))
}

const radians = (degrees: number) => (degrees * Math.PI) / 180

/** The slabs top-down, those of one height together; what stands beside the columns comes last. */
function stacked(slabs: StackSlab[]): StackSlab[][] {
    const rows: StackSlab[][] = []
    for (const slab of [...slabs].reverse().filter((each) => !each.beside)) {
        const beside = rows.find(
            ([first]) => first && slab.column != null && first.column != null && first.level === slab.level,
        )
        beside ? beside.unshift(slab) : rows.push([slab])
    }
    return [...rows, ...slabs.filter((each) => each.beside).map((each) => [each])]
}

/** What a part takes up, sideways or upright, when it leans. */
const leaning = (along: number, across: number, tilt: number) =>
    along * Math.cos(radians(tilt)) + across * Math.sin(radians(tilt))

/**
 * The column of slabs, taken apart a little so that each can be touched, all parts to one scale and on the cylinders' axes.
 *
 * @param strip room above the topmost slab in place, for the waterline's own words
 * @param least the least height of a row, by slab, for what is written beside it
 * @param below room under a part, where what belongs to it is written there
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
        below = () => 0,
    }: { tallest?: number; togetherUpTo?: string | null; strip?: number; below?: (slab: StackSlab) => number } = {},
): StackLayout {
    const banks = banksOf(drawing)
    const tilt = Math.abs(banks[0]?.tilt ?? 0)
    const count = banks.length > 0 ? 1 : drawing.cylinders.length
    const out = drawing.bore * (PITCH * (count - 1) + 1 + 4.7 * WALL)
    const tall = Math.max(drawing.barrelHeight, drawing.bore)
    const apart = leaning(drawing.bore * (0.5 + WALL), drawing.barrelHeight / 2, tilt)
    const spread = 2 * (apart + leaning(out / 2, tall / 2, tilt))
    const scale = Math.min(width / (banks.length > 0 ? spread : out), tallest / drawing.barrelHeight)
    const bore = drawing.bore * scale
    const wall = bore * WALL
    const pitch = bore * PITCH
    const middle = width / 2
    const centres = Array.from({ length: count }, (_, index) => middle + (index - (count - 1) / 2) * pitch)
    const rows: Row[] = []
    let y = 0
    for (const level of stacked(slabs)) {
        const [slab] = level as [StackSlab]
        if (level.some((each) => each.id === togetherUpTo) && rows.length > 0) {
            y += strip
        }
        const cases = slab.drawnAs === 'case'
        const part = partHeight(slab.drawnAs, drawing, scale)
        const taken = cases || slab.beside || banks.length === 0 ? part : leaning(part, bore + 2 * wall, tilt)
        const gap = cases ? 0 : 5
        const written = Math.max(...level.map(below))
        const height = Math.max(taken + 2 * gap + written, ...level.map(least))
        const partY = cases ? y : y + (height - written - part) / 2
        rows.push({ slab, slabs: level, y, height, partY, partHeight: part })
        y += height
    }
    return {
        scale,
        width,
        height: y + 4,
        rows,
        centres,
        banks,
        lean: banks.length > 0 ? apart * scale : 0,
        bore,
        wall,
        left: (centres[0] ?? middle) - bore / 2 - wall,
        right: (centres[count - 1] ?? middle) + bore / 2 + wall,
    }
}

/** The height above which nothing is in place: between the topmost slab that is, and the one above it. */
export function waterline(layout: StackLayout, togetherUpTo: string | null): number | null {
    const row = layout.rows.find((candidate) => candidate.slabs.some((slab) => slab.id === togetherUpTo))
    return row && row !== layout.rows[0] ? row.y : null
}
