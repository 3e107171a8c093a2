import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, Problem, type Schemas } from '../../app/api'
import { useKept } from '../../app/kept'
import { useSheets } from '../../app/useSheets'
import { StackDrawing } from '../../drawings/StackDrawing'
import { layoutStack } from '../../drawings/stackLayout'
import { Choice } from '../../parts/Choice'
import { type Answers, answer, drawn, FORMS, NOTHING, sent, sentLike, WAYS, type Ways } from './answers'

const GEARS: [string, string][] = [
    ['single cam', 'one cam above'],
    ['twin cam', 'two cams above'],
    ['pushrod', 'pushrods'],
    ['side', 'side valves'],
]

const JOININGS: [string, string][] = [
    ['barrel lowered over the pistons', 'barrel lowered over them'],
    ['pistons into the barrel on the bench', 'into the barrel on the bench'],
    ['bores in the upper case, pistons from above', 'bores in the upper case'],
]

/** A machine that nobody has a sheet for: a few touches and two figures, drawn while one answers; the rest is asked when it is needed. */
export function NewEngine({ onKept }: { onKept: (slug: string) => void }) {
    const [kept, setAnswers] = useKept<Answers>('intake:new-engine', NOTHING)
    const answers = { ...NOTHING, ...kept }
    const sheets = useSheets().data ?? []
    const like = sheets.find((sheet) => sheet.slug === answers.like)
    const [refusal, setRefusal] = useState<{ field: string; message: string } | null>(null)
    const client = useQueryClient()
    const ways = useWays()
    const set = (part: Partial<Answers>) => setAnswers(answer(answers, part, ways))
    const document = like?.document ?? JSON.stringify(drawn(answers))
    const preview = useQuery({
        queryKey: ['first-sheet', document],
        queryFn: async () =>
            like
                ? (await call<Schemas['SheetDraft']>('POST', '/sheets/draft', { document })).drawn
                : call<Schemas['FirstSheet']>('POST', '/sheets/first/preview', JSON.parse(document)),
        placeholderData: keepPreviousData,
        retry: false,
    })
    const missing = (['make', 'model', 'kind', 'bore', 'stroke'] as const).filter((key) => answers[key].trim() === '')
    const keep = async () => {
        try {
            const sheet = await (like
                ? call<Schemas['Sheet']>('POST', `/sheets/${like.slug}/like`, sentLike(answers))
                : call<Schemas['Sheet']>('POST', '/sheets/first', sent(answers)))
            await client.invalidateQueries({ queryKey: ['sheets'] })
            setAnswers(NOTHING)
            onKept(sheet.slug)
        } catch (problem) {
            setRefusal({
                field: problem instanceof Problem ? problem.field : '',
                message: problem instanceof Error ? problem.message : 'The engine was not kept.',
            })
        }
    }
    return (
        <section
            aria-label="An engine that is not in the spec book"
            className="grid gap-4 border-2 border-primary p-3 md:grid-cols-[minmax(0,1fr)_13rem]"
        >
            <div className="grid gap-3">
                <div className="grid gap-3 sm:grid-cols-3">
                    <Text label="Make" value={answers.make} onChange={(make) => set({ make })} />
                    <Text label="Model" value={answers.model} onChange={(model) => set({ model })} />
                    <Text
                        label="What it is"
                        hint="trail bike, quad, pump"
                        value={answers.kind}
                        onChange={(kind) => set({ kind })}
                    />
                </div>
                {sheets.length > 0 && (
                    <label className="block">
                        <span className="block text-sm text-quiet">Built like</span>
                        <select
                            className="h-12 w-full rounded-field border border-line bg-base-100 px-2 sm:max-w-md"
                            value={like?.slug ?? ''}
                            onChange={(event) => set({ like: event.target.value })}
                        >
                            <option value="">none that is in the spec book</option>
                            {sheets.map((sheet) => (
                                <option key={sheet.slug} value={sheet.slug}>
                                    {sheet.title}, {sheet.description}
                                </option>
                            ))}
                        </select>
                        {like && (
                            <span className="text-sm text-quiet">
                                Every other figure is taken over, and is that engine’s until it has been looked up.
                            </span>
                        )}
                    </label>
                )}
                {!like && <Build answers={answers} set={set} />}
                <div className="grid gap-3 sm:grid-cols-3">
                    <Text label="Bore, mm" value={answers.bore} onChange={(bore) => set({ bore })} figure />
                    <Text label="Stroke, mm" value={answers.stroke} onChange={(stroke) => set({ stroke })} figure />
                    {!like && (
                        <Text
                            label="Crank is turned by"
                            hint="rotor nut, 19 mm"
                            value={answers.turned_by}
                            onChange={(turned_by) => set({ turned_by })}
                        />
                    )}
                </div>
                {(refusal ?? preview.error) && (
                    <p role="alert" className="font-bold text-error">
                        {refusal?.message ?? preview.error?.message}
                    </p>
                )}
                <button
                    type="button"
                    className="btn btn-primary h-13 px-6 text-lg sm:justify-self-start"
                    disabled={missing.length > 0}
                    onClick={() => void keep()}
                >
                    Into the spec book
                </button>
                <p className="text-sm text-quiet">
                    {missing.length > 0 ? `Still to say: ${missing.join(', ')}. ` : ''}
                    Limits, torques, rod length and the rest are asked for where they are needed, with their source.
                </p>
            </div>
            <div className="md:sticky md:top-3 md:self-start" aria-live="polite">
                {preview.data && (
                    <>
                        <Drawn engine={preview.data} />
                        <p className="mt-2 leading-tight font-bold">{preview.data.description}</p>
                        {answers.bore.trim() !== '' && answers.stroke.trim() !== '' && (
                            <p className="text-sm text-quiet">{preview.data.facts}</p>
                        )}
                    </>
                )}
            </div>
        </section>
    )
}

const useWays = (): Ways =>
    useQuery({
        queryKey: ['first-sheet-choices'],
        queryFn: () => call<Ways>('GET', '/sheets/first/choices'),
        staleTime: Number.POSITIVE_INFINITY,
    }).data ?? {}

/** How it is built, in a few touches. */
function Build({ answers, set }: { answers: Answers; set: (part: Partial<Answers>) => void }) {
    const ways = useWays()
    const isFour = answers.cycle === 'four-stroke'
    return (
        <>
            <Row label="Stroke and cooling">
                <Choice
                    label="Cycle"
                    options={[
                        ['two-stroke', 'two-stroke'],
                        ['four-stroke', 'four-stroke'],
                    ]}
                    chosen={answers.cycle}
                    onChoose={(cycle) => set({ cycle })}
                />
                <Choice
                    label="Cooling"
                    options={[
                        ['air', 'air'],
                        ['liquid', 'liquid'],
                    ]}
                    chosen={answers.cooling}
                    onChoose={(cooling) => set({ cooling })}
                />
            </Row>
            <Row label="Cylinders">
                <Choice
                    label="How many cylinders"
                    options={[
                        ['1', '1'],
                        ['2', '2'],
                        ['3', '3'],
                        ['4', '4'],
                    ]}
                    chosen={String(answers.cylinders)}
                    onChoose={(count) => set({ cylinders: Number(count) })}
                />
                {answers.cylinders > 1 && (
                    <Choice
                        label="How they stand"
                        options={FORMS[answers.cylinders] ?? []}
                        chosen={answers.form}
                        onChoose={(form) => set({ form })}
                    />
                )}
                {answers.form === 'vee' && (
                    <Text
                        label="its angle, °"
                        value={answers.vee_angle}
                        onChange={(angle) => set({ vee_angle: angle })}
                        narrow
                    />
                )}
                {answers.form === 'parallel' && answers.cylinders === 2 && (
                    <Choice
                        label="How the pistons go"
                        options={[
                            ['180', 'one up, one down'],
                            ['0', 'up together'],
                            ['270', '270°'],
                        ]}
                        chosen={String(answers.pins)}
                        onChoose={(pins) => set({ pins: Number(pins) })}
                    />
                )}
            </Row>
            {isFour ? (
                <Row label="Valves">
                    <Choice
                        label="Valve gear"
                        options={GEARS}
                        chosen={answers.gear}
                        onChoose={(gear) => set({ gear })}
                    />
                    <Choice
                        label="How they are set"
                        options={(ways[answers.gear] ?? []).map((way) => [way, WAYS[way] ?? way])}
                        chosen={answers.adjustment}
                        onChoose={(adjustment) => set({ adjustment })}
                    />
                    <Choice
                        label="Valves of a cylinder"
                        options={[
                            ['2', '2 a cylinder'],
                            ['4', '4 a cylinder'],
                        ]}
                        chosen={String(answers.valves)}
                        onChoose={(valves) => set({ valves: Number(valves) })}
                    />
                    {answers.gear.endsWith('cam') && (
                        <Choice
                            label="Cam drive"
                            options={[
                                ['chain', 'chain'],
                                ['gears', 'gears'],
                            ]}
                            chosen={answers.drive}
                            onChoose={(drive) => set({ drive })}
                        />
                    )}
                </Row>
            ) : (
                <Row label="Exhaust valve">
                    <Choice
                        label="Exhaust valve"
                        options={[
                            ['no', 'none'],
                            ['yes', 'has one'],
                        ]}
                        chosen={answers.exhaust_valve ? 'yes' : 'no'}
                        onChoose={(has) => set({ exhaust_valve: has === 'yes' })}
                    />
                </Row>
            )}
            <Row label="Bore and barrel">
                <Choice
                    label="Lining"
                    options={[
                        ['iron', 'iron'],
                        ['plated', 'plated'],
                    ]}
                    chosen={answers.lining}
                    onChoose={(lining) => set({ lining })}
                />
                {isFour && answers.cylinders > 1 && answers.form !== 'vee' && (
                    <Choice
                        label="How piston and barrel join"
                        options={JOININGS}
                        chosen={answers.joining}
                        onChoose={(joining) => set({ joining })}
                    />
                )}
            </Row>
        </>
    )
}

/** The engine as it would stand on the bench, from its own data. */
function Drawn({ engine }: { engine: Schemas['FirstSheet'] }) {
    const layout = layoutStack(engine.drawing, engine.slabs, 208, () => 4, { tallest: 92 })
    return (
        <svg
            viewBox={`0 0 ${layout.width} ${layout.height}`}
            className="ink max-h-[26rem] w-full"
            role="img"
            aria-label={`${engine.description}, drawn`}
        >
            <StackDrawing drawing={engine.drawing} layout={layout} selected={null} weight={1.5} />
        </svg>
    )
}

function Row({ label, children }: { label: string; children: React.ReactNode }) {
    return (
        <div>
            <p className="text-sm text-quiet">{label}</p>
            <div className="flex flex-wrap items-end gap-x-4 gap-y-1.5">{children}</div>
        </div>
    )
}

function Text({
    label,
    value,
    onChange,
    hint = '',
    figure = false,
    narrow = false,
}: {
    label: string
    value: string
    onChange: (value: string) => void
    hint?: string
    figure?: boolean
    narrow?: boolean
}) {
    return (
        <label className={`block ${narrow ? 'w-28' : ''}`}>
            <span className="block text-sm text-quiet">{label}</span>
            <input
                className={`input h-12 w-full ${figure ? 'text-xl font-bold' : ''}`}
                inputMode={figure || narrow ? 'decimal' : 'text'}
                placeholder={hint}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </label>
    )
}
