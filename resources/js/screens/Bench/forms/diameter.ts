import { withUnit } from '../../../app/format'
import { direct } from './direct'
import type { Form } from './form'

/** A diameter read outright, or as a gauge's deviation from its setting. */
export const diameter: Form = {
    fields: (habit) => [habit.gauge ? 'deviation' : 'figure'],
    reading: (draft, habit, unit) =>
        habit.gauge
            ? {
                  setting: withUnit(habit.setting, habit.settingUnit),
                  deviation: withUnit(draft.deviation, habit.settingUnit),
              }
            : direct.reading(draft, habit, unit),
    words: ({ deviation, setting }) => (deviation ? `${deviation} from ${setting}` : null),
}
