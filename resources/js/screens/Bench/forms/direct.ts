import { type Form, withUnit } from './form'

/** One figure, read outright. */
export const direct: Form = {
    fields: () => ['figure'],
    reading: (draft, _, unit) => withUnit(draft.figure, unit),
    words: () => null,
}
