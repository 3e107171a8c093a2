import { useState } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { figure } from '../../app/printed'
import { Choice } from '../../parts/Choice'
import { useEditing } from './useSheetEditor'

type Shape = 'rows' | 'circle'

const SHAPES: [Shape, string][] = [
    ['rows', 'in two rows'],
    ['circle', 'on a circle'],
]

const mm = (value: number): string => `${Number(value.toFixed(2))} mm`

/** Places of so many fasteners: in two rows, or round a circle from the right; to the nearest hundredth. */
export function laidOut(shape: Shape, count: number, wide: number, high: number): { x: string; y: string }[] {
    if (shape === 'circle' || count === 1) {
        return Array.from({ length: count }, (_, index) => {
            const turn = (2 * Math.PI * index) / count
            return count === 1
                ? { x: '0 mm', y: '0 mm' }
                : { x: mm((wide / 2) * Math.cos(turn)), y: mm((wide / 2) * Math.sin(turn)) }
        })
    }
    // an odd one has its place in the front row
    const front = Math.ceil(count / 2)
    return Array.from({ length: count }, (_, index) => {
        const [place, of] = index < front ? [index, front] : [index - front, count - front]
        return {
            x: mm(of === 1 ? 0 : (place / (of - 1) - 0.5) * wide),
            y: mm(index < front ? -high / 2 : high / 2),
        }
    })
}

/** A group that is not there yet, laid out in one go: dragged or typed to its true places afterwards. */
export function LayOut() {
    const { setValue } = useFormContext()
    const { choices } = useEditing()
    const bolts = (useWatch({ name: 'fasteners' }) ?? []) as { id?: string }[]
    const [slab, setSlab] = useState('')
    const [shape, setShape] = useState<Shape>('rows')
    const [typed, setTyped] = useState({ count: '4', wide: '90', high: '80', thread: 'M8x1.25' })
    const chosen = slab || (choices.slabs.find(({ id }) => id === 'head') ?? choices.slabs.at(-1))?.id || ''
    const [count, wide, high] = [Number(typed.count), figure(typed.wide), figure(typed.high)]
    const mayLay =
        Number.isInteger(count) &&
        count >= 1 &&
        count <= 40 &&
        (wide ?? 0) > 0 &&
        (shape === 'circle' || (high ?? 0) > 0)
    const field = (key: keyof typeof typed, label: string) => (
        <label className="min-w-0 flex-1 text-sm text-quiet">
            {label}
            <input
                className="block h-11 w-full rounded-field border border-line bg-base-100 px-2 text-base font-bold text-base-content"
                value={typed[key]}
                onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
            />
        </label>
    )
    const lay = () => {
        const stem = chosen.charAt(0) || 'b'
        const taken = new Set(bolts.map(({ id }) => id))
        let number = 0
        const next = () => {
            do {
                number++
            } while (taken.has(`${stem}${number}`))
            return `${stem}${number}`
        }
        const laid = laidOut(shape, count, wide ?? 0, high ?? 0).map((place) => ({
            id: next(),
            slab: chosen,
            ...place,
            thread: typed.thread.trim(),
        }))
        setValue('fasteners', [...bolts, ...laid], { shouldDirty: true })
    }
    return (
        <details className="border-t border-line">
            <summary className="min-h-12 cursor-pointer py-3 font-bold">Lay out a group in one go</summary>
            <div className="grid gap-2 pb-2">
                <label className="text-sm text-quiet">
                    They hold
                    <select
                        className="block h-11 w-full rounded-field border border-line bg-base-100 px-2 text-base text-base-content"
                        value={chosen}
                        onChange={(event) => setSlab(event.target.value)}
                    >
                        {choices.slabs.map(({ id, name }) => (
                            <option key={id} value={id}>
                                {name}
                            </option>
                        ))}
                    </select>
                </label>
                <Choice
                    label="How they lie"
                    options={SHAPES}
                    chosen={shape}
                    onChoose={(each) => setShape(each as Shape)}
                />
                <div className="flex gap-2">
                    {field('count', 'how many')}
                    {field('wide', shape === 'rows' ? 'width, mm' : 'across, mm')}
                    {shape === 'rows' && field('high', 'rows apart')}
                </div>
                {field('thread', 'thread')}
                <button type="button" className="btn h-11 px-4" disabled={!mayLay} onClick={lay}>
                    Lay them out
                </button>
            </div>
        </details>
    )
}
