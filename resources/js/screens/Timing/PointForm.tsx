import type { Job, Payloads, Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useKept } from '../../app/kept'
import { useEntering } from '../../app/useEntering'
import { Choice } from '../../parts/Choice'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import type { Place } from './ways'

type Loop = Schemas['IgnitionLoop']

type Said = Payloads['ignition_read']

const BLANK: { figure: string; kind: 'dial' | 'degrees'; seenBy: Said['seen_by'] | ''; against: boolean } = {
    figure: '',
    kind: 'dial',
    seenBy: '',
    against: false,
}

const SEEN_BY: [Said['seen_by'] | '', string][] = [
    ['', 'eye'],
    ['meter', 'meter'],
    ['lamp', 'lamp'],
    ['timing light', 'timing light'],
    ['mark', 'mark'],
]

const UNSTATED = { nominal: '', either: '' }

const KINDS = {
    dial: { words: 'Dial, mm', unit: 'mm', tool: 'dial indicator' },
    degrees: { words: 'Wheel, °', unit: 'deg', tool: 'degree wheel' },
}

/** The point as a reading takes it along: degrees, unless a unit was typed. */
function askedPoint({ nominal, either }: typeof UNSTATED) {
    const unit = nominal.includes('mm') ? 'mm' : 'deg'
    const tolerance = either.trim() === '' ? {} : { plus: withUnit(either, unit), minus: withUnit(either, unit) }
    return { nominal: withUnit(nominal, unit), ...tolerance, source: 'typed at the bench' }
}

/** Where the point was seen: typed off one’s own dial or wheel, or taken from where the drawing stands. */
export function PointForm({
    job,
    loop,
    here,
    rod,
    incline,
    mayTurnBack,
    needsPoint,
}: {
    job: Job
    loop: Loop
    here: Place | null
    rod: string | null
    incline: string
    mayTurnBack: boolean
    /** Whether the sheet states no point, and it is asked for here. */
    needsPoint: boolean
}) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `point:${loop.cylinder ?? ''}`,
        BLANK,
    )
    // what the sheet does not state is typed once and stays
    const [asked, setAsked] = useKept(`timing:${job.number}:asked`, UNSTATED)
    const kind = KINDS[typed.kind]
    const tool = job.measuring.tools.find((each) => each.kind === kind.tool)?.id
    const drawn = here?.isBefore ? (typed.kind === 'dial' ? here.dial.toFixed(2) : here.turn.toFixed(1)) : null
    const isAsked = needsPoint && asked.nominal.trim() !== ''
    const send = (figure: string) => {
        const said = withUnit(figure, kind.unit)
        const lean = incline.trim().replace(',', '.')
        void enter(
            'ignition_read',
            {
                [typed.kind]: said,
                ...(loop.cylinder === null ? {} : { cylinder: loop.cylinder }),
                ...(tool ? { tool } : {}),
                ...(typed.seenBy ? { seen_by: typed.seenBy } : {}),
                ...(typed.against ? { against: true } : {}),
                ...(rod === null ? {} : { rod }),
                ...(isAsked ? { point: askedPoint(asked) } : {}),
                ...(typed.kind === 'dial' && lean !== '' ? { incline: `${lean} deg` } : {}),
            },
            `Ignition point: ${said} before top`,
        )
    }
    return (
        <form
            className="mt-3"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.figure.trim() !== '' && !isSending) {
                    send(typed.figure)
                }
            }}
        >
            {needsPoint && (
                <div className="mb-2 flex items-end gap-2">
                    <Field
                        label="point asked, ° or mm with unit"
                        value={asked.nominal}
                        onChange={(nominal) => setAsked({ ...asked, nominal })}
                    />
                    <Field
                        label="±"
                        className="w-20"
                        value={asked.either}
                        onChange={(either) => setAsked({ ...asked, either })}
                    />
                </div>
            )}
            <div className="flex flex-wrap items-end gap-2">
                <Choice
                    label="Read on"
                    options={[
                        ['dial', KINDS.dial.words],
                        ['degrees', KINDS.degrees.words],
                    ]}
                    chosen={typed.kind}
                    onChoose={(chosen) => setTyped({ ...typed, kind: chosen })}
                />
                <Field
                    label="before top"
                    className="min-w-24 flex-1"
                    value={typed.figure}
                    onChange={(figure) => setTyped({ ...typed, figure })}
                />
                <button type="submit" className="btn btn-primary h-12 px-5" disabled={isSending}>
                    Enter
                </button>
            </div>
            <div className="mt-2 flex flex-wrap items-center gap-x-4 gap-y-1">
                <label className="flex items-center gap-2">
                    <span className="text-sm text-quiet">seen by</span>
                    <select
                        className="h-12 rounded-field border border-line bg-base-100 px-2"
                        value={typed.seenBy}
                        onChange={(event) => {
                            const chosen = SEEN_BY.find(([value]) => value === event.target.value)
                            setTyped({ ...typed, seenBy: chosen?.[0] ?? '' })
                        }}
                    >
                        {SEEN_BY.map(([value, words]) => (
                            <option key={value} value={value}>
                                {words}
                            </option>
                        ))}
                    </select>
                </label>
                {mayTurnBack && (
                    <label className="flex min-h-12 items-center gap-2">
                        <input
                            type="checkbox"
                            className="size-6"
                            checked={typed.against}
                            onChange={(event) => setTyped({ ...typed, against: event.target.checked })}
                        />
                        <span className="text-sm">turned back to it</span>
                    </label>
                )}
            </div>
            {drawn !== null && (
                <button type="button" className="btn mt-1 h-12 w-full" disabled={isSending} onClick={() => send(drawn)}>
                    It fires where the drawing stands: {drawn}
                    {typed.kind === 'dial' ? ' mm' : '°'}
                </button>
            )}
            <Refused refusal={refusal} />
        </form>
    )
}
