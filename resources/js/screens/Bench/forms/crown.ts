import { withUnit } from '../../../app/format'
import type { Form } from './form'

/** Where a crown is read, in the order of the hands. */
export const POINTS = ['front', 'rear', 'pin left', 'pin right'] as const

/** What is said of a point instead of a figure: a key of the pad, and how it stands in the field. */
export const ROCKS = 'rocks'
export const UNCRUSHED = '≥'
export const TO = '–'

/** One point as it was typed: a figure, leaves "0.20–0.25" that pass and refuse, "rocks", or "≥1.50" for a wire not crushed. */
export function pointOf(typed: string, unit: string): unknown {
    const text = typed.trim()
    if (text === ROCKS) {
        return { lifts: true }
    }
    if (text.startsWith(UNCRUSHED)) {
        return { uncrushed: withUnit(text.slice(1), unit) }
    }
    const [passes, refuses] = text.split(/–|\.\.| to /).map((part) => part.trim())
    if (refuses === undefined) {
        return withUnit(text, unit)
    }
    return {
        ...(passes ? { passes: withUnit(passes, unit) } : {}),
        ...(refuses ? { refuses: withUnit(refuses, unit) } : {}),
    }
}

function inWords(said: unknown): string {
    if (typeof said !== 'object' || said === null) {
        return String(said)
    }
    const { lifts, uncrushed, passes, refuses } = said as Record<string, string | boolean | undefined>
    if (lifts) {
        return 'the bridge rocks'
    }
    return uncrushed
        ? `not crushed, ${uncrushed}`
        : [passes && `${passes} passes`, refuses && `${refuses} refuses`].filter(Boolean).join(', ')
}

/** Several points over one crown, entered together; those left empty are not said. */
export const crown: Form = {
    fields: () => [...POINTS],
    reading: (draft, _, unit) =>
        Object.fromEntries(
            POINTS.map((at) => [at, draft[at].trim() === '' ? undefined : pointOf(draft[at], unit)]).filter(
                ([, said]) => said !== undefined,
            ),
        ),
    words: (parts) =>
        POINTS.filter((at) => parts[at])
            .map((at) => `${at} ${inWords(parts[at])}`)
            .join('; ') || null,
}
