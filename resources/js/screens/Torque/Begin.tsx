import { useState } from 'react'
import type { Job, Payloads } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { type Quantity, useCalculation } from '../../app/useCalculation'
import type { Waiting } from '../../app/waiting'
import { PATTERNS, STAGES, TYPED_UNITS } from '../../app/words'
import { Choice } from '../../parts/Choice'
import { Figure } from '../../parts/Figure'
import type { Joint } from './run'

type Programme = Payloads['run_started']['programme']

/** A joint that is not being pulled: why not yet, the button that begins it, or the question for what its sheet does not state. */
export function Begin({ job, joint, waiting }: { job: Job; joint: Joint; waiting: Waiting[] }) {
    const begin = (programme: Programme) =>
        void outbox.add(job.number, 'run_started', { step: joint.step, programme }, `Pulling begins: ${joint.name}`)
    const isBegun = waiting.some(
        (entry) =>
            entry.kind === 'run_started' &&
            entry.refusal === null &&
            (entry.payload as { step: string }).step === joint.step,
    )
    if (isBegun) {
        return (
            <p role="status" className="border-2 border-base-content px-3 py-2 text-lg font-bold">
                Begun here, not yet in the log: the first bolt is lit as soon as the shop’s server has it.
            </p>
        )
    }
    const void_ = joint.run?.voidBecause
    return (
        <>
            {void_ && (
                <p className="border-2 border-base-content px-3 py-1.5 font-bold">
                    The run of this joint is void: {void_}. It is pulled anew.
                </p>
            )}
            {!joint.canBegin && (
                <p className="border-2 border-base-content px-3 py-2 text-lg font-bold">
                    {joint.state === 'done' ? 'This joint was said to be done before runs were kept.' : joint.why}
                </p>
            )}
            {joint.canBegin && joint.programme && (
                <button
                    type="button"
                    className="min-h-16 rounded-box bg-primary px-5 text-left text-2xl font-bold text-primary-content"
                    onClick={() => joint.programme && begin(joint.programme)}
                >
                    Begin at {joint.passes[0]?.order[0]}
                </button>
            )}
            {joint.canBegin && !joint.programme && <Ask joint={joint} job={job} onBegin={begin} />}
        </>
    )
}

interface Asked {
    figure: string
    unit: string
    school: string
    pattern: string
    source: string
    thread: string
    count: string
    circle: string
}

const UNITS = TYPED_UNITS.torque.map((unit) => [unit, unit] as const)

const IN_STAGES = [...STAGES, ['one', 'at once']] as const

/** An order of one’s own is tapped once there is a programme. */
const ORDERS = PATTERNS.filter(([pattern]) => pattern !== 'given')

/** The sheet states no programme: the final figure, in how many stages, in which pattern, and who says so. */
function Ask({ job, joint, onBegin }: { job: Job; joint: Joint; onBegin: (programme: Programme) => void }) {
    const usual = job.planning.schools.find((each) => each.matter === 'torque_stages')?.chosen ?? 'thirds'
    const draft = useDraft<Asked>(`torque:${job.number}:${joint.step}:ask`, {
        figure: '',
        unit: 'N·m',
        school: usual,
        pattern: 'inside-out',
        source: '',
        thread: joint.bolts[0]?.thread ?? '',
        count: '',
        circle: '',
    })
    const [tried, setTried] = useState(false)
    const asked = draft.value
    const set = (part: Partial<Asked>) => draft.change({ ...asked, ...part })
    const figure = asked.figure.trim().replace(',', '.')
    const count = joint.bolts.length || Number(asked.count)
    const isReady = Number(figure) > 0 && asked.source.trim() !== '' && count >= 1 && asked.thread.trim() !== ''
    const { answer, refusal, isOfBefore } = useCalculation<{ stages: Quantity[] }>(
        'torque-stages',
        Number(figure) > 0 && asked.school !== 'one'
            ? { final: `${figure} ${asked.unit}`, school: asked.school, step: `0.5 ${asked.unit}` }
            : null,
    )
    const figures = asked.school === 'one' ? [] : (answer?.stages ?? []).slice(0, -1)
    const submit = () => {
        setTried(true)
        if (isReady && !isOfBefore && (asked.school === 'one' || answer)) {
            onBegin(programmeOf(joint, asked, `${figure} ${asked.unit}`, figures, count))
            draft.clear()
        }
    }
    return (
        <form
            className="max-w-3xl space-y-3 border-2 border-base-content bg-base-100 p-4"
            onSubmit={(event) => {
                event.preventDefault()
                submit()
            }}
        >
            <p className="text-lg font-bold">The sheet states no torque here. What does the manual say?</p>
            <div className="flex flex-wrap items-end gap-3">
                <Figure
                    label="Final figure"
                    unit=""
                    value={asked.figure}
                    onChange={(value) => set({ figure: value })}
                    wrong={refusal?.message ?? (tried && !(Number(figure) > 0) ? 'A torque, such as 24.' : null)}
                />
                <Choice label="Unit" options={UNITS} chosen={asked.unit} onChoose={(unit) => set({ unit })} />
            </div>
            {joint.bolts.length === 0 && (
                <div className="flex flex-wrap gap-3">
                    <Figure
                        label="How many fasteners"
                        unit=""
                        value={asked.count}
                        onChange={(value) => set({ count: value })}
                        wrong={tried && !(count >= 1) ? 'At least one.' : null}
                    />
                    <Figure
                        label="On a circle of"
                        unit="mm"
                        value={asked.circle}
                        onChange={(circle) => set({ circle })}
                    />
                    <label className="block">
                        <span className="block text-sm text-quiet">Thread</span>
                        <input
                            className="input h-12 w-32 text-lg font-bold"
                            placeholder="M8x1.25"
                            value={asked.thread}
                            onChange={(event) => set({ thread: event.target.value })}
                        />
                    </label>
                </div>
            )}
            <Choice label="Stages" options={IN_STAGES} chosen={asked.school} onChoose={(school) => set({ school })} />
            {figures.length > 0 && (
                <p className="text-sm text-quiet">
                    {[
                        ...figures.map((each) => `${Number(each.value.toFixed(2))} ${each.unit}`),
                        `${figure} ${asked.unit}`,
                    ].join(', ')}
                    , then a check pass
                </p>
            )}
            {count > 1 && (
                <Choice
                    label="Order"
                    options={ORDERS}
                    chosen={asked.pattern}
                    onChoose={(pattern) => set({ pattern })}
                />
            )}
            <label className="block">
                <span className="block text-sm text-quiet">Who says so</span>
                <input
                    className="input h-12 w-full max-w-md"
                    placeholder="service manual, page 48"
                    value={asked.source}
                    onChange={(event) => set({ source: event.target.value })}
                />
                {tried && asked.source.trim() === '' && (
                    <span role="alert" className="block text-sm text-error">
                        A figure needs its source.
                    </span>
                )}
            </label>
            <button
                type="submit"
                disabled={isOfBefore}
                className="h-14 rounded-field bg-primary px-6 text-lg font-bold text-primary-content"
            >
                Keep it on the sheet and begin
            </button>
        </form>
    )
}

function programmeOf(joint: Joint, asked: Asked, final: string, figures: Quantity[], count: number): Programme {
    const group = joint.step.replace(/^pull\./, '')
    const radius = (Number(asked.circle.replace(',', '.')) || 40) / 2
    const place = (index: number, of: (turn: number) => number) =>
        `${count === 1 ? 0 : Number((radius * of((2 * Math.PI * index) / count)).toFixed(2))} mm`
    const bolts =
        joint.bolts.length > 0
            ? joint.bolts.map((bolt) => bolt.document)
            : Array.from({ length: count }, (_, index) => ({
                  id: `${group.slice(0, 12)}${index + 1}`,
                  slab: joint.slab,
                  x: place(index, Math.cos),
                  y: place(index, Math.sin),
                  thread: asked.thread.trim(),
                  pulled_in: joint.step,
                  group,
              }))
    const stages = [...figures.map((each) => `${Number(each.value.toFixed(3))} ${each.unit}`), final].map(
        (figure, index) => ({
            kind: 'torque',
            figure,
            ...(index === 0 ? { pattern: asked.pattern } : {}),
        }),
    )
    return {
        groups: [{ id: group, name: joint.name, source: asked.source.trim(), bolts, stages }],
    }
}
