import type { Job, Payloads, Spot, Tool } from '../../app/api'
import type { Draft, Field, Habit } from './drafted'
import { formOf, partsInWords } from './forms'

export const EMPTY: Draft = {
    figure: '',
    deviation: '',
    passes: '',
    drags: '',
    refuses: '',
    hole: '',
    shaft: '',
    atLeast: '',
    front: '',
    rear: '',
    'pin left': '',
    'pin right': '',
    first: '',
    second: '',
    filled: '',
    down: '',
    again: '',
}

/** The fields of a place in the order in which Enter walks them. */
export const fieldsOf = (spot: Spot, habit: Habit): Field[] => formOf(spot.form).fields(habit)

/** Every field that a place shows, beyond those that Enter walks. */
export function shownFields(spot: Spot, habit: Habit): Field[] {
    const form = formOf(spot.form)
    return (form.shown ?? form.fields)(habit)
}

/** The unit that stands for a figure typed without one: the last one used of those that the place is read in. */
export function unitFor(spot: Spot, habit: Habit): string {
    const gauge = spot.form === 'diameter' && habit.gauge
    const chosen = gauge ? habit.settingUnit : (habit.units?.[spot.unit] ?? habit.unit)
    return spot.units.includes(chosen) ? chosen : (spot.units[0] ?? spot.unit)
}

export function isEmpty(spot: Spot, draft: Draft, habit: Habit): boolean {
    const fields = shownFields(spot, habit)
    const blank = (field: Field) => field === 'setting' || (draft[field] ?? '').trim() === ''
    if (spot.form === 'burette') {
        return blank('first')
    }
    return formOf(spot.form).whole ? fields.some(blank) : fields.every(blank)
}

/** Whether what is typed may be said to repeat the reading that stands: a figure read outright, of a place that was read. */
export const mayRepeat = (spot: Spot, habit: Habit): boolean =>
    spot.reading !== null && (spot.form === 'direct' || (spot.form === 'diameter' && !habit.gauge))

/** The tool a place is read with: the one last used of its kind, else the first of the toolbox. */
export function toolFor(spot: Spot, habit: Habit, tools: Tool[]): string | undefined {
    const kept = tools.find((tool) => tool.id === habit.tools[spot.instrument])
    const ofKind = tools.filter((tool) => tool.kind === spot.instrument)
    // where the size is not known beforehand, a tool whose scale begins at nothing is offered before one that begins at 50
    const fromNothing = spot.expected === null ? ofKind.find((tool) => tool.range?.startsWith('0 ')) : undefined
    return kept?.id ?? (fromNothing ?? ofKind[0])?.id
}

/** What goes to the log, or to the preview. */
export function payloadOf(spot: Spot, draft: Draft, habit: Habit, tools: Tool[]): Payloads['reading_taken'] {
    const setWith = tools.find((tool) => tool.id === habit.setWith) ?? tools.find((tool) => tool.kind === 'micrometer')
    const tool = toolFor(spot, habit, tools)
    const holeGauge = tools.find((each) => each.kind === 'small-hole gauge')
    return {
        spot: spot.id,
        reading: formOf(spot.form).reading(draft, habit, unitFor(spot, habit)) ?? '',
        ...(tool ? { tool } : {}),
        ...(draft.again && mayRepeat(spot, habit) ? { again: true } : {}),
        ...(spot.form === 'diameter' && habit.gauge ? { set_with: setWith?.id } : {}),
        ...(spot.form === 'under the head' && habit.held ? { held: habit.held } : {}),
        ...(spot.form === 'hole and shaft' && holeGauge ? { set_with: holeGauge.id } : {}),
    }
}

/** A reading in words, for the slip while it waits. */
export function inWords(spot: Spot, payload: Record<string, unknown>): string {
    const value = payload.reading
    if (typeof value === 'string') {
        return `${spot.name}: ${value}`
    }
    return `${spot.name}: ${partsInWords(value as Record<string, string | undefined>)}`
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
export function ringSize(tool: Job['measuring']['tools'][number] | undefined): {
    setting?: string
    settingUnit?: string
} {
    const [, setting, settingUnit] =
        (tool?.kind === 'setting ring' && /^([\d.]+) (mm|in)$/.exec(tool.range ?? '')) || []
    return setting && settingUnit ? { setting, settingUnit } : {}
}
