import { type Quantity, useCalculation } from '../../app/useCalculation'
import { STAGES } from '../../app/words'
import { Choice } from '../../parts/Choice'
import { Figure } from '../../parts/Figure'
import { type Answer, asked, type Drafted, type Loads, loaded } from './pattern'

/** What the bolts hold in the end, pulled in stages with a check pass, and pulled round the rim in one go: a teaching model. */
export function Clamp({
    drafted,
    order,
    onChange,
}: {
    drafted: Drafted
    order: string[]
    onChange: (part: Partial<Drafted>) => void
}) {
    const final = `${drafted.torque.trim().replace(',', '.')} N·m`
    const stages = useCalculation<{ stages: Quantity[] }>(
        'torque-stages',
        drafted.torque.trim() === '' ? null : { final, school: drafted.school, step: '0.5 N·m' },
    )
    const round = useCalculation<Answer>('torque-pattern', asked({ ...drafted, pattern: 'round', own: [] }))
    const torques = stages.answer?.stages ?? []
    const full = torques.at(-1)
    const well = useCalculation<Loads>(
        'clamp-load',
        full &&
            loaded(
                drafted.places,
                [...torques, full].map(() => order),
                [...torques, full],
            ),
    )
    const badly = useCalculation<Loads>(
        'clamp-load',
        full && round.answer && loaded(drafted.places, [round.answer.order], [full]),
    )
    const most = Math.max(
        ...[well, badly].flatMap(({ answer }) => Object.values(answer?.final ?? {}).map(({ value }) => value)),
        1,
    )
    return (
        <section aria-label="What the bolts hold" className="mt-5 bg-base-100 p-5">
            <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
                <div className="min-w-64 flex-1">
                    <h2 className="text-xl font-bold">What the bolts hold in the end</h2>
                    <p className="text-quiet">
                        a teaching model, not a measurement: M8, oiled; every pull takes some load from the bolts beside
                        it
                    </p>
                </div>
                <Figure
                    label="Final torque"
                    unit="N·m"
                    value={drafted.torque}
                    onChange={(torque) => onChange({ torque })}
                    wrong={stages.refusal?.message ?? null}
                />
                <Choice
                    label="Stages"
                    options={STAGES}
                    chosen={drafted.school}
                    onChoose={(school) => onChange({ school })}
                />
            </div>
            <div className="mt-4 grid gap-6 md:grid-cols-2">
                <Held
                    title={`In stages ${torques.map(({ value }) => value).join(', ')} N·m and a check pass`}
                    order={order}
                    loads={well.answer}
                    most={most}
                />
                <Held title="Round the rim, all at once" order={order} loads={badly.answer} most={most} />
            </div>
        </section>
    )
}

function Held({ title, order, loads, most }: { title: string; order: string[]; loads: Loads | null; most: number }) {
    const bolts = [...order].sort((one, other) => one.localeCompare(other, 'en', { numeric: true }))
    return (
        <figure className="min-w-0">
            <figcaption className="mb-1">
                <b>{title}</b>
                {loads?.spread != null && (
                    <span className="block text-2xl font-bold">
                        {Math.round(loads.spread * 100)} %{' '}
                        <span className="text-base font-normal">between most and least</span>
                    </span>
                )}
            </figcaption>
            <ul className="flex h-36 items-stretch gap-1 sm:gap-1.5">
                {bolts.map((id) => {
                    const load = loads?.final[id]?.value ?? 0
                    return (
                        <li
                            key={id}
                            aria-label={`bolt ${id}: ${(load / 1000).toFixed(1)} kN`}
                            className="flex min-w-0 flex-1 flex-col items-center justify-end"
                        >
                            <span className="text-[0.65rem] text-quiet sm:text-xs">{(load / 1000).toFixed(1)}</span>
                            <span className="w-full bg-base-content" style={{ height: `${(load / most) * 72}%` }} />
                            <span className="text-sm">{id}</span>
                        </li>
                    )
                })}
            </ul>
            <p className="text-sm text-quiet">kN by bolt</p>
        </figure>
    )
}
