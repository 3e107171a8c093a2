import { withUnit } from '../../../app/format'
import type { Form } from './form'

/** A burette, once or, better, twice. */
export const burette: Form = {
    fields: () => ['first', 'second'],
    reading: (draft, _, unit) => ({
        first: withUnit(draft.first, unit),
        ...(draft.second.trim() === '' ? {} : { second: withUnit(draft.second, unit) }),
    }),
    words: ({ first, second }) => (first ? [first, second].filter(Boolean).join(', then ') : null),
}

/** A dome by what fills the bore above it, the crown's edge a known way down. */
export const domeInBore: Form = {
    fields: () => ['filled', 'down'],
    whole: true,
    reading: (draft, _, unit) => ({ filled: withUnit(draft.filled, unit), down: withUnit(draft.down, 'mm') }),
    words: ({ filled, down }) => (filled ? `${filled} with the edge ${down} down` : null),
}
