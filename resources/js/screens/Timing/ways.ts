import type { Quantity } from '../../app/useCalculation'

/** Where the piston stands at each whole degree from top to bottom, as the core counts it. */
export interface Ways {
    at: { degrees: Quantity; below_tdc: Quantity; dial: Quantity }[]
}

/** The turns that are asked for: every whole degree from top to bottom. */
export const TURNS = Array.from({ length: 181 }, (_, turn) => turn)

export interface Place {
    /** Degrees from the top, whichever way. */
    turn: number
    /** Whether the piston is on its way up. */
    isBefore: boolean
    below: number
    dial: number
}

/** A turn of the crank on that table; between two degrees in proportion. */
export function placeAt(ways: Ways | null, crank: number): Place | null {
    const within = ((crank % 360) + 360) % 360
    const turn = within > 180 ? 360 - within : within
    const [one, other] = [ways?.at[Math.floor(turn)], ways?.at[Math.ceil(turn)]]
    if (!one || !other) {
        return null
    }
    const share = turn - Math.floor(turn)
    const between = (from: number, to: number) => from + share * (to - from)
    return {
        turn,
        isBefore: within > 180,
        below: between(one.below_tdc.value, other.below_tdc.value),
        dial: between(one.dial.value, other.dial.value),
    }
}
