import type { Schemas } from '../app/api'

type Ruler = Schemas['Ruler']

export interface Label {
    x: number
    text: string
    source: string
    service: boolean
}

/** Millimetres to the ruler's own width. */
export function scaleOf(ruler: Pick<Ruler, 'from' | 'to'>, width: number): (at: number) => number {
    const span = ruler.to - ruler.from || 1
    return (at) => Math.max(0, Math.min(width, ((at - ruler.from) / span) * width))
}

/** Three decimals where the limits need them, two where they do not. */
export function decimalsOf(figures: number[]): number {
    return figures.every((figure) => Math.abs(figure * 100 - Math.round(figure * 100)) < 1e-6) ? 2 : 3
}

/** The limits under the ruler; where two would touch, the later moves right until they do not. */
export function labelsOf(ruler: Ruler, width: number, room = 62): Label[] {
    const scale = scaleOf(ruler, width)
    const decimals = decimalsOf(ruler.marks.map((mark) => mark.at))
    let last = -Infinity
    return ruler.marks.map((mark) => {
        const x = Math.max(scale(mark.at), last + room)
        last = x
        return { x, text: mark.at.toFixed(decimals), source: mark.source ?? '', service: mark.service }
    })
}
