import { call, type Job, type Spot } from '../../app/api'
import { withUnit } from '../../app/format'
import { HowTaken } from '../../drawings/HowTaken'
import { VerdictMark } from '../../drawings/VerdictMark'
import { mayRepeat, press, ringSize, toolFor, unitFor } from './draft'
import { ROCKS, TO, UNCRUSHED } from './forms'
import type { Desk } from './useDesk'

/** The pad row by row; "side" is the sign of a figure, or the other sort of leaf. */
const KEYS = ['7', '8', '9', 'del', '4', '5', '6', 'side', '1', '2', '3', 'close', '0', '.']

/** The key pad under the work: digits, sign, unit, gauge or outright, and the one big key that enters. */
export function Deck({ job, desk }: { job: Job; desk: Desk }) {
    const { active: spot, habit } = desk
    if (!spot || !desk.field) {
        return null
    }
    const text = desk.field === 'setting' ? habit.setting : desk.draft[desk.field]
    const gauge = spot.form === 'diameter' && habit.gauge
    const unit = unitFor(spot, habit)
    const setUnit = (next: string) =>
        desk.setHabit(
            gauge
                ? { settingUnit: next }
                : spot.unit === 'mm'
                  ? { unit: next }
                  : { units: { ...habit.units, [spot.unit]: next } },
        )
    return (
        <section
            aria-label="Key pad"
            className="deck-rises on-bar no-print sticky bottom-0 z-20 grid shrink-0 gap-3 md:static bg-(--deck) p-3 text-[#f2f6f4] md:grid-cols-[minmax(0,1fr)_minmax(20rem,1.2fr)]"
        >
            <Meaning job={job} desk={desk} text={text} unit={unit} gauge={gauge} />
            {/* a key stays under the thumb whatever is said beside it: counted from the foot, which does not move */}
            <div className="grid grid-cols-[4fr_1.2fr] gap-2 self-end">
                <div className="grid grid-cols-4 content-end gap-1.5">
                    {KEYS.map((key) => (
                        <PadKey key={key} name={key} text={text} desk={desk} leaves={spot.form === 'leaves'} />
                    ))}
                    <button
                        type="button"
                        className="col-span-2 h-13 rounded-field bg-[#4a3bd0] text-lg font-bold text-white"
                        onPointerDown={(event) => event.preventDefault()}
                        onClick={desk.enter}
                    >
                        Enter
                    </button>
                </div>
                <div className="grid content-end gap-1.5">
                    {spot.units.map((name) => (
                        <DeckKey key={name} name={name} pressed={unit === name} onPress={() => setUnit(name)} />
                    ))}
                    <CrownKeys spot={spot} text={text} desk={desk} />
                    {mayRepeat(spot, habit) && (
                        <DeckKey name="again" pressed={desk.draft.again !== ''} onPress={desk.turnAgain} />
                    )}
                    <StandIn job={job} spot={spot} desk={desk} />
                    {spot.form === 'diameter' && (
                        <DeckKey
                            name={habit.gauge ? 'outright' : 'gauge'}
                            onPress={() => {
                                desk.setHabit({ gauge: !habit.gauge })
                                desk.setField(habit.gauge ? 'figure' : habit.setting ? 'deviation' : 'setting')
                            }}
                        />
                    )}
                </div>
            </div>
        </section>
    )
}

/** What a point over a crown says beside a figure: two leaves, a bridge that rocks, a wire that was not crushed. */
function CrownKeys({ spot, text, desk }: { spot: Spot; text: string; desk: Desk }) {
    if (spot.form !== 'over the crown' && spot.form !== 'under the head') {
        return null
    }
    const crushed = text.replace(UNCRUSHED, '')
    return (
        <>
            <DeckKey
                name="passes – refuses"
                onPress={() => !text.includes(TO) && desk.type(`${text === ROCKS ? '' : crushed}${TO}`)}
            />
            {spot.form === 'over the crown' ? (
                <DeckKey
                    name="bridge rocks"
                    pressed={text === ROCKS}
                    onPress={() => desk.type(text === ROCKS ? '' : ROCKS)}
                />
            ) : (
                <DeckKey
                    name="not crushed"
                    pressed={text.startsWith(UNCRUSHED)}
                    onPress={() => desk.type(text.startsWith(UNCRUSHED) ? crushed : UNCRUSHED + crushed)}
                />
            )}
        </>
    )
}

/** A simulated tool that types for practice and demonstration, and says so. */
function StandIn({ job, spot, desk }: { job: Job; spot: Spot; desk: Desk }) {
    if (spot.expected === null || desk.field === 'setting' || desk.field === 'deviation') {
        return null
    }
    const type = async () => {
        const { text } = await call<{ text: string | null }>('GET', `/jobs/${job.number}/stand-in/${spot.id}`)
        if (text) {
            desk.setHabit({ unit: 'mm' })
            desk.type(text)
        }
    }
    return (
        <button
            type="button"
            onPointerDown={(event) => event.preventDefault()}
            onClick={() => void type().catch(() => undefined)}
            className="h-13 rounded-field bg-key text-xs leading-tight"
        >
            stand-in tool
            <br />
            (simulated)
        </button>
    )
}

function PadKey({ name, text, desk, leaves }: { name: string; text: string; desk: Desk; leaves: boolean }) {
    if (name === 'side' && desk.active?.form === 'strip') {
        const other = desk.field === 'atLeast' ? 'figure' : 'atLeast'
        return <DeckKey name={other === 'atLeast' ? 'at least' : 'crushed'} onPress={() => desk.setField(other)} />
    }
    if (name === 'side' && leaves) {
        const other = desk.field === 'drags' ? 'refuses' : 'drags'
        return <DeckKey name={other} onPress={() => desk.setField(other)} />
    }
    if (name === 'close') {
        return <DeckKey name="close" onPress={desk.leave} />
    }
    const key = name === 'side' ? '±' : name
    return <DeckKey name={key} onPress={() => desk.type(press(text, key))} strong={/[\d.]/.test(key)} />
}

function DeckKey({
    name,
    onPress,
    pressed,
    strong = false,
}: {
    name: string
    onPress: () => void
    pressed?: boolean
    strong?: boolean
}) {
    return (
        <button
            type="button"
            aria-pressed={pressed}
            aria-label={name === 'del' ? 'delete' : name === '±' ? 'change sign' : undefined}
            onPointerDown={(event) => event.preventDefault()}
            onClick={onPress}
            className={`h-13 rounded-field font-bold ${
                pressed ? 'bg-[#f2f6f4] text-[#13201d]' : strong ? 'bg-key-strong text-2xl' : 'bg-key'
            }`}
        >
            {name}
        </button>
    )
}

/** What stands in the field, with its unit where it is a figure. */
const shownTyped = (text: string, unit: string) =>
    text === ROCKS || text.includes(TO) || text.startsWith(UNCRUSHED) ? text : withUnit(text, unit)

/** What is being typed, what it comes to, what it would mean, and where Enter goes. */
function Meaning({
    job,
    desk,
    text,
    unit,
    gauge,
}: {
    job: Job
    desk: Desk
    text: string
    unit: string
    gauge: boolean
}) {
    const { active: spot, habit, preview } = desk
    if (!spot) {
        return null
    }
    return (
        <div className="flex min-w-0 flex-col gap-1">
            <div className="flex gap-3">
                <span className="grid h-21 shrink-0 place-items-center self-start rounded-field bg-base-100 px-1.5 text-base-content">
                    <HowTaken sketch={spot.sketch} width={100} />
                </span>
                <div className="min-w-0">
                    <p className="text-sm leading-tight text-[#c2cec9]">
                        {spot.name}
                        {spot.form === 'leaves' && `, the leaf that ${desk.field}`}
                    </p>
                    <p className="text-3xl leading-tight font-bold [overflow-wrap:anywhere] md:max-lg:text-xl">
                        {text === '' ? '–' : shownTyped(text, desk.field === 'down' ? 'mm' : unit)}
                    </p>
                    {preview?.figure && gauge && (
                        <p className="text-xl leading-tight md:max-lg:text-lg">= {preview.figure}</p>
                    )}
                    <p className="line-clamp-2 text-sm leading-tight text-[#c2cec9]">{spot.hint}</p>
                </div>
            </div>
            <div id="deck-meaning" aria-live="polite" className="min-h-7">
                {preview?.assessments.map(
                    (assessment) =>
                        assessment.verdict && (
                            <p key={assessment.id} className="flex items-center gap-2 leading-tight">
                                <span className="grid size-7 shrink-0 place-items-center rounded-full bg-base-100">
                                    <VerdictMark state={assessment.verdict.state} size={20} />
                                </span>
                                <span>
                                    {assessment.doubt !== null && `${assessment.figure} · `}
                                    <b>{assessment.verdict.words}</b>
                                    <span className="text-[#c2cec9]"> · {assessment.name.toLowerCase()}</span>
                                    {assessment.verdict.action && <> · {assessment.verdict.action}</>}
                                </span>
                            </p>
                        ),
                )}
                {preview?.refusal && <p className="text-[#ffd9a0]">{preview.refusal.message}</p>}
            </div>
            {desk.draft.again !== '' && mayRepeat(spot, habit) && (
                <p className="text-sm leading-tight">
                    Again, with nothing done to the part: one reading with the one before, its mean and its scatter
                    count.
                </p>
            )}
            {desk.asking && (
                <p role="alert" className="rounded-field bg-[#f2f6f4] px-3 py-2 font-bold text-[#13201d]">
                    {desk.asking}
                </p>
            )}
            <div className="mt-auto flex flex-wrap items-center gap-x-3 gap-y-1 text-sm">
                {gauge && <SettingRow desk={desk} job={job} />}
                {spot.form === 'under the head' && <HeldRow desk={desk} job={job} spot={spot} />}
                <ToolChoice
                    label="read with"
                    kinds={spot.instruments}
                    job={job}
                    value={toolFor(spot, habit, job.measuring.tools) ?? ''}
                    onChange={(id) => desk.setHabit({ tools: { ...habit.tools, [spot.instrument]: id } })}
                />
                <span className="text-[#c2cec9]">
                    {desk.nextName ? `Enter: then ${desk.nextName}` : 'Enter: the last one here'}
                </span>
            </div>
        </div>
    )
}

/** On how many fasteners the head stands meanwhile, and how tight: it says so beside the verdict. */
function HeldRow({ desk, job, spot }: { desk: Desk; job: Job; spot: Spot }) {
    const ways = job.measuring.heldWays
    const chosen = ways.findIndex(({ held }) => JSON.stringify(held) === JSON.stringify(desk.habit.held))
    return (
        <label className="flex items-center gap-2">
            <span className="text-[#c2cec9]">head on</span>
            <select
                aria-label={`${spot.name}, head held by`}
                className="h-11 max-w-60 rounded-field bg-key px-2"
                value={chosen}
                onChange={(event) => desk.setHabit({ held: ways[Number(event.target.value)]?.held })}
            >
                <option value={-1}>not said</option>
                {ways.map(({ said }, index) => (
                    <option key={said} value={index}>
                        {said}
                    </option>
                ))}
            </select>
        </label>
    )
}

function SettingRow({ desk, job }: { desk: Desk; job: Job }) {
    return (
        <>
            <label className="flex items-center gap-2">
                <span className="text-[#c2cec9]">setting</span>
                <input
                    aria-label="Gauge setting"
                    inputMode="none"
                    className="h-11 w-24 rounded-field bg-[#f2f6f4] px-2 text-lg font-bold text-[#13201d]"
                    value={desk.habit.setting}
                    onFocus={() => desk.setField('setting')}
                    onChange={(event) => desk.setHabit({ setting: event.target.value })}
                    onKeyDown={(event) => {
                        if (event.key === 'Enter') {
                            event.preventDefault()
                            desk.setField('deviation')
                        }
                    }}
                />
            </label>
            <ToolChoice
                label="set with"
                kinds={['micrometer', 'setting ring']}
                job={job}
                value={desk.habit.setWith || (job.measuring.tools.find((tool) => tool.kind === 'micrometer')?.id ?? '')}
                onChange={(id) =>
                    desk.setHabit({ setWith: id, ...ringSize(job.measuring.tools.find((tool) => tool.id === id)) })
                }
            />
        </>
    )
}

function ToolChoice({
    label,
    kinds,
    job,
    value,
    onChange,
}: {
    label: string
    kinds: string[]
    job: Job
    value: string
    onChange: (id: string) => void
}) {
    const suited = job.measuring.tools.filter((tool) => kinds.includes(tool.kind))
    const others = job.measuring.tools.filter((tool) => !kinds.includes(tool.kind) && tool.kind !== 'feeler leaves')
    if (kinds.length === 0) {
        return null
    }
    return (
        <label className="flex items-center gap-2">
            <span className="text-[#c2cec9]">{label}</span>
            <select
                className="h-11 max-w-52 rounded-field bg-key px-2"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            >
                {suited.map((tool) => (
                    <option key={tool.id} value={tool.id}>
                        {tool.name}
                        {tool.isOverdue ? ', check overdue' : ''}
                    </option>
                ))}
                {others.map((tool) => (
                    <option key={tool.id} value={tool.id}>
                        {tool.name}, not usual here
                    </option>
                ))}
            </select>
        </label>
    )
}
