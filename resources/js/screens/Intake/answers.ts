import { withUnit } from '../../app/format'

/** What is answered of an engine that the spec book has not. */
export interface Answers {
    /** A sheet of the spec book that it is built like; empty for one that is like none. */
    like: string
    make: string
    model: string
    kind: string
    cycle: string
    cylinders: number
    form: string
    vee_angle: string
    pins: number
    cooling: string
    exhaust_valve: boolean
    gear: string
    adjustment: string
    valves: number
    drive: string
    lining: string
    joining: string
    turned_by: string
    bore: string
    stroke: string
}

export const NOTHING: Answers = {
    like: '',
    make: '',
    model: '',
    kind: '',
    cycle: 'two-stroke',
    cylinders: 1,
    form: 'single',
    vee_angle: '90',
    pins: 180,
    cooling: 'air',
    exhaust_valve: false,
    gear: 'single cam',
    adjustment: 'screw',
    valves: 2,
    drive: 'chain',
    lining: 'iron',
    joining: 'barrel lowered over the pistons',
    turned_by: '',
    bore: '',
    stroke: '',
}

type Options = [string, string][]

export const FORMS: Record<number, Options> = {
    2: [
        ['parallel', 'side by side'],
        ['vee', 'in a V'],
    ],
    3: [['parallel', 'side by side']],
    4: [
        ['inline', 'in line'],
        ['vee', 'in a V'],
    ],
}

/** How valves are set on each gear, the usual way first; the rules of the trade say it. */
export type Ways = Record<string, string[]>

/** What a way is called where it is more than its name. */
export const WAYS: Record<string, string> = { 'ground stem': 'stem ground', 'finger and shim': 'shim under finger' }

/** An answer that makes others impossible puts the usual one in their place. */
export function answer(answers: Answers, part: Partial<Answers>, ways: Ways): Answers {
    const next = { ...answers, ...part }
    if (part.cylinders !== undefined) {
        next.form = part.cylinders === 1 ? 'single' : (FORMS[part.cylinders]?.[0]?.[0] ?? 'inline')
    }
    if (part.gear !== undefined) {
        next.adjustment = ways[part.gear]?.[0] ?? next.adjustment
        next.drive = part.gear.endsWith('cam') ? 'chain' : 'gears'
    }
    if (next.cycle === 'two-stroke' || next.form === 'vee' || next.cylinders === 1) {
        next.joining = NOTHING.joining
    }
    return next
}

/** What is sent of them: only what this engine has. */
export function sent(answers: Answers): Record<string, unknown> {
    const isFour = answers.cycle === 'four-stroke'
    const { make, model, kind, cycle, cylinders, form, cooling, lining, joining } = answers
    return {
        make,
        model,
        kind,
        cycle,
        cylinders,
        form,
        cooling,
        lining,
        joining,
        bore: withUnit(answers.bore, 'mm'),
        stroke: withUnit(answers.stroke, 'mm'),
        ...(form === 'vee' ? { vee_angle: withUnit(answers.vee_angle, 'deg') } : {}),
        ...(form === 'parallel' && cylinders === 2 ? { pins: answers.pins } : {}),
        ...(isFour
            ? { gear: answers.gear, adjustment: answers.adjustment, valves: answers.valves, drive: answers.drive }
            : { exhaust_valve: answers.exhaust_valve }),
        ...(answers.turned_by.trim() === '' ? {} : { turned_by: answers.turned_by.trim() }),
    }
}

/** What is sent of one that is built like another: its name and its own two figures. */
export const sentLike = ({ make, model, kind, bore, stroke }: Answers) => ({
    make,
    model,
    kind,
    bore: withUnit(bore, 'mm'),
    stroke: withUnit(stroke, 'mm'),
})

/** The same for the drawing, before names and figures are typed. */
export const drawn = (answers: Answers) =>
    sent({
        ...answers,
        make: answers.make.trim() || 'New',
        model: answers.model.trim() || 'engine',
        kind: answers.kind.trim() || 'machine',
        bore: answers.bore.trim() || '60',
        stroke: answers.stroke.trim() || '56',
    })
