import { useShop } from './queries'
import { TYPED_UNITS } from './words'

interface Thought {
    /** The unit that the bench counts in, as its sentences have it. */
    of: string
    factor: number
    more?: number
    /** Decimals beyond those of the figure that is thought of. */
    decimals: number
}

/** Units that people think in beside those that the bench counts in. */
const THOUGHT: Record<string, Thought> = {
    in: { of: 'mm', factor: 1 / 25.4, decimals: 1 },
    thou: { of: 'mm', factor: 1000 / 25.4, decimals: -2 },
    lbf·ft: { of: 'N·m', factor: 1 / 1.3558179483, decimals: 1 },
    lbf·in: { of: 'N·m', factor: 12 / 1.3558179483, decimals: 0 },
    kgf·m: { of: 'N·m', factor: 1 / 9.80665, decimals: 2 },
    psi: { of: 'kPa', factor: 1 / 6.894757293, decimals: 0 },
    bar: { of: 'kPa', factor: 0.01, decimals: 2 },
    degF: { of: '°C', factor: 1.8, more: 32, decimals: 0 },
}

const SIGN: Record<string, string> = { degF: '°F' }

/**
 * A sentence with its figures in the units that the shop thinks in behind those that the bench counts in:
 * "0.030 to 0.060 mm" becomes "0.030 to 0.060 mm (0.0012 to 0.0024 in)".
 */
export function thoughtIn(text: string, units: Record<string, string>): string {
    return Object.values(units).reduce((said, unit) => {
        const thought = THOUGHT[unit]
        return thought ? beside(said, unit, thought) : said
    }, text)
}

function beside(text: string, unit: string, { of, factor, more = 0, decimals }: Thought): string {
    const number = '[−-]?\\d+(?:\\.\\d+)?'
    const figure = new RegExp(`(?<![\\d.(/])(${number})(?:( to |–| and )(${number}))? ?${of}(?![\\w/]| \\()`, 'g')
    const one = (typed: string): string => {
        const sign = /^[−-]/.test(typed) ? -1 : 1
        const value = sign * Number(typed.replace(/^[−-]/, '')) * factor + more
        const places = Math.max(0, (typed.split('.')[1]?.length ?? 0) + decimals)
        return value.toFixed(Math.min(4, places)).replace('-', typed.startsWith('−') ? '−' : '-')
    }
    return text.replace(figure, (whole, first: string, between?: string, second?: string) => {
        const range = second === undefined ? one(first) : `${one(first)}${between}${one(second)}`
        return `${whole} (${range} ${SIGN[unit] ?? unit})`
    })
}

/** The same for the shop that is worked in. */
export function useThought(): (text: string) => string {
    const units = useShop().data?.units ?? {}
    return (text) => thoughtIn(text, units)
}

/** The unit that stands for a figure typed without one, where no limit says another: the one that the shop thinks in. */
export const useTypedUnit = (dimension: keyof typeof TYPED_UNITS): string => useTypedUnits()[dimension]

/** The same for every dimension. */
export function useTypedUnits(): Record<keyof typeof TYPED_UNITS, string> {
    const thought = useShop().data?.units ?? {}
    const usual = Object.fromEntries(Object.entries(TYPED_UNITS).map(([dimension, [unit]]) => [dimension, unit]))
    return { ...usual, ...thought } as Record<keyof typeof TYPED_UNITS, string>
}
