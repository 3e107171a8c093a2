import { useState } from 'react'
import { Link, useNavigate, useSearchParams } from 'react-router'
import type { Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { finalOf, type GroupText, groupsOf, type SheetText, withPattern } from '../../app/sheetTorque'
import { useCalculation } from '../../app/useCalculation'
import { useKeepSheet, useSheets } from '../../app/useSheets'
import { PATTERNS } from '../../app/words'
import { BoltMap } from '../../drawings/BoltMap'
import { Choice } from '../../parts/Choice'
import { Clamp } from './Clamp'
import { Places } from './Places'
import { type Answer, asked, type Drafted, placed, TEN } from './pattern'
import { Tilt } from './Tilt'

const NOTHING: Drafted = { places: TEN, pattern: 'cross', own: [], torque: '24', school: 'thirds' }

/** The order in which a joint is pulled: of bolts of one's own, or of a group of a sheet, which is then kept on it. */
export function Pattern() {
    const [asked] = useSearchParams()
    const [slug, group] = [asked.get('sheet'), asked.get('group')]
    const sheets = useSheets()
    if (slug === null || group === null) {
        return <Editor kept="pattern" start={NOTHING} of={null} />
    }
    const sheet = sheets.data?.find((each) => each.slug === slug)
    const stated = sheet && groupsOf(JSON.parse(sheet.document) as SheetText).find((each) => each.group === group)
    if (!sheet || !stated) {
        return <p className="p-6">{sheets.data ? 'The spec book has no such group of fasteners.' : 'One moment.'}</p>
    }
    const kept = `pattern:${slug}:${sheet.version}:${group}`
    return <Editor key={kept} kept={kept} start={startOf(stated)} of={{ sheet, group: stated }} />
}

interface OfSheet {
    sheet: Schemas['Sheet']
    group: GroupText
}

/** A group as its sheet has it. */
function startOf({ bolts, programme }: GroupText): Drafted {
    const [first] = programme?.stages ?? []
    const mm = (text: string) => String(Number.parseFloat(text.replace(',', '.')))
    return {
        ...NOTHING,
        places: bolts.map(({ id, x, y }) => ({ id, x: mm(x), y: mm(y) })),
        pattern: first?.order?.length === bolts.length ? 'given' : (first?.pattern ?? 'inside-out'),
        own: first?.order ?? [],
        torque: /[\d.]+ N·m/.exec(finalOf(programme) ?? '')?.[0].replace(' N·m', '') ?? NOTHING.torque,
    }
}

/** Bolts placed to scale, the order chosen or tapped, how far the part tips at each pull. */
function Editor({ kept, start, of }: { kept: string; start: Drafted; of: OfSheet | null }) {
    const draft = useDraft<Drafted>(kept, start)
    const drafted = draft.value
    const set = (part: Partial<Drafted>) => draft.change({ ...drafted, ...part })
    const [done, setDone] = useState(1)
    const isOwn = drafted.pattern === 'given'
    const isWhole = !isOwn || drafted.own.length === drafted.places.length
    const { answer, refusal, isOfBefore } = useCalculation<Answer>('torque-pattern', isWhole ? asked(drafted) : null)
    const order = isOwn ? drafted.own : (answer?.order ?? [])
    const isSettled = isWhole && (isOwn || !isOfBefore)
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
                <h1 className="text-2xl font-bold">
                    {of
                        ? `${of.sheet.title}: ${of.group.programme?.name ?? of.group.group}`
                        : 'In which order the bolts are pulled'}
                </h1>
                <p className="text-quiet">
                    seen from above, to scale;{' '}
                    <Link className="underline" to="/wrench">
                        what to set on the wrench
                    </Link>
                </p>
            </div>
            {of && <KeepOrder of={of} drafted={drafted} order={isSettled ? order : []} onKept={draft.clear} />}
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

/** Places and order become the next version of the sheet. */
function KeepOrder({
    of,
    drafted,
    order,
    onKept,
}: {
    of: OfSheet
    drafted: Drafted
    /** empty while it is not whole, or still that of the pattern before */
    order: string[]
    onKept: () => void
}) {
    const navigate = useNavigate()
    const { keep, error } = useKeepSheet()
    const submit = async () => {
        const document = JSON.parse(of.sheet.document) as SheetText
        const changed = withPattern(document, of.group.group, drafted.places, order)
        if (await keep(JSON.stringify(changed, null, 4))) {
            onKept()
            navigate(`/spec-book/${of.sheet.slug}`)
        }
    }
    return (
        <div className="mb-3 flex flex-wrap items-center gap-4">
            <button
                type="button"
                className="btn btn-primary h-12 px-6"
                disabled={order.length === 0}
                onClick={() => void submit()}
            >
                Keep on the sheet, as version {of.sheet.version + 1}
            </button>
            <span className="text-sm text-quiet">
                {of.group.programme?.mirrors
                    ? 'Its order is that of the other bank, in a mirror.'
                    : 'The order of its first stage; the later ones go the same way.'}
            </span>
            {error && (
                <p role="alert" className="font-bold text-error">
                    {error}
                </p>
            )}
        </div>
    )
}
