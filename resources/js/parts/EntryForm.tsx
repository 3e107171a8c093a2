import type { ReactNode } from 'react'
import type { EntryKind, Payloads } from '../app/api'
import { withUnit } from '../app/format'
import { STATED } from '../app/statements'
import { useTypedUnits } from '../app/units'
import { useEntering } from '../app/useEntering'
import { TYPED_UNITS } from '../app/words'
import { Field } from './Field'
import { Refused } from './Refused'

type Dimension = keyof typeof TYPED_UNITS
type Key<K extends EntryKind> = keyof Payloads[K] & string
type Typed<K extends EntryKind> = Partial<Record<Key<K>, string>>
type Stated = Record<string, { is: string; needed: boolean }>

const NOTHING = {}

/** Units as they stand in a label. */
const SIGN: Record<string, string> = { deg: '°', degC: '°C', degF: '°F', cm3: 'cm³', in3: 'in³' }

/** What is typed at one key: its label, and how wide it stands. */
interface Asked {
    label: string
    className?: string
    placeholder?: string
}

/** The unit that a figure gets where it is typed without one; null for what is no figure. */
function unitOf(is: string | undefined, units: Record<Dimension, string>): string | null {
    return is !== undefined && is in TYPED_UNITS ? units[is as Dimension] : null
}

const sortOf = (is: string | undefined, unit: string | null) =>
    unit !== null || is === 'number' ? 'figure' : is === 'day' ? 'day' : 'words'

/**
 * A form of one kind of entry, made from what the kind states of its payload: a figure is typed in the shop’s unit, which stands in
 * its label, what must be said is waited for, what may lack is left out, a refusal stands at its field, and what is typed is kept
 * until the server has it.
 */
export function EntryForm<K extends EntryKind>({
    job,
    kind,
    keep,
    bench = 'timing',
    name,
    said,
    fields,
    words,
    button,
    isNext = false,
    className = 'flex flex-wrap items-end gap-3',
    children,
}: {
    job: number
    kind: K
    /** Under what the typed is kept. */
    keep: string
    bench?: string
    name: string
    /** What the screen knows already. */
    said: Partial<Payloads[K]>
    /** What is typed, in order. */
    fields: Partial<Record<Key<K>, string | Asked>>
    /** The entry in words, while it is on its way: each figure with its unit. */
    words: (typed: Typed<K>) => string
    button: string
    /** Whether it is what comes next. */
    isNext?: boolean
    className?: string
    /** What stands before the fields. */
    children?: ReactNode
}) {
    const units = useTypedUnits()
    const { typed, setTyped, enter, isSending, refusal } = useEntering<Typed<K>>(job, keep, NOTHING, bench)
    const stated: Stated = STATED[kind]
    const asked = Object.entries(fields) as [Key<K>, string | Asked][]
    const filled = asked.filter(([key]) => (typed[key] ?? '').trim() !== '')
    const isWhole = asked.every(([key]) => !stated[key]?.needed || filled.some(([each]) => each === key))
    const send = () => {
        const texts: [Key<K>, string][] = filled.map(([key]) => {
            const text = (typed[key] ?? '').trim()
            const unit = unitOf(stated[key]?.is, units)
            return [key, unit === null ? text : withUnit(text, unit)]
        })
        const values = texts.map(([key, text]) => [key, stated[key]?.is === 'number' ? Number(text) : text])
        const payload = { ...said, ...Object.fromEntries(values) } as Payloads[K]
        void enter(kind, payload, words(Object.fromEntries(texts) as Typed<K>))
    }
    const at = asked.find(([key]) => refusal?.field.endsWith(`.${key}`))?.[0]
    return (
        <form
            aria-label={name}
            className={className}
            onSubmit={(event) => {
                event.preventDefault()
                if (isWhole && !isSending) {
                    send()
                }
            }}
        >
            {children}
            {asked.map(([key, ask]) => {
                const { label, ...shown } = typeof ask === 'string' ? { label: ask } : ask
                const unit = unitOf(stated[key]?.is, units)
                return (
                    <div key={key} className={shown.className ?? 'w-28'}>
                        <Field
                            {...shown}
                            className=""
                            label={unit === null ? label : `${label}, ${SIGN[unit] ?? unit}`}
                            typed={sortOf(stated[key]?.is, unit)}
                            value={typed[key] ?? ''}
                            onChange={(text) => setTyped({ ...typed, [key]: text })}
                        />
                        {at === key && <Refused refusal={refusal} />}
                    </div>
                )
            })}
            <button
                type="submit"
                className={`btn h-12 px-4 ${isNext ? 'btn-primary' : ''}`}
                disabled={isSending || !isWhole}
            >
                {button}
            </button>
            {at === undefined && <Refused refusal={refusal} />}
        </form>
    )
}
