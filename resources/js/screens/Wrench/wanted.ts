import type { Tool } from '../../app/api'
import type { Quantity } from '../../app/useCalculation'

/** What somebody wants to set, as it was typed. */
export interface Wanted {
    from: string
    /** The upper end, where the manual prints a range. */
    to: string
    unit: string
    aim: string
    /** Length of the adapter in mm; none if empty. */
    adapter: string
    angle: number
    /** From the hand to the square in mm, by wrench. */
    levers: Record<string, string>
    /** The bolt it is meant for, where somebody says so. */
    thread?: string
    strength?: string
    condition?: string
}

/** A part of the form; what the core refuses of it is said there. */
export interface PartOfWanted {
    wanted: Wanted
    onChange: (part: Partial<Wanted>) => void
    wrong: string | null
}

export interface Setting {
    target: Quantity
    exact: Quantity
    dial: Quantity
    dial_text: string
    delivered: Quantity
    inside: boolean
    cautions: string[]
}

export interface Picked {
    choices: { wrench: string; adapter: string | null; setting: Setting }[]
}

/** From the hand to the square in mm: as typed here, else as the toolbox has it. */
export const leverOf = (tool: Tool, wanted: Wanted): string =>
    (wanted.levers[tool.id] ?? millimetres(tool.length)).trim().replace(',', '.')

/** What a length of the toolbox is in mm; empty for one in another unit. */
export const millimetres = (length: string | null): string => /^([\d.]+) mm$/.exec(length ?? '')?.[1] ?? ''

/** "5 to 50 N·m" and "0.5 N·m" as a wrench of the calculations; null where range or step is not stated so. */
export function wrenchOf(tool: Tool, wanted: Wanted): Record<string, string> | null {
    const [, min, max, unit] = /^([\d.]+) to ([\d.]+) (.+)$/.exec(tool.range ?? '') ?? []
    if (!min || !max || !unit || !tool.resolution) {
        return null
    }
    const lever = leverOf(tool, wanted)
    return {
        min: `${min} ${unit}`,
        max: `${max} ${unit}`,
        step: tool.resolution,
        ...(lever === '' ? {} : { length: `${lever} mm` }),
    }
}

const target = ({ from, to, unit, aim }: Wanted) =>
    to.trim() === '' ? { target: `${from} ${unit}` } : { target: { min: `${from} ${unit}`, max: `${to} ${unit}` }, aim }

const adapter = ({ adapter: length, angle }: Wanted) => ({ length: `${length} mm`, angle: `${angle} deg` })

/** The question for all wrenches at once. */
export const asked = (wanted: Wanted, tools: Tool[]) => ({
    ...target(wanted),
    wrenches: tools.map((tool) => ({ id: tool.id, ...wrenchOf(tool, wanted) })),
    ...(wanted.adapter.trim() === '' ? {} : { adapters: [{ id: 'adapter', ...adapter(wanted) }], needs_adapter: true }),
})

/** The question for one of them. */
export const settingOf = (tool: Tool, wanted: Wanted) => ({
    ...target(wanted),
    wrench: wrenchOf(tool, wanted),
    ...(wanted.adapter.trim() === '' ? {} : { adapter: adapter(wanted) }),
})
