export type Week = Record<string, string>

const DAYS: [string, string][] = [
    ['mon', 'Monday'],
    ['tue', 'Tuesday'],
    ['wed', 'Wednesday'],
    ['thu', 'Thursday'],
    ['fri', 'Friday'],
    ['sat', 'Saturday'],
    ['sun', 'Sunday'],
]

/** Ranges by day, as the server keeps them, from one line a day. */
export const rangesOf = (week: Week): Record<string, string[]> =>
    Object.fromEntries(
        DAYS.map(([day]) => [
            day,
            (week[day] ?? '')
                .replace(/\s*[–-]\s*/g, '-')
                .split(/[,;\s]+/)
                .filter(Boolean),
        ]),
    )

export const weekOf = (ranges: Record<string, string[]>): Week =>
    Object.fromEntries(DAYS.map(([day]) => [day, (ranges[day] ?? []).join(', ')]))

/** When the shop is open: one line a day, empty where it is closed. */
export function WeekHours({
    week,
    onChange,
    error,
    legend = 'Open',
}: {
    week: Week
    onChange: (week: Week) => void
    error?: string | undefined
    legend?: string
}) {
    return (
        <fieldset>
            <legend className="font-bold">{legend}</legend>
            <div className="mt-1 grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1">
                {DAYS.map(([day, name]) => (
                    <label key={day} className="contents">
                        <span>{name}</span>
                        <input
                            className="input h-11 w-full"
                            placeholder={legend === 'Open' ? 'closed' : 'off'}
                            value={week[day] ?? ''}
                            onChange={(event) => onChange({ ...week, [day]: event.target.value })}
                        />
                    </label>
                ))}
            </div>
            <p className={`mt-1 text-sm ${error ? 'font-bold text-error' : 'text-quiet'}`}>
                {error ?? 'As 08:00-12:00, 13:00-17:00; empty for a day off. Dates are counted by it.'}
            </p>
        </fieldset>
    )
}
