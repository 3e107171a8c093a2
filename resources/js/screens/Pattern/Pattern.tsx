import { useState } from 'react'
import { Link } from 'react-router'
import { useDraft } from '../../app/drafts'
import { useCalculation } from '../../app/useCalculation'
import { BoltMap } from '../../drawings/BoltMap'
import { Choice } from '../../parts/Choice'
import { Clamp } from './Clamp'
import { Places } from './Places'
import { type Answer, asked, type Drafted, PATTERNS, placed, TEN } from './pattern'
import { Tilt } from './Tilt'

const NOTHING: Drafted = { places: TEN, pattern: 'cross', own: [], torque: '24', school: 'thirds' }

/** The order in which a joint is pulled: bolts placed to scale, the order chosen or tapped, how far the part tips at each pull. */
export function Pattern() {
    const draft = useDraft<Drafted>('pattern', NOTHING)
    const drafted = draft.value
    const set = (part: Partial<Drafted>) => draft.change({ ...drafted, ...part })
    const [done, setDone] = useState(1)
    const isOwn = drafted.pattern === 'given'
    const isWhole = !isOwn || drafted.own.length === drafted.places.length
    const { answer, refusal } = useCalculation<Answer>('torque-pattern', isWhole ? asked(drafted) : null)
    const order = isOwn ? drafted.own : (answer?.order ?? [])
    const upTo = isOwn && !isWhole ? order.length : Math.min(done, order.length)
    const tap = (id: string) => {
        if (isOwn) {
            const at = drafted.own.indexOf(id)
            set({ own: at < 0 ? [...drafted.own, id] : drafted.own.slice(0, at) })
        } else if (order.includes(id)) {
            setDone(order.indexOf(id) + 1)
        }
    }
    const move = (id: string, x: number, y: number) =>
        set({
            places: drafted.places.map((each) => (each.id === id ? { ...each, x: String(x), y: String(y) } : each)),
        })
    return (
        <main className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6">
            <div className="mb-3 flex flex-wrap items-baseline gap-x-4">
                <h1 className="text-2xl font-bold">In which order the bolts are pulled</h1>
                <p className="text-quiet">
                    seen from above, to scale;{' '}
                    <Link className="underline" to="/wrench">
                        what to set on the wrench
                    </Link>
                </p>
            </div>
            <div className="grid items-start gap-5 bg-base-100 p-5 lg:grid-cols-[1fr_21rem]">
                <div className="min-w-0 space-y-4">
                    <Choice
                        label="Pattern"
                        options={PATTERNS}
                        chosen={drafted.pattern}
                        onChoose={(pattern) => set({ pattern })}
                    />
                    {refusal && (
                        <p role="alert" className="font-bold text-error">
                            {refusal.message}
                        </p>
                    )}
                    {!isWhole && (
                        <p className="font-bold" role="status">
                            {order.length === 0
                                ? 'Tap the first bolt'
                                : `${order.length} of ${drafted.places.length}: tap the next`}
                        </p>
                    )}
                    <BoltMap bolts={placed(drafted.places)} order={order} done={upTo} onTap={tap} onMove={move} />
                    {answer && isWhole && <Tilt order={order} tilt={answer.tilt} done={upTo} onStep={setDone} />}
                </div>
                <Places
                    places={drafted.places}
                    order={order}
                    onChange={(places, own = []) =>
                        set(
                            own.length > 0
                                ? { places, pattern: 'given', own }
                                : { places, own: drafted.own.filter((id) => places.some((each) => each.id === id)) },
                        )
                    }
                />
            </div>
            {answer && isWhole && <Clamp drafted={drafted} order={order} onChange={set} />}
            <p className="mt-3 text-sm text-quiet">
                Where the engine maker’s service manual prints an order, that one is pulled.
            </p>
        </main>
    )
}
