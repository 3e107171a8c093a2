/** One figure that is typed: what it is stands above it, large enough for gloves. */
export function Field({
    label,
    value,
    onChange,
    className = 'min-w-0 flex-1',
    placeholder,
    typed = 'figure',
}: {
    label: string
    value: string
    onChange: (value: string) => void
    className?: string
    placeholder?: string
    /** A figure is typed on the pad; words and days are not. */
    typed?: 'figure' | 'words' | 'day'
}) {
    return (
        <label className={`block ${className}`}>
            <span className="block text-xs whitespace-nowrap text-quiet">{label}</span>
            <input
                type={typed === 'day' ? 'date' : 'text'}
                className={`input h-12 w-full ${typed === 'figure' ? 'text-xl font-bold' : ''}`}
                inputMode={typed === 'figure' ? 'decimal' : undefined}
                autoComplete="off"
                placeholder={placeholder}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </label>
    )
}
