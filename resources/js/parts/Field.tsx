/** One figure that is typed: what it is stands above it, large enough for gloves. */
export function Field({
    label,
    value,
    onChange,
    className = 'min-w-0 flex-1',
    placeholder,
}: {
    label: string
    value: string
    onChange: (value: string) => void
    className?: string
    placeholder?: string
}) {
    return (
        <label className={`block ${className}`}>
            <span className="block text-xs whitespace-nowrap text-quiet">{label}</span>
            <input
                className="input h-12 w-full text-xl font-bold"
                inputMode="decimal"
                autoComplete="off"
                placeholder={placeholder}
                value={value}
                onChange={(event) => onChange(event.target.value)}
            />
        </label>
    )
}
