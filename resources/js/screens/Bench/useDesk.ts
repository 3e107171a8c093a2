import { useQuery } from '@tanstack/react-query'
import { useCallback, useMemo, useRef, useState } from 'react'
import { v7 as uuid } from 'uuid'
import { call, type Job, type Payloads, type Schemas, type Spot } from '../../app/api'
import { readDraft, writeDraft } from '../../app/drafts'
import { useKept } from '../../app/kept'
import { outbox } from '../../app/outbox'
import { useWaiting } from '../../app/useOutbox'
import { useStill } from '../../app/useStill'
import { EMPTY, fieldsOf, inWords, isEmpty, payloadOf } from './draft'
import type { Draft, Field, Habit } from './drafted'

type Preview = Schemas['Preview']
type Reading = Payloads['reading_taken']

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
    /** What is typed repeats the reading that stands, or no longer does. */
    turnAgain: () => void
    setField: (field: Field) => void
    setHabit: (change: Partial<Habit>) => void
    enter: () => void
    answer: (spot: Spot, answer: string, note: string) => void
}

const PREVIEW_AFTER = 90
const PATIENCE = 4000

const firstHabit = (job: Job): Habit => {
    const set = job.measuring.spots.find((spot) => spot.reading?.setting)?.reading?.setting
    const [setting = '', settingUnit = 'in'] = set?.split(' ') ?? []
    const unit = job.measuring.spots.find((spot) => spot.unit === 'mm')?.units[0] ?? 'mm'
    return { unit, gauge: set !== undefined, setting, settingUnit, tools: {}, setWith: '' }
}

/** The reading that is being typed: which place, what stands in it, what it would mean, and where Enter goes next. */
export function useDesk(job: Job): Desk {
    const [, redraw] = useState(0)
    const [habit, keepHabit] = useKept<Habit>(`habit:${job.number}`, firstHabit(job))
    const [place, setPlace] = useState<{ spot: string; field: Field } | null>(null)
    const [asking, setAsking] = useState<string | null>(null)
    const confirmed = useRef('')
    const checking = useRef(new Set<string>())
    const waiting = useWaiting(job.number)
    const active = job.measuring.spots.find((spot) => spot.id === place?.spot) ?? null
    const keyOf = useCallback((spot: Spot) => `reading:${job.number}:${spot.id}`, [job.number])
    // a draft whose entry the log has already is gone
    const keptOf = useCallback(
        (spot: Spot) => {
            const kept = readDraft<Draft>(keyOf(spot))
            return kept && kept.id === spot.reading?.entry ? null : kept
        },
        [keyOf],
    )
    const draftOf = useCallback((spot: Spot): Draft => ({ ...EMPTY, ...keptOf(spot)?.value }), [keptOf])
    const kept = active ? keptOf(active) : null
    const draft = useMemo(() => ({ ...EMPTY, ...kept?.value }), [kept])
    const payload = useMemo(
        () => (active && !isEmpty(active, draft, habit) ? payloadOf(active, draft, habit, job.measuring.tools) : null),
        [active, draft, habit, job.measuring.tools],
    )
    const preview = usePreview(job.number, payload, active?.reading?.entry ?? '')

    const keep = (spot: Spot, next: Draft | null) => {
        writeDraft(keyOf(spot), next && { id: keptOf(spot)?.id ?? uuid(), value: next })
        redraw((count) => count + 1)
    }
    /** Into the outbox under the id of its draft, and the draft is gone with the same stroke. */
    const send = (spot: Spot, body: Reading, held: boolean): Promise<string> => {
        const id = keptOf(spot)?.id ?? uuid()
        return outbox.add(job.number, 'reading_taken', body, inWords(spot, body), { id, held })
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
        const at = job.measuring.spots.indexOf(spot)
        const order = [...job.measuring.spots.slice(at + 1), ...job.measuring.spots.slice(0, at)]
        return (
            order.find(
                (other) =>
                    !other.reading && !other.waitsFor && !checking.current.has(other.id) && waitingAt(other) === null,
            ) ?? null
        )
    }
    const focus = (spot: Spot, field?: Field) => {
        setAsking(null)
        setPlace({ spot: spot.id, field: field ?? fieldsOf(spot, habit)[0] ?? 'figure' })
    }

    const advance = (spot: Spot) => {
        const next = nextAfter(spot)
        if (next) {
            focus(next)
        } else {
            setPlace(null)
        }
    }

    /** Into the log, unless it cannot be read, or looks like a slip and has not been asked about: then it is asked once. */
    const settle = async (spot: Spot, payload: Reading, known: Preview | null): Promise<void> => {
        const key = JSON.stringify(payload)
        const objection = objectionTo(known, confirmed.current === key)
        if (objection) {
            if (known?.question) {
                confirmed.current = key
            }
            focus(spot)
            setAsking(objection)
            return
        }
        const body = confirmed.current === key ? { ...payload, kept: true } : payload
        advance(spot)
        const sent = send(spot, body, false)
        keep(spot, null)
        confirmed.current = ''
        await sent
    }

    /** Kept at once, so that nothing can lose it, and sent when the server has looked at it; an objection brings it back. */
    const checkLater = async (spot: Spot, payload: Reading) => {
        const kept = send(spot, payload, true)
        advance(spot)
        const id = await kept
        const known = await ask(job.number, payload, PATIENCE)
        if (objectionTo(known, confirmed.current === JSON.stringify(payload))) {
            await outbox.drop(id)
            await settle(spot, payload, known)
        } else {
            keep(spot, null)
            await outbox.release(id)
        }
    }

    /** Enter: on to the reading's next field, or to the next place while the server looks at what was typed. */
    const enter = async () => {
        if (!active || !place || checking.current.has(active.id)) {
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
        checking.current.add(active.id)
        try {
            if (preview.key === JSON.stringify(payload)) {
                await settle(active, payload, preview.answer)
            } else {
                await checkLater(active, payload)
            }
        } finally {
            checking.current.delete(active.id)
            redraw((count) => count + 1)
        }
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
        turnAgain: () => active && keep(active, { ...draft, again: draft.again ? '' : 'again' }),
        setField: (field) => active && setPlace({ spot: active.id, field }),
        setHabit: (change) => keepHabit({ ...habit, ...change }),
        enter: () => void enter(),
        answer: (spot, answer, note) => {
            const reading = note.trim() === '' ? { answer } : { answer, note: note.trim() }
            const body = { spot: spot.id, reading }
            void outbox.add(job.number, 'reading_taken', body, inWords(spot, body))
        },
    }
}

/** Why a reading does not go into the log yet. */
function objectionTo(known: Preview | null, asked: boolean): string | null {
    if (known?.refusal) {
        return `${known.refusal.message} Accepted: ${known.refusal.allowed}.`
    }
    return known?.question && !asked ? `${known.question} Enter again keeps it.` : null
}

/** What the server makes of a payload, or null where it does not answer in time: then the reading is kept and judged later. */
async function ask(job: number, payload: unknown, patience: number): Promise<Preview | null> {
    const late = new Promise<null>((resolve) => setTimeout(() => resolve(null), patience))
    return Promise.race([call<Preview>('POST', `/jobs/${job}/preview`, payload).catch(() => null), late])
}

const spotIn = (key: string): string => (key === '' ? '' : (JSON.parse(key) as { spot: string }).spot)

/**
 * The preview of what is being typed, a moment after the last key: the last answer stands until the next, but never at
 * another place. Its key is that of the payload it answers.
 */
function usePreview(job: number, payload: unknown, standing: string): { key: string; answer: Preview | null } {
    const key = payload ? JSON.stringify(payload) : ''
    const still = useStill(key, PREVIEW_AFTER)
    const { data, isPending, isPlaceholderData } = useQuery({
        queryKey: ['preview', job, standing, still],
        queryFn: () => call<Preview>('POST', `/jobs/${job}/preview`, JSON.parse(still)),
        enabled: still !== '',
        placeholderData: (last, of) => (spotIn(String(of?.queryKey[3] ?? '')) === spotIn(still) ? last : undefined),
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })
    if (key === '' || spotIn(still) !== spotIn(key)) {
        return { key: '', answer: null }
    }
    return { key: isPending || isPlaceholderData ? '' : still, answer: data ?? null }
}
