import type { Timing } from '../../app/useTiming'
import { DialFace } from '../../drawings/DialFace'
import { strokeAt } from '../../drawings/timingLayout'
import { RodLacking } from './RodLacking'
import type { Cylinder, Turned } from './Works'
import { placeAt, type Ways } from './ways'

/** What a dial in the plug hole and the degree wheel say of where the piston stands: millimetres, inches and degrees together. */
export function Instruments({
    job,
    timing,
    cylinder,
    turned,
    ways,
    rod,
    onRod,
    incline,
    onIncline,
    refusal,
}: {
    job: number
    timing: Timing
    cylinder: Cylinder
    turned: Turned
    ways: Ways | null
    rod: string
    onRod: (rod: string) => void
    incline: string
    onIncline: (incline: string) => void
    refusal: string | null
}) {
    const here = placeAt(ways, turned.crank + cylinder.phase)
    const stroke = strokeAt(timing, cylinder.fires, turned.crank)
    return (
        <section aria-label="Instruments" className="lg:sticky lg:top-3">
            <div className="mx-auto max-w-56">
                <DialFace reads={here?.dial ?? 0} label={`Dial: ${here?.dial.toFixed(2) ?? '–'} mm below the top`} />
            </div>
            <p className="mt-1 text-center text-4xl leading-none font-bold">
                {here?.dial.toFixed(2) ?? '–'} <span className="text-lg">mm</span>
            </p>
            <p className="text-center text-quiet">
                {here ? `${(here.dial / 25.4).toFixed(4)} in on the dial` : 'dial'}
            </p>
            <dl className="mt-2 border-t-2 border-base-content">
                <Line
                    name={here?.isBefore ? 'before top' : 'after top'}
                    text={here ? `${here.turn.toFixed(1)}°` : '–'}
                />
                <Line name="piston below top" text={here ? `${here.below.toFixed(2)} mm` : '–'} />
                <Line name="" text={here ? `${(here.below / 25.4).toFixed(4)} in` : '–'} />
                <Line name="stroke" text={stroke === '' ? '–' : stroke} />
            </dl>
            {stroke === '' && (
                <p className="text-sm leading-tight text-quiet">
                    The sheet does not say at which top this cylinder fires (layout.cylinders, fires).
                </p>
            )}
            <div className="no-print">
                {timing.rod === null && <RodLacking job={job} rod={rod} onRod={onRod} />}
                <Asked label="Dial leans by, °" value={incline} onChange={onIncline}>
                    Inclined in its hole it reads more than the piston moves.
                </Asked>
            </div>
            {refusal && (
                <p role="alert" className="mt-1 font-bold">
                    {refusal}
                </p>
            )}
        </section>
    )
}

function Line({ name, text }: { name: string; text: string }) {
    return (
        <div className="flex items-baseline justify-between gap-2 border-b border-line py-0.5">
            <dt className="text-sm text-quiet">{name}</dt>
            <dd className="text-xl font-bold">{text}</dd>
        </div>
    )
}

function Asked({
    label,
    value,
    onChange,
    children,
}: {
    label: string
    value: string
    onChange: (value: string) => void
    children: string
}) {
    return (
        <label className="mt-2 block">
            <span className="flex items-center justify-between gap-2">
                <b className="text-sm">{label}</b>
                <input
                    className="input h-12 w-20 text-lg font-bold"
                    inputMode="decimal"
                    value={value}
                    onChange={(event) => onChange(event.target.value)}
                />
            </span>
            <span className="block text-sm leading-tight text-quiet">{children}</span>
        </label>
    )
}
