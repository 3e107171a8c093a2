import { expect, test } from 'vitest'
import type { Schemas } from '../app/api'
import { chainPath, column, liftAt, lobe, metAt, strokeAt, timingLayout } from './timingLayout'

type Timing = Schemas['Timing']

const cylinder = (id: string, phase: number, fires: number | null, lean = 0) => ({ id, name: id, phase, fires, lean })

const engine = (part: Partial<Timing> = {}): Timing =>
    ({
        bore: 92,
        stroke: 82.2,
        rod: 178,
        incline: 0,
        cycle: 'four-stroke',
        form: 'vee',
        veeAngle: 48,
        gear: 'pushrod',
        drive: 'gears',
        runs: 'clockwise',
        cylinders: [cylinder('front', 0, 0, 24), cylinder('rear', 48, 312, -24)],
        strokes: [
            { name: 'overlap', from: 352, to: 368 },
            { name: 'power', from: 0, to: 180 },
            { name: 'exhaust', from: 180, to: 360 },
            { name: 'induction', from: 360, to: 540 },
            { name: 'compression', from: 540, to: 720 },
        ],
        lifts: [],
        wheel: null,
        marks: [],
        ...part,
    }) as unknown as Timing

const drawing = { pistonHeight: 60, rod: 178 } as Schemas['Drawing']

test.each(['clockwise', 'anticlockwise'])('a V that runs %s has both rods on the one crank pin', (runs) => {
    const layout = timingLayout(engine({ runs }), drawing)
    for (const crank of [0, 48, 137, 300]) {
        const [front, rear] = engine().cylinders.map((each) => column(layout, each.lean, crank + each.phase).crankPin)
        expect(front?.[0]).toBeCloseTo(rear?.[0] ?? Number.NaN, 9)
        expect(front?.[1]).toBeCloseTo(rear?.[1] ?? Number.NaN, 9)
    }
})

test('a piston stands highest at its own top, and the rod keeps its length all the way round', () => {
    const layout = timingLayout(engine(), drawing)
    // throw 41.1 and rod 178 in line
    expect(column(layout, 24, 0).up).toBeCloseTo(219.1, 9)
    expect(column(layout, -24, 180).up).toBeCloseTo(136.9, 9)
    for (const own of [20, 90, 213]) {
        const { crankPin, pistonPin } = column(layout, -24, own)
        expect(Math.hypot(crankPin[0] - pistonPin[0], crankPin[1] - pistonPin[1])).toBeCloseTo(178, 9)
    }
})

test('a chain round two wheels of one size is two straight runs and two half turns', () => {
    const path = chainPath([
        { x: 0, y: 0, radius: 10 },
        { x: 0, y: -50, radius: 10 },
    ])
    // from the left of the lower wheel up, over the upper one, and down on the right
    expect(path.replaceAll('-0.00', '0.00')).toBe(
        'M-10.00 0.00L-10.00 -50.00A10 10 0 0 1 10.00 -50.00L10.00 0.00A10 10 0 0 1 -10.00 0.00Z',
    )
})

test('a valve’s lift between two of the core’s figures lies in proportion, and comes round after two turns', () => {
    const lifts = Array.from({ length: 180 }, (_, index) => index)
    expect(liftAt(lifts, 6)).toBeCloseTo(1.5)
    expect(liftAt(lifts, 726)).toBeCloseTo(1.5)
    expect(liftAt(lifts, -4)).toBe(179)
})

test('a lobe pushes its follower down by the lift when the cam has turned by half of the crank', () => {
    const lifts = Array.from({ length: 180 }, (_, index) => (index === 45 ? 8 : 0))
    const [x, y] = (lobe(lifts, 10, 1, 90).match(/[-\d.]+ [-\d.]+/g)?.[45] ?? '').split(' ').map(Number)
    // 180 of the crank is 90 of the cam: turned clockwise by that, the nose that lies to the right comes to stand below
    expect([x, y]).toEqual([18, 0])
})

test('a mark is met at its own cylinder’s top, and so many degrees from it', () => {
    expect(metAt({ meets: 0, cylinder: 'rear' }, engine())).toBe(312)
    expect(metAt({ meets: -8, cylinder: 'rear' }, engine())).toBe(304)
    expect(metAt({ meets: -18, cylinder: null }, engine())).toBe(342)
})

test('each cylinder is named by its own stroke, overlap before the two it belongs to; unknown where the sheet is silent', () => {
    const strokes = (crank: number) => engine().cylinders.map((each) => strokeAt(engine(), each.fires, crank))
    expect(strokes(0)).toEqual(['power', 'induction'])
    expect(strokes(355)).toEqual(['overlap', 'power'])
    expect(strokes(600)).toEqual(['compression', 'exhaust'])
    expect(strokeAt(engine(), null, 0)).toBe('')
    expect(strokeAt(engine({ cycle: 'two-stroke', strokes: [{ name: 'power', from: 0, to: 180 }] }), null, 400)).toBe(
        'power',
    )
})

test('everything that is drawn lies on the sheet of paper', () => {
    for (const part of [
        {},
        {
            gear: 'twin cam',
            drive: 'chain',
            wheel: { teeth: 36, drivenBy: 18, radius: 36.4 },
            cylinders: [cylinder('1', 0, 0)],
        },
        { gear: 'none', drive: null, cylinders: [cylinder('1', 0, null)] },
    ]) {
        const timing = engine(part as Partial<Timing>)
        const layout = timingLayout(timing, drawing)
        const [left, top, width, height] = layout.box
        for (const each of timing.cylinders) {
            const { pistonPin } = column(layout, each.lean, 0)
            expect(pistonPin[1] - layout.pinToCrown).toBeGreaterThan(top)
            expect(Math.abs(pistonPin[0]) + layout.bore / 2).toBeLessThan(-left)
        }
        for (const cam of layout.cams) {
            expect(cam.x + cam.radius).toBeLessThan(left + width)
            expect(cam.y - cam.radius).toBeGreaterThan(top)
        }
        expect(layout.degreeWheel).toBeLessThan(top + height)
    }
})
