import { read, write } from './kept'

/** By how many milliseconds the shop's clock is ahead of this tablet's, as it was last seen; null before the first answer. */
let offset = read<number | null>('clock-offset', null)

/** Every answer of the server says what its clock says. */
export function seeShopClock(answer: Pick<Response, 'headers'>): void {
    // a kept answer says what the clock said then
    const said = answer.headers?.has('Kept-From') ? Number.NaN : Date.parse(answer.headers?.get('Shop-Now') ?? '')
    if (!Number.isNaN(said)) {
        offset = Math.round(said - Date.now())
        write('clock-offset', offset)
    }
}

export const clockOffset = (): number | null => offset
