/** One of a few, each a button as large as a glove; the chosen one is filled. */
export function Choice<T extends string>({
    label,
    options,
    chosen,
    onChoose,
}: {
    label: string
    /** what it is and what is said of it */
    options: readonly (readonly [T, string])[]
    chosen: string
    onChoose: (option: T) => void
}) {
    return (
        <fieldset aria-label={label} className="flex flex-wrap gap-1.5">
            {options.map(([option, said]) => (
                <button
                    key={option}
                    type="button"
                    aria-pressed={option === chosen}
                    onClick={() => onChoose(option)}
                    className={`h-12 rounded-field border-2 px-3 font-bold ${
                        option === chosen ? 'border-base-content bg-base-content text-base-100' : 'border-line'
                    }`}
                >
                    {said}
                </button>
            ))}
        </fieldset>
    )
}
