import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import type { Spot } from '../../app/api'
import { useLine } from '../../app/useOutbox'
import { shownFields } from './draft'
import type { Field } from './drafted'
import type { Desk } from './useDesk'

const NAMES: Record<Field, string> = {
    figure: 'reading',
    deviation: 'deviation',
    setting: 'setting',
    passes: 'passes',
    drags: 'drags',
    refuses: 'refuses',
    hole: 'hole',
    shaft: 'shaft',
    atLeast: 'at least',
    front: 'front',
    rear: 'rear',
    'pin left': 'pin left',
    'pin right': 'pin right',
    first: 'first try',
    second: 'second try',
    filled: 'filled',
    down: 'edge down, mm',
}

/** Forms whose figure comes of several that were typed. */
const SAID = ['burette', 'dome in bore']

/** A place to type one reading: touch it or type; what stands there is shown large. */
export function ReadingField({ spot, desk, compact = false }: { spot: Spot; desk: Desk; compact?: boolean }) {
    if (spot.form === 'yes or no') {
        return <Answer spot={spot} desk={desk} />
    }
    if (desk.active?.id === spot.id) {
        return (
            <fieldset className="flex flex-wrap gap-2" aria-label={spot.name}>
                {shownFields(spot, desk.habit).map((field) => (
                    <FieldInput key={field} spot={spot} field={field} desk={desk} />
                ))}
            </fieldset>
        )
    }
    return <StandingReading spot={spot} desk={desk} compact={compact} />
}

/** What hand and eye say: two large buttons, a note for what was felt. */
function Answer({ spot, desk }: { spot: Spot; desk: Desk }) {
    const [note, setNote] = useState('')
    const said = spot.reading?.answer
    const button = (answer: string, words: string) => (
        <button
            type="button"
            aria-pressed={said === answer}
            onClick={() => desk.answer(spot, answer, note)}
            className={`h-12 rounded-field border-2 px-4 font-bold ${
                said === answer ? 'border-base-content bg-base-content text-base-100' : 'border-line'
            }`}
        >
            {words}
        </button>
    )
    return (
        <fieldset className="flex flex-wrap items-center gap-2" aria-label={spot.name}>
            {button(spot.good ?? 'yes', spot.good ?? 'yes')}
            {button('not so', spot.bad ?? 'no')}
            <input
                aria-label={`${spot.name}, what was felt`}
                placeholder="what was felt"
                className="input h-12 max-w-48 min-w-28 flex-1"
                value={note}
                onChange={(event) => setNote(event.target.value)}
            />
        </fieldset>
    )
}

function FieldInput({ spot, field, desk }: { spot: Spot; field: Field; desk: Desk }) {
    const input = useRef<HTMLInputElement>(null)
    const current = desk.field === field
    const text = field === 'setting' ? desk.habit.setting : desk.draft[field]
    useEffect(() => {
        if (current) {
            input.current?.focus({ preventScroll: true })
            input.current?.scrollIntoView({ block: 'center' })
        }
    }, [current])
    const onKeyDown = (event: KeyboardEvent) => {
        if (event.key === 'Enter') {
            event.preventDefault()
            desk.enter()
        } else if (event.key === 'Escape') {
            event.preventDefault()
            desk.leave()
        }
    }
    return (
        <label className="block min-w-0 flex-1">
            {shownFields(spot, desk.habit).length > 1 && (
                <span className="block text-xs text-quiet">{NAMES[field]}</span>
            )}
            <input
                ref={input}
                inputMode="none"
                autoComplete="off"
                aria-label={`${spot.name}, ${NAMES[field]}`}
                aria-describedby="deck-meaning"
                value={text}
                onChange={(event) => desk.type(event.target.value)}
                onFocus={() => desk.setField(field)}
                onKeyDown={onKeyDown}
                className={`h-13 w-full max-w-56 scroll-mb-136 rounded-field md:scroll-mb-0 border-3 bg-base-100 px-1.5 font-bold ${
                    text.length > 6 ? 'text-base' : 'text-xl lg:px-3 lg:text-2xl'
                } ${current ? 'border-primary' : 'border-line'}`}
            />
        </label>
    )
}

function StandingReading({ spot, desk, compact }: { spot: Spot; desk: Desk; compact: boolean }) {
    const line = useLine()
    const waiting = desk.waitingAt(spot)
    const draft = desk.draftOf(spot)
    const typed = Object.values(draft).filter(Boolean).join(' · ')
    const reading = spot.reading
    return (
        <button
            type="button"
            onClick={() => desk.focus(spot)}
            aria-label={`${spot.name}: ${waiting ?? reading?.text ?? (spot.stale ? `read again, ${spot.stale}` : 'not measured')}`}
            title={reading ? `${reading.text}${reading.tool ? `, ${reading.tool}` : ''}` : undefined}
            className={`flex w-full flex-col justify-center rounded-field border-2 border-transparent text-left hover:border-line ${
                compact ? 'min-h-12 items-center px-0.5' : 'min-h-13 items-start px-2 py-0.5'
            }`}
        >
            {waiting !== null ? (
                <>
                    <span className="text-xl font-bold">{waiting}</span>
                    <span className="text-sm text-quiet">{line === 'online' ? 'sending' : 'verdict when back'}</span>
                </>
            ) : typed !== '' ? (
                <>
                    <span className="text-xl text-quiet">{typed}</span>
                    <span className="text-sm text-quiet">typed, not entered</span>
                </>
            ) : reading ? (
                <>
                    <span
                        className={`leading-tight font-bold ${reading.shown.length > 14 ? 'text-lg' : compact ? 'text-lg lg:text-2xl' : 'text-2xl'}`}
                    >
                        {reading.shown}
                    </span>
                    <span className={compact ? 'sr-only' : 'text-sm leading-tight text-quiet'}>
                        {reading.deviation || reading.hole || SAID.includes(spot.form) ? reading.text : reading.tool}
                        {spot.before && <> · before: {spot.before}</>}
                    </span>
                </>
            ) : spot.stale ? (
                <span className="flex min-h-11 w-full max-w-56 flex-col justify-center rounded-field border-2 border-dashed border-base-content px-3">
                    <span className="leading-tight font-bold">read again</span>
                    <span className="text-sm leading-tight text-quiet">{spot.stale}</span>
                </span>
            ) : spot.waitsFor ? (
                <span className="text-quiet">waits for {spot.waitsFor.toLowerCase()}</span>
            ) : (
                <span
                    className={
                        compact
                            ? 'text-sm text-quiet'
                            : 'flex h-11 w-full max-w-56 items-center rounded-field border-2 border-dashed border-line px-3 text-quiet'
                    }
                >
                    not measured
                </span>
            )}
        </button>
    )
}
