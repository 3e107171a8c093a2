/** A figure to be typed with its unit beside it; what was refused is said under it. */
export function Figure({
    label,
    shown = label,
    unit,
    value,
    onChange,
    wrong,
}: {
    label: string
    /** the label on screen, where what stands around it says the rest */
    shown?: string
    unit: string
    value: string
    onChange: (value: string) => void
    wrong?: string | null
}) {
    return (
        <label className="block">
            <span className="block text-sm text-quiet">{shown}</span>
            <span className="flex items-center gap-1.5">
                <input
                    inputMode="decimal"
                    aria-label={label}
                    aria-invalid={Boolean(wrong)}
                    className={`h-12 w-24 rounded-field border bg-base-100 px-2 text-lg font-bold ${wrong ? 'border-error' : 'border-base-content'}`}
                    value={value}
                    onChange={(event) => onChange(event.target.value)}
                />
                <span className="text-sm">{unit}</span>
            </span>
            {wrong && (
                <span role="alert" className="block max-w-56 text-sm leading-tight text-error">
                    {wrong}
                </span>
            )}
        </label>
    )
}
