import { stated } from './printed'
import type { Schema } from './schema'

/** What a field may name: things of the sheet, or of what follows from it. */
export type Named = 'marks' | 'slabs' | 'cylinders' | 'groups' | 'steps' | 'places' | 'judged' | 'fasteners'

const NAMED: [RegExp, Named][] = [
    [/^ignition\.trusted$/, 'marks'],
    [/^slabs\.\d+\.(on|pulled_after)$/, 'slabs'],
    [/^(oil_seen|valve_train\.marks_behind|ignition\.behind)$/, 'slabs'],
    [/^(fasteners|pieces|plan\.add)\.\d+\.slab$/, 'slabs'],
    [/^slabs\.\d+\.cylinders$/, 'cylinders'],
    [/\.cylinder$/, 'cylinders'],
    [/^programmes\.\d+\.(group|mirrors)$/, 'groups'],
    [/^fasteners\.\d+\.group$/, 'groups'],
    [/^programmes\.\d+\.stages\.\d+\.order$/, 'fasteners'],
    [/^(waits\.\d+\.after|plan\.drop|fasteners\.\d+\.pulled_in)$/, 'steps'],
    [/^plan\.add\.\d+\.(needs|before)$/, 'steps'],
    [/^plan\.access\.\d+\.(first|then)$/, 'steps'],
    [/^plan\.after/, 'steps'],
    [/^limits\.\d+\.quantity$/, 'judged'],
    [/^limits\.\d+\.of$/, 'places'],
]

export const namedAt = (path: string): Named | null => NAMED.find(([pattern]) => pattern.test(path))?.[1] ?? null

/** What sort of quantity is printed there, the likeliest first. */
export function dimensionsAt(path: string): string[] {
    return /stages\.\d+$/.test(path)
        ? ['torque', 'angle']
        : /ignition\.point$/.test(path)
          ? ['angle', 'length']
          : /(centreline|separation)$/.test(path)
            ? ['angle']
            : ['length']
}

const LABELS: Record<string, string> = {
    printed: 'figure',
    kind: 'what it is',
    'piston.rings.kind': 'sort of ring',
    'fasteners.kind': 'sort of fastener',
    'programmes.stages.kind': 'what is done',
    'plan.add.kind': 'sort of work',
    'plan.access.kind': 'why it has its turn',
    on: 'stands on',
    'marks.on': 'is on',
    for: 'stands for',
    of: 'which of them',
    by: 'is replaced by',
    at: 'its place, clockwise from the exhaust',
    'geometry.ports.at': 'its middle, clockwise from the exhaust',
    at_cylinder: 'its place, by cylinder',
    mark: 'mark on it',
    'layout.cylinders.phase': 'crank angle after the first',
    'layout.cylinders.fires': 'fires at',
    form: 'how they stand',
    exhaust_valve: 'exhaust valve',
    one_use: 'used once',
    one_block: 'one block',
    thread_is: 'thread is',
    face_is: 'face is',
    x: 'x, from the middle',
    y: 'y, from the middle',
    wheel: 'cam wheel is',
    rods: 'rods',
    drop: 'steps that this engine has not',
    add: 'steps of its own',
    'plan.after': 'what else a step waits for',
    access: 'what has its turn because of access',
    'plan.access.then': 'before this step',
    first: 'this step',
    days: 'days until it comes',
    'run_in.rechecks.days': 'days',
    over: 'past its limit',
    mirrors: 'same as, in a mirror',
    seen_by_person: 'ended by somebody who sees',
    until: 'until',
    keep_off: 'where no gap may lie',
    setting: 'how valves are set',
    cams: 'cam events',
    cam_wheel: 'cam wheel',
    opens: 'opens',
    closes: 'closes',
    set_by: 'is set by',
    behind: 'is reached behind',
    turning_back: 'turning back',
    bearings: 'main bearings',
    sizes: 'pistons that can be had',
    seen_from: 'seen from',
    fluids: 'fluids',
    tests: 'tests at the end',
    run_in: 'running in',
    also_printed: 'also printed as',
    on_bore: 'rule is counted on the bore',
    tube: 'parts of a rod’s tube, from below',
    shells: 'shells by mark',
    rod: 'rod, between centres',
    rod_source: 'source of the rod’s length',
    trusted: 'the mark that is trusted',
    schools: 'how this engine is usually done',
}

/** "how they stand" for a place such as "layout.form". */
export function labelOf(path: string): string {
    const keys = path.split('.').filter((key) => !/^\d+$/.test(key))
    const last = keys.at(-1) ?? ''
    return LABELS[keys.join('.')] ?? LABELS[last] ?? last.replaceAll('_', ' ')
}

const HINTS: Record<string, string> = {
    bore: '54.0 mm',
    stroke: '50.6 mm',
    rod: '105 mm, between centres',
    vee_angle: '52 deg',
    thread: 'M8x1.25',
    class: '8.8',
    thread_is: 'dry, oiled, threadlocker',
    face_is: 'dry, oiled',
    turned_by: 'the rotor nut, 19 mm',
    direction: 'anticlockwise seen from the rotor',
    turning_back: 'allowed, or harmful: why',
    gauge_point: '12 mm above the skirt',
    time: '15 min',
    capacity: '1.9 L',
    pressure: '50 kPa',
    opens: '12 deg',
    closes: '44 deg',
    order: 'h1 h4 h2 h3',
    ratio: '1.2',
    incline: '8 deg',
    phase: '180 deg',
    fires: '0 deg',
    clock: '300 deg',
    meets: '0 deg',
    at: '90 deg',
    chamber: '12.2 cc',
    dome: '1.2 cc',
    volume: '9.6 cc',
    speed: '9800 rpm',
    cool: '4 h',
    until: '2 h',
    hours: '10 h',
    drop: '7 kPa',
}

export function hintOf(path: string, schema: Schema): string {
    const last = path.split('.').at(-1) ?? ''
    return HINTS[last] ?? (schema.$ref?.endsWith('quantity') ? '0.00 mm' : '')
}

/** What is not asked for: the sheet's own name, and what another field types. */
export const isTyped = (path: string): boolean =>
    !/^(schema|id)$/.test(path) && !/stages\.\d+\.(figure|min|max)$/.test(path) && !isEnd(path)

const ENDS = ['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max', 'rule']
const isEnd = (path: string): boolean => /^limits\.\d+\./.test(path) && ENDS.includes(path.split('.')[2] ?? '')

type Member = Record<string, unknown>

const text = (value: unknown): string =>
    Array.isArray(value) ? value.join(', ') : typeof value === 'object' || value == null ? '' : String(value)

const STAGES = ['torque', 'angle', 'loosen', 'snug', 'check']

/** What a member of a list is called. */
export function titleOf(member: Member): string {
    if (member.id === undefined && STAGES.includes(text(member.kind))) {
        return text(member.kind)
    }
    for (const key of ['name', 'id', 'quantity', 'group', 'what', 'symptom', 'label', 'fluid', 'replaces', 'text']) {
        if (text(member[key]) !== '') {
            return text(member[key]).replaceAll('_', ' ')
        }
    }
    return text(member.kind) || text(member.then) || 'new'
}

/** What is seen of a member of a list without opening it. */
export function summaryOf(member: Member): string {
    if (member.thread !== undefined) {
        return [text(member.slab), `x ${text(member.x)}, y ${text(member.y)}`, text(member.thread), text(member.class)]
            .filter((said) => said !== '')
            .join(' · ')
    }
    const more = [
        'of',
        'drawn_as',
        'seal',
        'side',
        'kind',
        'on',
        'for',
        'mark',
        'time',
        'after',
        'piston',
        'test',
        'by',
    ]
    const facts = more.map((key) => text(member[key])).filter((said) => said !== '' && said !== titleOf(member))
    const stages = (Array.isArray(member.stages) ? member.stages : []).map(
        (stage) => stated(stage) || text(stage?.kind),
    )
    return [...facts, stages.join(', '), stated(member), text(member.source)].filter((said) => said !== '').join(' · ')
}
