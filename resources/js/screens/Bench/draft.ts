import type { Job, Spot, Tool } from '../../app/api'

/** A field of a reading, as the hands come to them. */
export type Field = 'figure' | 'deviation' | 'setting' | 'passes' | 'drags' | 'refuses' | 'hole' | 'shaft' | 'atLeast'

/** What has been typed for one place and not yet entered. */
export interface Draft {
    figure: string
    deviation: string
    passes: string
    drags: string
    refuses: string
    hole: string
    shaft: string
    /** A strip that was not crushed gives only a lower bound. */
    atLeast: string
}

/** How the readings of this bench are being taken: kept from one reading to the next. */
export interface Habit {
    unit: string
    pressure?: string
    /** A bore is read outright, or as a gauge's deviation from its setting. */
    gauge: boolean
    setting: string
    settingUnit: string
    tools: Record<string, string>
    setWith: string
}

export const EMPTY: Draft = {
    figure: '',
    deviation: '',
    passes: '',
    drags: '',
    refuses: '',
    hole: '',
    shaft: '',
    atLeast: '',
}

export const UNITS = ['mm', 'in', 'thou']

/** The fields of a place in the order in which Enter walks them. */
export function fieldsOf(spot: Spot, habit: Habit): Field[] {
    if (spot.form === 'leaves') {
        return ['passes', 'refuses']
    }
    if (spot.form === 'hole and shaft') {
        return ['hole', 'shaft']
    }
    return spot.form === 'diameter' && habit.gauge ? ['deviation'] : ['figure']
}

/** Every field that a place shows, beyond those that Enter walks. */
export function shownFields(spot: Spot, habit: Habit): Field[] {
    if (spot.form === 'leaves') {
        return ['passes', 'drags', 'refuses']
    }
    return spot.form === 'strip' ? ['figure', 'atLeast'] : fieldsOf(spot, habit)
}

/** The units that a place is read in. */
export function unitsOf(spot: Spot): string[] {
    return spot.unit === 'kPa' ? ['kPa', 'bar', 'psi'] : UNITS
}

/** The unit that stands for a figure typed without one. */
export function unitFor(spot: Spot, habit: Habit): string {
    const gauge = spot.form === 'diameter' && habit.gauge
    const chosen = gauge ? habit.settingUnit : spot.unit === 'kPa' ? (habit.pressure ?? 'kPa') : habit.unit
    return unitsOf(spot).includes(chosen) ? chosen : (unitsOf(spot)[0] ?? 'mm')
}

/** A figure with its unit: the one chosen, unless a unit was typed. */
export function withUnit(text: string, unit: string): string {
    const trimmed = text.trim()
    return /[^\d.,/+\-−\s]/.test(trimmed) ? trimmed : `${trimmed} ${unit}`
}

function reading(spot: Spot, draft: Draft, habit: Habit): unknown {
    if (spot.form === 'leaves') {
        const leaf = (text: string) => (text.trim() === '' ? undefined : withUnit(text, habit.unit))
        return { passes: leaf(draft.passes), drags: leaf(draft.drags), refuses: leaf(draft.refuses) }
    }
    if (spot.form === 'diameter' && habit.gauge) {
        return {
            setting: withUnit(habit.setting, habit.settingUnit),
            deviation: withUnit(draft.deviation, habit.settingUnit),
        }
    }
    if (spot.form === 'hole and shaft') {
        return { hole: withUnit(draft.hole, habit.unit), shaft: withUnit(draft.shaft, habit.unit) }
    }
    if (spot.form === 'strip' && draft.atLeast.trim() !== '') {
        return { at_least: withUnit(draft.atLeast, habit.unit) }
    }
    return withUnit(draft.figure, unitFor(spot, habit))
}

export function isEmpty(spot: Spot, draft: Draft, habit: Habit): boolean {
    const fields = shownFields(spot, habit)
    const blank = (field: Field) => field === 'setting' || (draft[field] ?? '').trim() === ''
    return spot.form === 'hole and shaft' ? fields.some(blank) : fields.every(blank)
}

/** The tool a place is read with: the one last used of its kind, else the first of the toolbox. */
export function toolFor(spot: Spot, habit: Habit, tools: Tool[]): string | undefined {
    const kept = tools.find((tool) => tool.id === habit.tools[spot.instrument])
    return kept?.id ?? tools.find((tool) => tool.kind === spot.instrument)?.id
}

/** What goes to the log, or to the preview. */
export function payloadOf(spot: Spot, draft: Draft, habit: Habit, tools: Tool[]): Record<string, unknown> {
    const setWith = tools.find((tool) => tool.id === habit.setWith) ?? tools.find((tool) => tool.kind === 'micrometer')
    const tool = toolFor(spot, habit, tools)
    return {
        spot: spot.id,
        reading: reading(spot, draft, habit),
        ...(tool ? { tool } : {}),
        ...(spot.form === 'diameter' && habit.gauge ? { set_with: setWith?.id } : {}),
    }
}

/** A reading in words, for the slip while it waits. */
export function inWords(spot: Spot, payload: Record<string, unknown>): string {
    const value = payload.reading
    if (typeof value === 'string') {
        return `${spot.name}: ${value}`
    }
    const parts = value as Record<string, string | undefined>
    if (parts.deviation) {
        return `${spot.name}: ${parts.deviation} from ${parts.setting}`
    }
    if (parts.answer) {
        return `${spot.name}: ${parts.answer}${parts.note ? `: ${parts.note}` : ''}`
    }
    if (parts.hole) {
        return `${spot.name}: ${parts.hole} hole, ${parts.shaft} shaft`
    }
    if (parts.at_least) {
        return `${spot.name}: at least ${parts.at_least}`
    }
    const leaves = ['passes', 'drags', 'refuses'].filter((how) => parts[how]).map((how) => `${parts[how]} ${how}`)
    return `${spot.name}: ${leaves.join(', ')}`
}

/** One key of the deck applied to what stands in a field. */
export function press(text: string, key: string): string {
    if (key === 'del') {
        return text.slice(0, -1)
    }
    if (key === '±') {
        return /^[-−]/.test(text) ? text.slice(1) : `-${text}`
    }
    return text + key
}

/** A setting ring sets the gauge to its own size, which is all of its range. */
export function ringSize(tool: Job['tools'][number] | undefined): { setting?: string; settingUnit?: string } {
    const [, setting, settingUnit] =
        (tool?.kind === 'setting ring' && /^([\d.]+) (mm|in)$/.exec(tool.range ?? '')) || []
    return setting && settingUnit ? { setting, settingUnit } : {}
}
