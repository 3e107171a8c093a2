import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { RingClockDrawing } from '../../drawings/RingClockDrawing'
import { Choice } from '../../parts/Choice'
import type { Draft } from './useSheetEditor'

/** The crown from above with the rings' gaps; a gap that is turned is written at its ring. */
export function RingsPicture({ draft }: { draft: Draft }) {
    const { setValue } = useFormContext()
    const rings = (useWatch({ name: 'piston.rings' }) ?? []) as { name?: string }[]
    const [chosen, setChosen] = useState('')
    const place = draft.gaps.find((each) => each.cylinder === chosen) ?? draft.gaps[0]
    if (!place || place.angles.length === 0) {
        return <p className="text-quiet">No rings yet.</p>
    }
    const turn = (which: string, angle: number) => {
        const name = place.angles.find((each) => each.ring === which)?.name
        const index = rings.findIndex((each) => each.name === name)
        if (index >= 0) {
            setValue(`piston.rings.${index}.at`, `${angle} deg`, { shouldDirty: true })
        }
    }
    return (
        <div className="grid gap-2">
            {draft.gaps.length > 1 && (
                <Choice
                    label="Cylinder"
                    options={draft.gaps.map((each) => [each.cylinder, each.name])}
                    chosen={place.cylinder}
                    onChoose={setChosen}
                />
            )}
            <RingClockDrawing place={place} conflicts={[]} onTurn={turn} />
            <p className="text-sm text-quiet">
                Degrees clockwise from the exhaust. Turn a gap to where a peg, or the maker, has it; where nothing is
                said the shop’s way of placing them is drawn.
            </p>
        </div>
    )
}
