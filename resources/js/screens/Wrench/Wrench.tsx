import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { call, type Tool } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { dayAndYear } from '../../app/format'
import { useCalculation } from '../../app/useCalculation'
import { WrenchDrawing } from '../../drawings/WrenchDrawing'
import { Figure } from '../../parts/Figure'
import { Adapter } from './Adapter'
import { Sanity } from './Sanity'
import { Torque } from './Torque'
import { WrenchRow } from './WrenchRow'
import { asked, leverOf, millimetres, type Picked, settingOf, type Wanted, wrenchOf } from './wanted'

const NOTHING: Wanted = { from: '24', to: '', unit: 'N·m', aim: 'middle', adapter: '', angle: 0, levers: {} }

/** What to set on which wrench: the torque as the manual prints it, the adapter at its angle, the wrenches of the shop ranked. */
export function Wrench() {
    const tools = useQuery({ queryKey: ['tools'], queryFn: () => call<Tool[]>('GET', '/tools') })
    const draft = useDraft<Wanted>('wrench', NOTHING)
    const wanted = draft.value
    const set = (part: Partial<Wanted>) => draft.change({ ...wanted, ...part })
    const wrenches = (tools.data ?? []).filter(
        (tool) => tool.kind === 'torque wrench' && wrenchOf(tool, wanted) !== null,
    )
    const { answer, refusal } = useCalculation<Picked>(
        'pick-wrench',
        wanted.from === '' ? null : asked(wanted, wrenches),
    )
    const [best] = answer?.choices ?? []
    const ranked = [...wrenches].sort((one, other) => rank(answer, one.id) - rank(answer, other.id))
    const first = wrenches.find((tool) => tool.id === best?.wrench)
    const lever = Number(first ? leverOf(first, wanted) : '') || null
    return (
        <main className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6">
            <div className="mb-3 flex flex-wrap items-baseline gap-x-4">
                <h1 className="text-2xl font-bold">What to set on the wrench</h1>
                <p className="text-quiet">
                    the torque of the engine maker, this adapter, the wrenches of the{' '}
                    <Link className="underline" to="/toolbox">
                        toolbox
                    </Link>
                </p>
            </div>
            <div className="grid items-start gap-5 bg-base-100 p-5 lg:grid-cols-[20rem_1fr] lg:grid-rows-[auto_1fr]">
                <section aria-label="Set" aria-live="polite" className="min-h-40 lg:col-start-2">
                    {best ? (
                        <>
                            <p className="text-quiet">Set {first?.name ?? best.wrench} to</p>
                            <p className="text-6xl leading-none font-bold sm:text-8xl">{best.setting.dial_text}</p>
                            <p className="mt-2 text-xl">
                                the bolt gets <b>{best.setting.delivered.value.toFixed(1)} N·m</b>
                                {wanted.unit !== 'N·m' && `, asked for ${best.setting.target.value.toFixed(1)} N·m`}
                            </p>
                            {first?.isOverdue && (
                                <p className="font-bold text-error">
                                    ⚠ Its check was due {dayAndYear(first.nextCheck ?? '')}: have it checked, or take
                                    another.
                                </p>
                            )}
                            {best.setting.cautions.map((caution) => (
                                <p key={caution} className="font-bold">
                                    ⚠ {caution}
                                </p>
                            ))}
                        </>
                    ) : (
                        <p className="text-xl font-bold">
                            {wrenches.length === 0
                                ? 'The toolbox has no torque wrench with a range and a step.'
                                : 'None of these wrenches can give it.'}
                        </p>
                    )}
                </section>
                <div className="space-y-5 lg:col-start-1 lg:row-span-2 lg:row-start-1">
                    <Torque
                        wanted={wanted}
                        onChange={set}
                        wrong={refusal?.field.startsWith('target') ? refusal.message : null}
                    />
                    <Adapter
                        wanted={wanted}
                        adapters={(tools.data ?? []).filter((tool) => tool.kind === 'torque adapter')}
                        onChange={set}
                        wrong={refusal?.field.startsWith('adapters') ? refusal.message : null}
                    />
                    <Sanity wanted={wanted} onChange={set} />
                </div>
                <div className="lg:col-start-2">
                    <WrenchDrawing
                        length={lever}
                        adapter={Number(wanted.adapter.replace(',', '.')) || 0}
                        angle={wanted.angle}
                    />
                    <ul aria-label="Wrenches">
                        {ranked.map((tool) => (
                            <WrenchRow
                                key={tool.id}
                                tool={tool}
                                document={settingOf(tool, wanted)}
                                first={tool.id === best?.wrench}
                            >
                                <Figure
                                    label={`${tool.name}: from the hand to the square`}
                                    shown="hand to square"
                                    unit="mm"
                                    value={wanted.levers[tool.id] ?? millimetres(tool.length)}
                                    onChange={(value) => set({ levers: { ...wanted.levers, [tool.id]: value } })}
                                />
                            </WrenchRow>
                        ))}
                    </ul>
                </div>
            </div>
            <p className="mt-3 text-sm text-quiet">
                Moltrek’s figures support a trained person: the engine maker’s service manual comes first.
            </p>
        </main>
    )
}

/** Where a wrench stands among those that can give it; those that cannot come last. */
function rank(answer: Picked | null, id: string): number {
    const at = answer?.choices.findIndex((choice) => choice.wrench === id) ?? -1
    return at < 0 ? 999 : at
}
