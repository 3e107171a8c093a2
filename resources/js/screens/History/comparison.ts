import type { RecordDocument } from '../../app/queries'

type Reading = RecordDocument['readings'][number]

export interface Compared {
    place: string
    name: string
    before: string | null
    now: string | null
    change: string | null
}

/** Each place that was read then or now, in the order of the new record, with what has changed where both gave a size. */
export function comparison(then: Reading[], now: Reading[]): Compared[] {
    const before = new Map(then.map((reading) => [reading.place, reading]))
    const after = new Map(now.map((reading) => [reading.place, reading]))
    const places = [...now, ...then.filter((reading) => !after.has(reading.place))]
    return places.map(({ place, name }) => {
        const [one, other] = [before.get(place), after.get(place)]
        return { place, name, before: one?.as_typed ?? null, now: other?.as_typed ?? null, change: changed(one, other) }
    })
}

function changed(one: Reading | undefined, other: Reading | undefined): string | null {
    if (!one?.value || !other?.value || one.value.unit !== other.value.unit) {
        return null
    }
    const difference = other.value.value - one.value.value
    const decimals = one.value.unit === 'mm' ? 3 : 0
    const size = Math.abs(difference).toFixed(decimals)
    return Number(size) === 0 ? 'no change' : `${difference > 0 ? '+' : '−'}${size} ${one.value.unit}`
}
