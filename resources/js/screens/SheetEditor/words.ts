import { stated } from '../../app/printed'
import type { Schema } from './schema'

/** What a field may name: things of the sheet, or of what follows from it. */
export type Named = 'marks' | 'slabs' | 'cylinders' | 'groups' | 'steps' | 'places' | 'judged' | 'fasteners'

const NAMED: [RegExp, Named][] = [
    [/^ignition\.trusted$/, 'marks'],
    [/^slabs\.\d+\.(on|pulled_after)$/, 'slabs'],
    [/^(oil_seen|valve_train\.marks_behind|ignition\.behind|exhaust_valve\.linkage_behind)$/, 'slabs'],
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
    [/(?:^|\.)limits\.\d+\.quantity$/, 'judged'],
    [/(?:^|\.)limits\.\d+\.of$/, 'places'],
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

/** What the trade calls it, where that is more than the key: by the whole place, or by its last part anywhere. */
const LABELS: Record<string, string> = {
    printed: 'figure',
    kind: 'what it is',
    note: 'note',
    seen_from: 'seen from',
    one_use: 'used once',
    bore: 'bore',
    rod: 'rod, between centres',
    at: 'its place, clockwise from the exhaust',
    mark: 'mark on it',
    source: 'who says so',

    'layout.form': 'how they stand',
    'layout.cylinders.phase': 'crank angle after the first',
    'layout.cylinders.fires': 'fires at',
    exhaust_valve: 'exhaust valve',
    'exhaust_valve.is': 'it has one',
    'exhaust_valve.kind': 'built as',
    'exhaust_valve.driven_by': 'driven by',
    'exhaust_valve.reached': 'comes out from',
    'exhaust_valve.linkage_behind': 'its linkage lies behind',
    'crank.bearings': 'main bearings',
    'crank.mains': 'main bearings, by name',
    'crank.turned_by': 'crank is turned by',
    'crank.direction': 'direction, in words',
    'crank.turning_back': 'turning back',
    'crank.rods': 'big ends',
    'crank.small_end': 'small end runs in a',
    'crank.runs': 'crank runs',
    oil_seen: 'oil is seen to arrive under',

    'slabs.drawn_as': 'drawn as',
    'slabs.on': 'stands on',
    'slabs.cylinders': 'serves',
    'slabs.seal': 'sealed below by',
    'slabs.pulled_after': 'pulled to its torque after',
    'slabs.half_moons': 'has half-moon plugs',
    pieces: 'gaskets and spacers that can be had',
    'pieces.slab': 'is one of',
    'pieces.crushed': 'thickness when crushed',
    'pieces.volume': 'chamber with it',
    'pieces.days': 'days until it comes',
    'pieces.standard': 'is what the maker fits',

    'geometry.rod_source': 'source of the rod’s length',
    'geometry.gasket_opening': 'opening of the head gasket',
    'geometry.bowl': 'bowl in the head',
    'geometry.ports.top': 'upper edge, from the top face down',
    'geometry.ports.bottom': 'lower edge, from the top face down',
    'geometry.ports.at': 'its middle, clockwise from the exhaust',
    'geometry.ports.width': 'width along the wall',
    'barrel.height': 'height of the barrel',
    'barrel.gauge_depths': 'bore is read at these depths',
    'barrel.one_block': 'all cylinders in one block',
    'barrel.joining': 'how piston and barrel join',
    'barrel.hone_with': 'may be honed with',
    'barrel.hone_budget': 'may come out at the hone',
    'barrel.wall_limit': 'largest bore that the wall allows',
    'barrel.cleanup': 'cleaning up takes',

    'piston.type': 'piston is',
    'piston.gauge_point': 'gauge point, above the skirt’s edge',
    'piston.height': 'height of the piston',
    'piston.gap_depth': 'ring gap is read at this depth',
    'piston.rings.kind': 'sort of ring',
    'piston.rings.peg': 'peg in its groove',
    'piston.rings.at_cylinder': 'its place, by cylinder',
    'piston.sizes': 'pistons that can be had',
    'piston.sizes.label': 'size',
    'piston.sizes.piston': 'piston measures',
    'piston.keep_off': 'where no gap may lie',
    'grades.of': 'what is graded',
    shells: 'shells by mark',

    'fasteners.slab': 'holds',
    'fasteners.kind': 'sort of fastener',
    'fasteners.x': 'x, from the middle',
    'fasteners.y': 'y, from the middle',
    'fasteners.class': 'strength class',
    'fasteners.thread_is': 'thread is',
    'fasteners.face_is': 'face under the head is',
    'fasteners.hand': 'hand of the thread',
    'fasteners.reached': 'how the wrench reaches it',
    'fasteners.pulled_in': 'pulled in the step',
    'fasteners.owed_until': 'owed its torque until',
    'programmes.mirrors': 'same as, in a mirror',
    'programmes.over': 'pulled past its limit',
    'programmes.stages.kind': 'what is done',
    'programmes.stages.how': 'how it is loosened',
    'programmes.stages.between': 'done between two pulls',

    'valve_train.gear': 'valve gear',
    'valve_train.adjustment': 'clearance is set by',
    'valve_train.drive': 'cams are driven by',
    'valve_train.cam_entry': 'how a cam comes out',
    'valve_train.wheel': 'cam wheel is',
    'valve_train.wheel_bolts': 'bolts of the cam wheel come',
    'valve_train.rods': 'pushrods',
    'valve_train.marks_behind': 'cam marks are seen under',
    'valve_train.cam_journals': 'cam journals, by name',
    'valve_train.cam_wheel.pitch': 'pitch of its chain',
    'valve_train.cam_wheel.driven_by': 'teeth of the wheel that drives it',
    'valve_train.cam_wheel.slotted': 'bolted through slots',
    'valve_train.cams': 'cam events',
    'valve_train.cams.lift': 'events are read at a lift of',
    'valve_train.cams.max_lift': 'whole lift',
    'valve_train.cams.separation': 'lobe separation',
    'valve_train.setting': 'how valves are set',
    'valve_train.setting.ratio': 'clearance changed by one of shim',
    'valve_train.setting.turns': 'turns of an adjustable rod',
    'valve_train.setting.shims': 'shims that can be had',
    'valve_train.setting.shims.from': 'thinnest',
    'valve_train.setting.shims.to': 'thickest',
    'valve_train.setting.shims.step': 'in steps of',
    'valve_train.setting.rods': 'rods on hydraulic lifters',
    'valve_train.setting.rods.per_inch': 'threads to the inch',
    'valve_train.setting.rods.pitch': 'or pitch of the thread',
    'valve_train.setting.rods.flats': 'flats of the adjuster',
    'valve_train.setting.rods.bleed_down': 'bleeds down in',
    'valve_train.setting.rod_lengths': 'lengths of the pushrods',
    'valve_train.setting.rocker_stack': 'parts of a rocker shaft, from the drive side',
    'valve_train.setting.tube': 'parts of a rod’s tube, from below',
    'wheels.offset': 'cam wheel in line with its drive',
    'wheels.offset.factor': 'moved by one of shim',
    'wheels.offset.where': 'shims lie',
    'wheels.backlash': 'backlash of the wheels',
    'wheels.backlash.factor': 'changed by one of shim',
    'wheels.backlash.where': 'shims lie',

    'ignition.set_by': 'is set by',
    'ignition.behind': 'is reached behind',
    'ignition.speed': 'its shaft turns at the speed of',
    'ignition.incline': 'plug hole leans by',
    'ignition.trusted': 'the mark that is trusted',
    'marks.on': 'is on',
    'marks.for': 'stands for',
    'marks.meets': 'is met so far after the top',
    'marks.clock': 'is read at, clockwise from straight up',
    'marks.against': 'is read against',

    'limits.of': 'which of them',
    'limits.on_bore': 'rule is counted on the bore',
    'limits.also_printed': 'also printed as',
    'limits.condition': 'read when',

    'waits.time': 'takes',
    'waits.after': 'begins when this is done',
    'waits.seen_by_person': 'over when somebody sees',
    tests: 'tests at the end',
    'tests.leak': 'leak test of the case',
    'tests.leak.pressure': 'pumped up to',
    'tests.leak.drop': 'may lose',
    'tests.leak.time': 'in',
    'tests.leak_down.limit': 'may lose, as a part of 1',
    'tests.leak_down.service': 'worn when it loses, as a part of 1',
    'tests.compression_spread': 'cylinders may differ by, as a part of 1',
    run_in: 'running in',
    'run_in.head_recheck': 'head is pulled again after the heats',
    'run_in.cool': 'cools for, between heats',
    'run_in.stages': 'hours with the throttle held back',
    'run_in.stages.throttle': 'throttle at most',
    'run_in.mixture': 'oil in the fuel',
    'run_in.mixture.ratio': 'parts of fuel to one of oil',
    'run_in.mixture.after': 'the same, once run in',
    'run_in.rechecks': 'looked at again',
    'run_in.rechecks.hours': 'after',
    'run_in.rechecks.days': 'or after days',

    'plan.drop': 'steps that this engine has not',
    'plan.add': 'steps of its own',
    'plan.add.slab': 'at',
    'plan.add.kind': 'sort of work',
    'plan.add.needs': 'only after',
    'plan.add.before': 'before',
    'plan.add.question': 'asks',
    'plan.add.parts': 'takes',
    'plan.add.tools': 'with',
    'plan.add.torque': 'to a torque of',
    'plan.after': 'what else a step waits for',
    'plan.access': 'what has its turn because of access',
    'plan.access.kind': 'why it has its turn',
    'plan.access.first': 'this step',
    'plan.access.then': 'before this step',
    'plan.access.what': 'what it is about',
    schools: 'how this engine is usually done',
    symptoms: 'known weak points',
    findings: 'what was found on others of its kind',
    'findings.text': 'what was found',
    'findings.from': 'on',
    substitutions: 'parts of another make',
    'substitutions.by': 'by',
    'substitutions.confirmed': 'consequences that were seen to',
    'substitutions.limits.of': 'which of them',
}

const keysOf = (path: string): string[] => path.split('.').filter((key) => !/^\d+$/.test(key))

/** "how they stand" for a place such as "layout.form"; a printed figure has the name of what it is the figure of. */
export function labelOf(path: string): string {
    const keys = keysOf(path)
    const last = keys.at(-1) ?? ''
    if (last === 'printed' && !/(limits|stages)\.\d+\.printed$/.test(path)) {
        return labelOf(path.replace(/\.printed$/, ''))
    }
    return LABELS[keys.join('.')] ?? LABELS[last] ?? last.replaceAll('_', ' ')
}

/** What the schema says of a field, where its name does not say it. */
export const describedAt = (path: string, schema: Schema): string | undefined =>
    LABELS[keysOf(path).join('.')] === undefined ? schema.description : undefined

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
const isEnd = (path: string): boolean => {
    const [, end = ''] = /(?:^|\.)limits\.\d+\.([^.]+)$/.exec(path) ?? []
    return ENDS.includes(end)
}

/** Whether a limit is stated there, of the engine or of a part of another make. */
export const isLimit = (path: string): boolean => /(?:^|\.)limits\.\d+$/.test(path)

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
