import { useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { call, type Job, type Schemas, type Spot } from '../../app/api'
import { read, useKept, write } from '../../app/kept'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { type Draft, EMPTY, type Field, fieldsOf, type Habit, inWords, isEmpty, payloadOf } from './draft'

type Preview = Schemas['Preview']

export interface Desk {
    active: Spot | null
    field: Field | null
    habit: Habit
    draft: Draft
    preview: Preview | null
    /** A question or a refusal that stands in the way of entering what is typed. */
    asking: string | null
    nextName: string | null
    draftOf: (spot: Spot) => Draft
    waitingAt: (spot: Spot) => string | null
    focus: (spot: Spot, field?: Field) => void
    leave: () => void
    type: (text: string) => void
    setField: (field: Field) => void
    setHabit: (change: Partial<Habit>) => void
    enter: () => void
}

const PREVIEW_AFTER = 90
const PATIENCE = 500

const firstHabit = (job: Job): Habit => {
    const set = job.spots.find((spot) => spot.reading?.setting)?.reading?.setting
    const [setting = '', settingUnit = 'in'] = set?.split(' ') ?? []
    return { unit: 'mm', gauge: set !== undefined, setting, settingUnit, tools: {}, setWith: '' }
}

/** The reading that is being typed: which place, what stands in it, what it would mean, and where Enter goes next. */
export function useDesk(job: Job): Desk {
    const drafts = useRef<Record<string, Draft>>(read(`drafts:${job.number}`, {}))
    const [, redraw] = useState(0)
    const [habit, keepHabit] = useKept<Habit>(`habit:${job.number}`, firstHabit(job))
    const [place, setPlace] = useState<{ spot: string; field: Field } | null>(null)
    const [asking, setAsking] = useState<string | null>(null)
    const confirmed = useRef('')
    const waiting = useWaiting(job.number)
    const active = job.spots.find((spot) => spot.id === place?.spot) ?? null
    const draftOf = useCallback((spot: Spot): Draft => drafts.current[spot.id] ?? EMPTY, [])
    const draft = active ? draftOf(active) : EMPTY
    const payload = useMemo(
        () => (active && !isEmpty(active, draft, habit) ? payloadOf(active, draft, habit, job.tools) : null),
        [active, draft, habit, job.tools],
    )
    const preview = usePreview(job.number, payload, active?.reading?.entry ?? '')

    const keep = (spot: Spot, next: Draft | null) => {
        const { [spot.id]: _, ...others } = drafts.current
        drafts.current = next ? { ...others, [spot.id]: next } : others
        write(`drafts:${job.number}`, drafts.current)
        redraw((count) => count + 1)
    }
    const waitingAt = (spot: Spot): string | null => {
        const mine = waiting.filter(
            (entry) =>
                entry.kind === 'reading_taken' &&
                entry.refusal === null &&
                (entry.payload as { spot: string }).spot === spot.id,
        )
        return mine[mine.length - 1]?.label.replace(`${spot.name}: `, '') ?? null
    }
    const nextAfter = (spot: Spot): Spot | null => {
        const at = job.spots.indexOf(spot)
        const order = [...job.spots.slice(at + 1), ...job.spots.slice(0, at)]
        return order.find((other) => !other.reading && !other.waitsFor && waitingAt(other) === null) ?? null
    }
    const focus = (spot: Spot, field?: Field) => {
        setAsking(null)
        setPlace({ spot: spot.id, field: field ?? fieldsOf(spot, habit)[0] ?? 'figure' })
    }

    const store = async (spot: Spot, body: Record<string, unknown>, kept: boolean) => {
        const next = nextAfter(spot)
        await outbox.add(job.number, 'reading_taken', kept ? { ...body, kept: true } : body, inWords(spot, body))
        keep(spot, null)
        confirmed.current = ''
        if (next) {
            focus(next)
        } else {
            setPlace(null)
        }
    }

    /** Enter: on to the reading's next field, or into the log and on to the next place. Asked once, never held up twice. */
    const enter = async () => {
        if (!active || !place) {
            return
        }
        const fields = fieldsOf(active, habit)
        const following = fields[fields.indexOf(place.field) + 1]
        if (following && place.field !== 'drags') {
            setPlace({ spot: active.id, field: following })
            return
        }
        if (!payload) {
            setAsking('Type what the tool says, then Enter.')
            return
        }
        const key = JSON.stringify(payload)
        const known = preview.key === key ? preview.answer : await ask(job.number, payload, PATIENCE)
        if (known?.refusal) {
            setAsking(`${known.refusal.message} Accepted: ${known.refusal.allowed}.`)
            return
        }
        if (known?.question && confirmed.current !== key) {
            confirmed.current = key
            setAsking(`${known.question} Enter again keeps it.`)
            return
        }
        await store(active, payload, confirmed.current === key)
    }

    const next = active ? nextAfter(active) : null
    return {
        active,
        field: place?.field ?? null,
        habit,
        draft,
        preview: preview.answer,
        asking,
        nextName: next?.name ?? null,
        draftOf,
        waitingAt,
        focus,
        leave: () => setPlace(null),
        type: (text) => {
            if (active && place) {
                setAsking(null)
                if (place.field === 'setting') {
                    keepHabit({ ...habit, setting: text })
                } else {
                    keep(active, { ...draft, [place.field]: text })
                }
            }
        },
        setField: (field) => active && setPlace({ spot: active.id, field }),
        setHabit: (change) => keepHabit({ ...habit, ...change }),
        enter: () => void enter(),
    }
}

/** What the server makes of a payload, or null where it does not answer in time: then the reading is kept and judged later. */
async function ask(job: number, payload: unknown, patience: number): Promise<Preview | null> {
    const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), patience))
    return Promise.race([call<Preview>('POST', `/jobs/${job}/preview`, payload).catch(() => null), late])
}

/** The preview of what is being typed, a moment after the last key. */
function usePreview(job: number, payload: unknown, standing: string): { key: string; answer: Preview | null } {
    const key = payload ? JSON.stringify(payload) : ''
    const [known, setKnown] = useState<{ key: string; answer: Preview | null }>({ key: '', answer: null })
    // biome-ignore lint/correctness/useExhaustiveDependencies: a new standing reading asks again for the same figures
    useEffect(() => {
        if (key === '') {
            setKnown({ key: '', answer: null })
            return
        }
        let dropped = false
        const timer = setTimeout(() => {
            call<Preview>('POST', `/jobs/${job}/preview`, JSON.parse(key))
                .then((answer) => !dropped && setKnown({ key, answer }))
                .catch(() => !dropped && setKnown({ key: '', answer: null }))
        }, PREVIEW_AFTER)
        return () => {
            dropped = true
            clearTimeout(timer)
        }
    }, [job, key, standing])
    return key === '' ? { key, answer: null } : known
}
