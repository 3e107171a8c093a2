import { answer } from './answer'
import { burette, domeInBore } from './burette'
import { crown } from './crown'
import { diameter } from './diameter'
import { direct } from './direct'
import type { Form } from './form'
import { holeAndShaft } from './holeAndShaft'
import { leaves } from './leaves'
import { strip } from './strip'

/** The forms by the names that the core has for them. */
const FORMS: Record<string, Form> = {
    direct,
    diameter,
    'hole and shaft': holeAndShaft,
    leaves,
    strip,
    'over the crown': crown,
    'under the head': crown,
    burette,
    'dome in bore': domeInBore,
    'yes or no': answer,
}

export const formOf = (name: string): Form => FORMS[name] ?? direct

/** A reading's parts in the words of whichever form it is. */
export function partsInWords(parts: Record<string, string | undefined>): string {
    for (const form of Object.values(FORMS)) {
        const words = form.words(parts)
        if (words !== null) {
            return words
        }
    }
    return ''
}

export { ROCKS, TO, UNCRUSHED } from './crown'
