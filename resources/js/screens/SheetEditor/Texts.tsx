import { Controller } from 'react-hook-form'
import { BOX } from './Labelled'
import { saidOf, useEditing } from './useSheetEditor'
import { labelOf, namedAt } from './words'

const chip = (isChosen: boolean) =>
    `min-h-11 rounded-field border-2 px-3 ${isChosen ? 'border-base-content bg-base-content font-bold text-base-100' : 'border-line'}`

/** Several: those of the sheet to be touched, or a line each. */
export function Texts({ path }: { path: string }) {
    const { choices, refused } = useEditing()
    const named = namedAt(path)
    const wrong = [...refused.values()].find((each) => each.field === path || each.field.startsWith(`${path}.`))
    return (
        <fieldset className="sm:col-span-2" data-place={path}>
            <legend className="text-sm text-quiet first-letter:uppercase">{labelOf(path)}</legend>
            <Controller
                name={path}
                render={({ field }) => {
                    const values: string[] = Array.isArray(field.value) ? field.value : []
                    if (named === 'slabs' || named === 'cylinders') {
                        return (
                            <div className="flex flex-wrap gap-1.5">
                                {choices[named].map(({ id, name }) => (
                                    <button
                                        key={id}
                                        type="button"
                                        aria-pressed={values.includes(id)}
                                        className={chip(values.includes(id))}
                                        onClick={() => {
                                            const next = values.includes(id)
                                                ? values.filter((each) => each !== id)
                                                : [...values, id]
                                            field.onChange(next.length === 0 ? undefined : next)
                                        }}
                                    >
                                        {name}
                                    </button>
                                ))}
                            </div>
                        )
                    }
                    const put = (index: number, text: string) =>
                        field.onChange(values.map((each, at) => (at === index ? text : each)))
                    return (
                        <div className="flex flex-wrap items-center gap-1.5">
                            {values.map((each, index) => (
                                // biome-ignore lint/suspicious/noArrayIndexKey: the text itself is typed here
                                <span key={index} className="flex items-center">
                                    <input
                                        aria-label={`${labelOf(path)}, ${index + 1}`}
                                        className={`${BOX} min-w-28 max-w-72 border-line`}
                                        style={{ width: `${Math.max(8, each.length + 3)}ch` }}
                                        list={named ? `named-${named}` : undefined}
                                        value={each}
                                        onChange={(event) => put(index, event.target.value)}
                                    />
                                    {named === 'steps' && (
                                        <span className="pl-2 text-sm">
                                            {choices.steps.find((step) => step.id === each)?.name}
                                        </span>
                                    )}
                                    <button
                                        type="button"
                                        aria-label={`Take ${each || 'it'} out`}
                                        className="size-11"
                                        onClick={() => {
                                            const next = values.filter((_, at) => at !== index)
                                            field.onChange(next.length === 0 ? undefined : next)
                                        }}
                                    >
                                        ✕
                                    </button>
                                </span>
                            ))}
                            <button
                                type="button"
                                aria-label={`One more: ${labelOf(path)}`}
                                className="btn h-11 px-3"
                                onClick={() => field.onChange([...values, ''])}
                            >
                                +
                            </button>
                        </div>
                    )
                }}
            />
            {wrong && (
                <p className="text-sm font-bold text-error">
                    {wrong.read !== '' && `“${wrong.read}”: `}
                    {saidOf(wrong)}
                </p>
            )}
        </fieldset>
    )
}
