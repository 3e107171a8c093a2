import type { Schemas } from '../app/api'

type Timing = Schemas['Timing']
type Drawing = Schemas['Drawing']

export type Point = [number, number]

/** A wheel on the drawing, in millimetres from the crank’s centre. */
export interface Wheel {
    x: number
    y: number
    radius: number
}

/** Where everything that the crank moves lies at rest; one scale, the crank’s centre at 0, 0, y downwards. */
export interface TimingLayout {
    /** 1 where the engine runs clockwise as it is drawn, −1 the other way round. */
    sense: 1 | -1
    throw: number
    rod: number
    /** From the pin to the crown’s edge. */
    pinToCrown: number
    pistonHeight: number
    bore: number
    /** From the crank’s centre to the barrel’s top face. */
    deck: number
    barrel: number
    head: number
    degreeWheel: number
    crankWheel: number
    cams: (Wheel & { side: 'inlet' | 'exhaust' | 'both' })[]
    isGeared: boolean
    /** Left, top, width, height. */
    box: [number, number, number, number]
}

/** A place round the crank: so many degrees clockwise from straight up, so far out. */
export const polar = (angle: number, radius: number): Point => {
    const turn = (angle * Math.PI) / 180
    return [radius * Math.sin(turn), -radius * Math.cos(turn)]
}

/** What a part of the drawing is drawn from. */
export interface TimingPart {
    timing: Timing
    layout: TimingLayout
    crank: number
    chosen: Schemas['TimingCylinder']
    ink: number
}

const inHead = (timing: Timing) => timing.gear === 'single cam' || timing.gear === 'twin cam'

/** Lays the bench out from the sheet’s own figures; where it is silent, in proportion to bore and stroke. */
export function timingLayout(timing: Timing, drawing: Drawing): TimingLayout {
    const { bore, stroke } = timing
    const rod = timing.rod ?? drawing.rod
    const pinToCrown = drawing.pistonHeight * 0.55
    const deck = stroke / 2 + rod + pinToCrown
    const sense = timing.runs === 'anticlockwise' ? -1 : 1
    const degreeWheel = stroke * 1.3
    const head = bore * 0.42
    const radius = timing.wheel?.radius ?? bore * 0.5
    const crankWheel = timing.wheel ? (radius * timing.wheel.drivenBy) / timing.wheel.teeth : radius / 2
    const isGeared = timing.gear !== 'none' && !inHead(timing)
    const cams = camWheels(timing, { deck, head, radius, crankWheel, bore, sense, degreeWheel })
    const leans = timing.cylinders.map((each) => ((each.lean * sense) / 180) * Math.PI)
    const tops = [
        ...leans.map((lean) => -(deck + head + bore * 0.62) * Math.cos(lean)),
        ...cams.map((cam) => cam.y - cam.radius),
    ]
    const sides = [
        ...leans.map((lean) => Math.abs(Math.sin(lean)) * (deck + head) + bore * 0.75),
        ...cams.map((cam) => Math.abs(cam.x) + cam.radius),
        // the names of its marks stand beside the wheel
        degreeWheel * (timing.marks.some((mark) => mark.on !== 'cam wheel') ? 1.62 : 1.22),
    ]
    const [top, side] = [Math.min(...tops) - bore * 0.12, Math.max(...sides) + bore * 0.06]
    return {
        sense,
        throw: stroke / 2,
        rod,
        pinToCrown,
        pistonHeight: drawing.pistonHeight,
        bore,
        deck,
        barrel: drawing.pistonHeight + stroke * 0.9,
        head,
        degreeWheel,
        crankWheel,
        cams,
        isGeared,
        box: [-side, top, side * 2, degreeWheel * 1.22 - top],
    }
}

function camWheels(
    timing: Timing,
    at: {
        deck: number
        head: number
        radius: number
        crankWheel: number
        bore: number
        sense: number
        degreeWheel: number
    },
): TimingLayout['cams'] {
    const { radius } = at
    const y = -(at.deck + at.head + Math.max(at.bore * 0.42, radius * 0.7))
    if (timing.gear === 'twin cam') {
        return [
            { side: 'inlet', x: radius * 1.08, y, radius },
            { side: 'exhaust', x: -radius * 1.08, y, radius },
        ]
    }
    if (timing.gear === 'single cam') {
        return [{ side: 'both', x: 0, y, radius }]
    }
    if (timing.gear === 'none') {
        return []
    }
    const away = at.crankWheel + radius
    return [{ side: 'both', x: away * 0.8 * at.sense, y: -away * 0.6, radius }]
}

/** Where a column’s moving parts stand: the crank turned so far after its own top. */
export function column(layout: TimingLayout, lean: number, own: number) {
    const [turn, tilt] = [(own * Math.PI) / 180, (lean * layout.sense * Math.PI) / 180]
    const across = layout.throw * Math.sin(turn)
    const up = layout.throw * Math.cos(turn) + Math.sqrt(layout.rod ** 2 - across ** 2)
    const pin = tilt + layout.sense * turn
    return {
        tilt: lean * layout.sense,
        crankPin: [layout.throw * Math.sin(pin), -layout.throw * Math.cos(pin)] as Point,
        pistonPin: [up * Math.sin(tilt), -up * Math.cos(tilt)] as Point,
        up,
    }
}

/** Round a set of wheels by their outer tangents, in the order that goes clockwise on the drawing. */
export function chainPath(wheels: Wheel[]): string {
    const tangent = (one: Wheel, other: Wheel): [Point, Point] => {
        const [dx, dy] = [other.x - one.x, other.y - one.y]
        const normal = Math.atan2(dy, dx) - Math.acos((one.radius - other.radius) / Math.hypot(dx, dy))
        const at = (wheel: Wheel): Point => [
            wheel.x + wheel.radius * Math.cos(normal),
            wheel.y + wheel.radius * Math.sin(normal),
        ]
        return [at(one), at(other)]
    }
    const runs = wheels.map((wheel, index) => tangent(wheel, wheels[(index + 1) % wheels.length] ?? wheel))
    const text = ([x, y]: Point) => `${x.toFixed(2)} ${y.toFixed(2)}`
    const parts = runs.map(([from, to], index) => {
        const next = wheels[(index + 1) % wheels.length] ?? { radius: 0, x: 0, y: 0 }
        const leaves = runs[(index + 1) % runs.length]?.[0] ?? to
        const bend = Math.atan2(leaves[1] - next.y, leaves[0] - next.x) - Math.atan2(to[1] - next.y, to[0] - next.x)
        const large = ((bend / Math.PI) * 180 + 720) % 360 > 180 ? 1 : 0
        return `${index === 0 ? `M${text(from)}` : ''}L${text(to)}A${next.radius} ${next.radius} 0 ${large} 1 ${text(leaves)}`
    })
    return `${parts.join('')}Z`
}

/** How far a valve stands open, from the core’s table of every fourth degree. */
export function liftAt(lifts: number[], own: number): number {
    const within = ((own % 720) + 720) % 720
    const step = 720 / lifts.length
    const [index, share] = [Math.floor(within / step), (within % step) / step]
    const [from, to] = [lifts[index] ?? 0, lifts[(index + 1) % lifts.length] ?? 0]
    return from + (to - from) * share
}

/** A cam’s outline round its centre as it stands when its cylinder fires: base circle and lift, the follower below it. */
export function lobe(lifts: number[], base: number, sense: number, follower: number): string {
    const step = 720 / lifts.length
    const points = lifts.map((lift, index) => {
        const at = ((follower - (sense * (index * step)) / 2) * Math.PI) / 180
        return `${((base + lift) * Math.cos(at)).toFixed(2)} ${((base + lift) * Math.sin(at)).toFixed(2)}`
    })
    return `M${points.join('L')}Z`
}

/** The crank’s angle at which a mark is met, from 0 up to a turn. */
export function metAt(mark: { meets: number; cylinder: string | null }, timing: Timing): number {
    const of = timing.cylinders.find((each) => each.id === mark.cylinder) ?? timing.cylinders[0]
    const top = of?.fires ?? -(of?.phase ?? 0)
    return (((top + mark.meets) % 360) + 360) % 360
}

/** What a cylinder does there: the name of its stroke; both valves open comes first. */
export function strokeAt(timing: Timing, fires: number | null, crank: number): string {
    const cycle = timing.cycle === 'two-stroke' ? 360 : 720
    if (fires === null && cycle === 720) {
        return ''
    }
    const own = (((crank - (fires ?? 0)) % cycle) + cycle) % cycle
    return timing.strokes.find((stroke) => own >= stroke.from && own < stroke.to)?.name ?? ''
}
