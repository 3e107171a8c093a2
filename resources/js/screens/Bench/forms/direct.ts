import { withUnit } from '../../../app/format'
import type { Form } from './form'

/** One figure, read outright. */
export const direct: Form = {
    fields: () => ['figure'],
    reading: (draft, _, unit) => withUnit(draft.figure, unit),
    words: () => null,
}
