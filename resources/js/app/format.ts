/** Times and days as the shop says them, in the shop's zone. */
export function clock(instant: string, zone?: string): string {
    return new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone: zone }).format(
        new Date(instant),
    )
}

/** "2026-11-24": for telling days apart. */
export function dayKey(instant: string, zone: string): string {
    return new Intl.DateTimeFormat('en-CA', {
        year: 'numeric',
        month: '2-digit',
        day: '2-digit',
        timeZone: zone,
    }).format(new Date(instant))
}

/** "Fri 27 Nov" for a day such as 2026-11-27. */
export function day(date: string): string {
    return new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', timeZone: 'UTC' })
        .format(new Date(`${date}T00:00:00Z`))
        .replace(',', '')
}

const HALF_A_YEAR = 183 * 24 * 3600 * 1000

/** The same, with its year where it is more than half a year away. */
export function dayAndYear(date: string, now = new Date()): string {
    const away = Math.abs(new Date(`${date}T00:00:00Z`).getTime() - now.getTime())
    return away > HALF_A_YEAR ? `${day(date)} ${date.slice(0, 4)}` : day(date)
}

/** "Tuesday" for a day. */
export function weekday(date: string): string {
    return new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' }).format(new Date(`${date}T00:00:00Z`))
}

export function dayHeading(instant: string, zone: string, now = new Date()): string {
    const key = dayKey(instant, zone)
    if (key === dayKey(now.toISOString(), zone)) {
        return 'Today'
    }
    const yesterday = new Date(now.getTime() - 24 * 3600 * 1000)
    return key === dayKey(yesterday.toISOString(), zone) ? 'Yesterday' : day(key)
}

/** A length in millimetres with the decimals a workshop reads. */
export function millimetres(value: number, decimals = 3): string {
    return value.toFixed(decimals)
}

export function plural(count: number, one: string, many = `${one}s`): string {
    return `${count} ${count === 1 ? one : many}`
}

/** A figure with its unit: the usual one of the field, unless one was typed. */
export const withUnit = (text: string, unit: string) =>
    /[^\d.,/+\-−\s]/.test(text.trim()) ? text.trim() : `${text.trim()} ${unit}`
