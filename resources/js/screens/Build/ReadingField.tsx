import { type KeyboardEvent, useEffect, useRef } from 'react'
import type { Spot } from '../../app/api'
import { useLine } from '../../app/useOutbox'
import type { Field } from './draft'
import type { Desk } from './useDesk'

const NAMES: Record<Field, string> = {
    figure: 'reading',
    deviation: 'deviation',
    setting: 'setting',
    passes: 'passes',
    drags: 'drags',
    refuses: 'refuses',
}

/** A place to type one reading: touch it or type; what stands there is shown large. */
export function ReadingField({ spot, desk }: { spot: Spot; desk: Desk }) {
    if (desk.active?.id === spot.id) {
        const fields: Field[] =
            spot.form === 'leaves'
                ? ['passes', 'drags', 'refuses']
                : spot.form === 'diameter' && desk.habit.gauge
                  ? ['deviation']
                  : ['figure']
        return (
            <fieldset className="flex flex-wrap gap-2" aria-label={spot.name}>
                {fields.map((field) => (
                    <FieldInput key={field} spot={spot} field={field} desk={desk} />
                ))}
            </fieldset>
        )
    }
    return <StandingReading spot={spot} desk={desk} />
}

function FieldInput({ spot, field, desk }: { spot: Spot; field: Field; desk: Desk }) {
    const input = useRef<HTMLInputElement>(null)
    const current = desk.field === field
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
            {spot.form === 'leaves' && <span className="block text-xs text-quiet">{NAMES[field]}</span>}
            <input
                ref={input}
                inputMode="none"
                autoComplete="off"
                aria-label={`${spot.name}, ${NAMES[field]}`}
                aria-describedby="deck-meaning"
                value={field === 'setting' ? desk.habit.setting : desk.draft[field]}
                onChange={(event) => desk.type(event.target.value)}
                onFocus={() => desk.setField(field)}
                onKeyDown={onKeyDown}
                className={`h-13 w-full max-w-56 min-w-24 rounded-field border-3 bg-base-100 px-3 text-2xl font-bold ${
                    current ? 'border-primary' : 'border-line'
                }`}
            />
        </label>
    )
}

function StandingReading({ spot, desk }: { spot: Spot; desk: Desk }) {
    const line = useLine()
    const waiting = desk.waitingAt(spot)
    const draft = desk.draftOf(spot)
    const typed = [draft.figure, draft.deviation, draft.passes, draft.drags, draft.refuses].filter(Boolean).join(' · ')
    const reading = spot.reading
    return (
        <button
            type="button"
            onClick={() => desk.focus(spot)}
            aria-label={`${spot.name}: ${waiting ?? reading?.text ?? 'not measured'}`}
            className="flex min-h-13 w-full flex-col items-start justify-center rounded-field border-2 border-transparent px-2 py-0.5 text-left hover:border-line"
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
                    <span className="text-2xl leading-tight font-bold">
                        {reading.millimetres === null ? leaves(reading.text) : reading.millimetres.toFixed(3)}
                    </span>
                    <span className="text-sm leading-tight text-quiet">
                        {reading.deviation ? reading.text : reading.tool}
                    </span>
                </>
            ) : spot.waitsFor ? (
                <span className="text-quiet">waits for {spot.waitsFor.toLowerCase()}</span>
            ) : (
                <span className="flex h-11 w-full max-w-56 items-center rounded-field border-2 border-dashed border-line px-3 text-quiet">
                    not measured
                </span>
            )}
        </button>
    )
}

/** "0.20 passes · 0.25 refuses". */
function leaves(text: string): string {
    return text.replaceAll(' mm', '').replaceAll(', ', ' · ')
}
