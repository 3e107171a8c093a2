import { withUnit } from '../../../app/format'
import { direct } from './direct'
import type { Form } from './form'

/** A crushed strip; one that was not crushed gives only an "at least". */
export const strip: Form = {
    fields: () => ['figure'],
    shown: () => ['figure', 'atLeast'],
    reading: (draft, habit, unit) =>
        draft.atLeast.trim() === '' ? direct.reading(draft, habit, unit) : { at_least: withUnit(draft.atLeast, unit) },
    words: ({ at_least }) => (at_least ? `at least ${at_least}` : null),
}
