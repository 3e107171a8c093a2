import { useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useJob } from '../../app/queries'
import { type CalculatedVerdict, type Quantity, useCalculation } from '../../app/useCalculation'
import { CrosshatchDrawing } from '../../drawings/CrosshatchDrawing'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Figure } from '../../parts/Figure'
import { JobPage } from '../../parts/JobPage'
import { GapTaper } from './GapTaper'
import { HoneBudget } from './HoneBudget'

/** At the hone: the cross-hatch that speed and strokes give, the taper that a ring can tell, what may still come out. */
export function Hone() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage
            job={job}
            title="At the hone"
            sub="scratches must cross steeply enough to hold oil, not so steeply that they pump it"
        >
            {(data) => (
                <div className="grid gap-5">
                    <Hatch job={data} />
                    <HoneBudget job={data} />
                    <GapTaper job={data} />
                </div>
            )}
        </JobPage>
    )
}

interface Hatched {
    angle: Quantity
    verdict: CalculatedVerdict
    strokes_for_aim: number | null
}

interface Settings {
    spindle: string
    strokes: string
    stroke: string
    from: string
    to: string
}

/** What a hand-held hone usually runs at; the aim is the shop's, to be changed where a sheet or a hone asks for another. */
const USUAL: Settings = { spindle: '80', strokes: '100', stroke: '', from: '40', to: '60' }

function Hatch({ job }: { job: Job }) {
    const { value: kept, change: keep } = useDraft<Settings>(`hone:${job.number}`, USUAL)
    const settings = { ...kept, stroke: kept.stroke || job.engine.drawing.barrelHeight.toFixed(0) }
    const set = (part: Partial<Settings>) => keep({ ...kept, ...part })
    const whole = settings.spindle !== '' && settings.strokes !== ''
    const { answer, refusal, isOfBefore } = useCalculation<Hatched>(
        'crosshatch',
        whole
            ? {
                  bore: `${job.engine.drawing.bore} mm`,
                  spindle: `${settings.spindle} rpm`,
                  stroke: `${settings.stroke} mm`,
                  strokes_per_minute: /^[\d.]+$/.test(settings.strokes) ? Number(settings.strokes) : settings.strokes,
                  aim: {
                      ...(settings.from ? { min: `${settings.from} deg` } : {}),
                      ...(settings.to ? { max: `${settings.to} deg` } : {}),
                  },
              }
            : null,
    )
    const wrong = (field: string) => (refusal?.field.startsWith(field) ? refusal.message : null)
    const write = () =>
        void outbox.add(
            job.number,
            'note_written',
            {
                text: `Cross-hatch ${answer?.angle.value.toFixed(0)}°: ${settings.spindle} turns and ${settings.strokes} strokes a minute, ${settings.stroke} mm long.`,
                slab: job.stack.slabs.find((slab) => slab.drawnAs === 'barrel')?.id,
            },
            'Cross-hatch',
        )
    return (
        <section
            aria-label="Cross-hatch"
            className="grid items-start gap-x-8 gap-y-4 bg-base-100 p-5 md:grid-cols-[minmax(0,26rem)_1fr]"
        >
            <CrosshatchDrawing
                angle={answer?.angle.value ?? 0}
                aim={settings.from && settings.to ? [Number(settings.from) || 0, Number(settings.to) || 0] : null}
            />
            <div>
                <h2 className="text-lg font-bold">Cross-hatch</h2>
                <div className="mt-1 min-h-14" aria-live="polite">
                    {answer && (
                        <>
                            <p className="flex items-center gap-2 text-xl font-bold">
                                <VerdictMark state={answer.verdict.state} />
                                {answer.angle.value.toFixed(1)}°
                                <span className="text-base font-normal">
                                    {answer.verdict.state === 'within' ? 'inside the aim' : answer.verdict.action}
                                </span>
                            </p>
                            {answer.strokes_for_aim !== null && (
                                <p className="text-quiet">
                                    {answer.strokes_for_aim} strokes a minute reach the middle of the aim at{' '}
                                    {settings.spindle} turns
                                </p>
                            )}
                        </>
                    )}
                </div>
                <div className="mt-2 flex flex-wrap gap-4">
                    <Figure
                        label="Spindle"
                        unit="turns a minute"
                        value={settings.spindle}
                        onChange={(spindle) => set({ spindle })}
                        wrong={wrong('spindle')}
                    />
                    <Figure
                        label="Single strokes"
                        unit="a minute"
                        value={settings.strokes}
                        onChange={(strokes) => set({ strokes })}
                        wrong={wrong('strokes')}
                    />
                    <Figure
                        label="Length of a stroke"
                        unit="mm"
                        value={settings.stroke}
                        onChange={(stroke) => set({ stroke })}
                        wrong={wrong('stroke')}
                    />
                </div>
                <div className="mt-3 flex flex-wrap gap-4">
                    <Figure
                        label="Aim from"
                        unit="°"
                        value={settings.from}
                        onChange={(from) => set({ from })}
                        wrong={wrong('aim')}
                    />
                    <Figure label="to" unit="°" value={settings.to} onChange={(to) => set({ to })} />
                </div>
                <p className="mt-2 text-sm text-quiet">
                    Allowed on this barrel:{' '}
                    {job.fitting.honing.tools.length > 0
                        ? job.fitting.honing.tools.join(', ')
                        : 'the sheet names no tool'}
                    {job.fitting.honing.lining === 'plated' && '. A plated bore is only cleaned, never cut to size'}.
                </p>
                <button
                    type="button"
                    className="btn no-print mt-3 h-12 px-6"
                    disabled={!answer || isOfBefore}
                    onClick={write}
                >
                    Write it in the log
                </button>
            </div>
        </section>
    )
}
