import { withUnit } from '../../../app/format'
import type { Form } from './form'

const HOW = ['passes', 'drags', 'refuses'] as const

/** Leaves that pass, drag and refuse; one that drags is rare, and Enter leaves it out. */
export const leaves: Form = {
    fields: () => ['passes', 'refuses'],
    shown: () => [...HOW],
    reading: (draft, _, unit) =>
        Object.fromEntries(HOW.map((how) => [how, draft[how].trim() === '' ? undefined : withUnit(draft[how], unit)])),
    words: (parts) =>
        HOW.filter((how) => parts[how])
            .map((how) => `${parts[how]} ${how}`)
            .join(', ') || null,
}
