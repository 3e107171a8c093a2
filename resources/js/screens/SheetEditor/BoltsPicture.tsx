import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { figure } from '../../app/printed'
import { BoltMap } from '../../drawings/BoltMap'
import { Choice } from '../../parts/Choice'
import { LayOut } from './LayOut'
import { useEditing } from './useSheetEditor'

interface Bolt {
    id?: string
    slab?: string
    group?: string
    x?: string
    y?: string
}

interface Programme {
    group?: string
    stages?: { order?: string[] }[]
}

const groupOf = (bolt: Bolt): string => bolt.group?.trim() || bolt.slab || ''

/** A group of fasteners from above: dragged to their places, or touched in the order in which they are pulled. */
export function BoltsPicture() {
    const { setValue } = useFormContext()
    const { choices } = useEditing()
    const bolts = (useWatch({ name: 'fasteners' }) ?? []) as Bolt[]
    const programmes = (useWatch({ name: 'programmes' }) ?? []) as Programme[]
    const groups = [...new Set(bolts.map(groupOf))].filter((name) => name !== '')
    const [chosen, setChosen] = useState('')
    const [isOrdering, setOrdering] = useState(false)
    const group = groups.includes(chosen) ? chosen : (groups[0] ?? '')
    const own = bolts
        .map((bolt, index) => ({ bolt, index, x: figure(bolt.x), y: figure(bolt.y) }))
        .filter(({ bolt }) => groupOf(bolt) === group)
    const places = own.flatMap(({ bolt, x, y }) => (bolt.id && x !== null && y !== null ? [{ id: bolt.id, x, y }] : []))
    const at = programmes.findIndex((each) => each.group === group)
    const order = programmes[at]?.stages?.[0]?.order ?? []
    const nameOf = (id: string) => choices.slabs.find((slab) => slab.id === id)?.name ?? id
    const setOrder = (next: string[] | undefined) =>
        setValue(`programmes.${at}.stages.0.order`, next, { shouldDirty: true })
    const tap = (id: string) => {
        if (isOrdering) {
            setOrder(order.includes(id) ? order.slice(0, order.indexOf(id)) : [...order, id])
        }
    }
    const move = (id: string, x: number, y: number) => {
        const index = own.find(({ bolt }) => bolt.id === id)?.index
        if (index !== undefined && !isOrdering) {
            setValue(`fasteners.${index}.x`, `${x} mm`, { shouldDirty: true })
            setValue(`fasteners.${index}.y`, `${y} mm`, { shouldDirty: true })
        }
    }
    if (groups.length === 0) {
        return (
            <>
                <p className="text-quiet">No fasteners yet: put one in, or lay out a group of them.</p>
                <LayOut />
            </>
        )
    }
    return (
        <div className="grid gap-2">
            <Choice
                label="Group"
                options={groups.map((each) => [each, nameOf(each)])}
                chosen={group}
                onChoose={setChosen}
            />
            <BoltMap bolts={places} order={order} done={isOrdering ? order.length : 0} onTap={tap} onMove={move} />
            <p className="text-sm text-quiet">
                {isOrdering
                    ? `${order.length} of ${own.length}: touch the next; one that has its turn takes back from there`
                    : 'from above, to scale in mm; drag one to its place, or type it'}
            </p>
            <div className="flex flex-wrap gap-2">
                {at < 0 ? (
                    <button
                        type="button"
                        className="btn h-11 px-4"
                        onClick={() =>
                            setValue(
                                'programmes',
                                [
                                    ...programmes,
                                    { group, source: 'engine maker', stages: [{ kind: 'torque' }, { kind: 'check' }] },
                                ],
                                { shouldDirty: true },
                            )
                        }
                    >
                        A programme for {nameOf(group)}
                    </button>
                ) : (
                    <button
                        type="button"
                        className={`btn h-11 px-4 ${isOrdering ? 'btn-primary' : ''}`}
                        onClick={() => {
                            if (!isOrdering) {
                                setOrder([])
                            }
                            setOrdering(!isOrdering)
                        }}
                    >
                        {isOrdering ? 'That is the order' : 'Touch the order of pulling'}
                    </button>
                )}
                <button
                    type="button"
                    className="btn h-11 px-4"
                    onClick={() => {
                        const last = own.at(-1)
                        const name = nextName(bolts, last?.bolt.id ?? 'b0')
                        const place = { x: `${(last?.x ?? 0) + 20} mm`, y: `${last?.y ?? 0} mm` }
                        setValue('fasteners', [...bolts, { ...last?.bolt, id: name, ...place }], { shouldDirty: true })
                    }}
                >
                    One more like the last
                </button>
            </div>
            <LayOut />
        </div>
    )
}

/** The name after "h4" that no other fastener has. */
function nextName(bolts: Bolt[], last: string): string {
    const [, stem = last, number = '0'] = /^(.*?)(\d*)$/.exec(last) ?? []
    let next = Number(number) + 1
    while (bolts.some((bolt) => bolt.id === `${stem}${next}`)) {
        next++
    }
    return `${stem}${next}`
}
