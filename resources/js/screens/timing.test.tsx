import { describe, expect, it } from 'vitest'
import { placeAt, TURNS, type Ways } from './Timing/ways'

const mm = (value: number) => ({ value, unit: 'mm' })

/** A table that rises by a tenth for each degree, read twice as large on its dial: it tells where it was looked up. */
const ways: Ways = {
    at: TURNS.map((turn) => ({ degrees: { value: turn, unit: 'deg' }, below_tdc: mm(turn / 10), dial: mm(turn / 5) })),
}

describe('a place on the table of a whole half turn', () => {
    it.each([
        ['the top', 0, 0, false],
        ['after it', 12, 12, false],
        ['before it, on the way up', 348, 12, true],
        ['the bottom', 180, 180, false],
        ['just past the bottom', 181, 179, true],
        ['turned back', -12, 12, true],
        ['a second turn, and a pin that leads', 360 + 48, 48, false],
    ])('%s', (_, crank, turn, isBefore) => {
        const place = placeAt(ways, crank)
        expect(place?.turn).toBeCloseTo(turn)
        expect(place?.isBefore).toBe(isBefore)
        expect(place?.below).toBeCloseTo(turn / 10)
        expect(place?.dial).toBeCloseTo(turn / 5)
    })

    it('lies between two whole degrees in proportion', () => {
        expect(placeAt(ways, 10.5)?.below).toBeCloseTo(1.05)
    })

    it('is not known while the core has not answered', () => {
        expect(placeAt(null, 10)).toBeNull()
    })
})
