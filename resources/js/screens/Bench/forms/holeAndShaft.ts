import { withUnit } from '../../../app/format'
import type { Form } from './form'

/** A hole and what goes into it. */
export const holeAndShaft: Form = {
    fields: () => ['hole', 'shaft'],
    whole: true,
    reading: (draft, _, unit) => ({ hole: withUnit(draft.hole, unit), shaft: withUnit(draft.shaft, unit) }),
    words: ({ hole, shaft }) => (hole ? `${hole} hole, ${shaft} shaft` : null),
}
