import type { Form } from './form'

/** A yes or no of hand and eye, given by its own buttons. */
export const answer: Form = {
    fields: () => [],
    reading: () => null,
    words: ({ answer: said, note }) => (said ? `${said}${note ? `: ${note}` : ''}` : null),
}
