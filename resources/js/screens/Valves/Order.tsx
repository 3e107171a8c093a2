import type { Job, Schemas } from '../../app/api'
import { plural } from '../../app/format'
import type { ValveOnBench, Valves, ValveWishes } from '../../app/useBenches'
import { PistonsDrawing } from '../../drawings/PistonsDrawing'
import { Field } from '../../parts/Field'
import { Decompressor } from './Decompressor'
import { ValveRow } from './ValveRow'

type Position = Schemas['ValvePosition']

/** The fewest turns of the crank at which every valve can be set, in turning order, and the readings beside each. */
export function Order({
    job,
    valves,
    wishes,
    onWishes,
}: {
    job: Job
    valves: Valves
    wishes: ValveWishes
    onWishes: (wishes: ValveWishes) => void
}) {
    const next = valves.positions?.findIndex((position) => !position.done) ?? -1
    return (
        <div>
            {valves.decompressor && <Decompressor job={job} decompressor={valves.decompressor} />}
            {valves.positions === null ? (
                <p className="mb-2 max-w-prose">
                    The sheet does not state when the valves open and close, or when each cylinder fires: valve by
                    valve, each on its base circle, its cam’s nose pointing away.
                </p>
            ) : (
                <div className="mb-2 flex flex-wrap items-end justify-between gap-3">
                    <p className="max-w-[52rem] leading-snug">
                        <b className="text-2xl">
                            {plural(valves.positions.length, 'crank position')} for{' '}
                            {plural(valves.valves.length, 'valve')}
                        </b>
                        <span className="block text-quiet">
                            In the order it turns{valves.turnedBy && `, turned by ${valves.turnedBy}`}. Every valve
                            listed at a position stands on its base circle there, {valves.margin}° clear of opening and
                            closing.
                        </span>
                    </p>
                    <Field
                        label="kept clear, °"
                        className="w-28"
                        value={wishes.margin}
                        placeholder={String(valves.margin ?? '')}
                        onChange={(margin) => onWishes({ ...wishes, margin: margin.replace(',', '.') })}
                    />
                </div>
            )}
            {valves.roomless.length > 0 && (
                <p className="mb-2 font-bold">
                    So far clear of their events these are never at rest: {valves.roomless.join(', ')}. Keep less clear.
                </p>
            )}
            {valves.positions === null ? (
                <>
                    <Held valves={valves.valves} />
                    <ol className="border-t-2 border-base-content">
                        {valves.valves.map((valve) => (
                            <ValveRow
                                key={valve.id}
                                job={job}
                                valve={valve}
                                adjustment={valves.adjustment}
                                isNow={valve.step?.ready === true}
                            />
                        ))}
                    </ol>
                </>
            ) : (
                <ol>
                    {valves.positions.map((position, index) => (
                        <AtPosition
                            key={position.crank}
                            job={job}
                            valves={valves}
                            position={position}
                            count={index + 1}
                            isNext={index === next}
                        />
                    ))}
                </ol>
            )}
        </div>
    )
}

function AtPosition({
    job,
    valves,
    position,
    count,
    isNext,
}: {
    job: Job
    valves: Valves
    position: Position
    count: number
    isNext: boolean
}) {
    const isOpen = (valve: ValveOnBench) => valve.now === null || valve.step?.ready === true
    const here = position.valves.flatMap((id) => valves.valves.find((valve) => valve.id === id) ?? [])
    return (
        <li
            aria-label={`Position ${count}: ${position.name}`}
            className={`mb-3 grid gap-x-5 gap-y-2 border-2 p-3 lg:grid-cols-[minmax(17rem,25rem)_1fr] ${isNext ? 'border-primary' : 'border-line'}`}
        >
            <div>
                <p className="flex items-baseline gap-2 leading-tight">
                    <span className={`text-3xl font-bold ${isNext ? 'text-primary' : ''}`}>{count}</span>
                    <b className="text-xl">{position.name}</b>
                </p>
                <p className="text-sm text-quiet">
                    crank at {Math.round(position.crank)}° of two turns
                    {position.onMark
                        ? ', a top or a mark that is found without a degree wheel'
                        : ', by the degree wheel'}
                    {position.done && ' · all read here'}
                </p>
                <PistonsDrawing
                    pistons={position.pistons}
                    crank={position.crank}
                    label={`${position.name}; to set here: ${position.valves.join(', ')}`}
                />
            </div>
            <div className="min-w-0">
                <Held valves={here} />
                <ol className="min-w-0 border-t-2 border-base-content">
                    {here.map((valve) => (
                        <ValveRow
                            key={valve.id}
                            job={job}
                            valve={valve}
                            adjustment={valves.adjustment}
                            isNow={isNext && valve === here.find(isOpen)}
                        />
                    ))}
                </ol>
            </div>
        </li>
    )
}

/** What comes before these valves, said once. */
function Held({ valves }: { valves: ValveOnBench[] }) {
    const reasons = [...new Set(valves.flatMap((valve) => valve.step?.held ?? []))]
    return reasons.map((reason) => (
        <p key={reason} className="mb-1 font-bold">
            {reason}
        </p>
    ))
}
