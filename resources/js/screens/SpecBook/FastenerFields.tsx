import type { FastenerText } from '../../app/sheetTorque'

/** What all fasteners of a group have in common, as the manual prints it. */
export type Common = Record<'thread' | 'class' | 'thread_is' | 'face_is' | 'washer' | 'hand' | 'reached', string>

const KEYS = ['thread', 'class', 'thread_is', 'face_is', 'washer', 'hand', 'reached'] as const

const FIELDS: [keyof Common, string, string][] = [
    ['thread', 'Thread', 'M8x1.25'],
    ['class', 'Class', '8.8'],
    ['thread_is', 'Thread is', 'dry, oiled, threadlocker'],
    ['face_is', 'Face is', 'dry, oiled'],
    ['washer', 'Washer', 'copper'],
]

const CHOICES: [keyof Common, string, string[]][] = [
    ['hand', 'Hand of thread', ['right', 'left']],
    ['reached', 'Reached', ['straight', 'adapter', 'feel']],
]

/** What they have in common; where they differ the field is empty, and each keeps its own. */
export function commonOf(bolts: FastenerText[]): Common {
    const said = (key: keyof Common): string => {
        const each = new Set(bolts.map((bolt) => String(bolt[key] ?? usual(key))))
        return each.size === 1 ? ([...each][0] ?? '') : ''
    }
    return Object.fromEntries(KEYS.map((key) => [key, said(key)])) as Common
}

const usual = (key: keyof Common): string => ({ hand: 'right', reached: 'straight' })[key as string] ?? ''

/** The fasteners with what was typed for all of them; what was not touched stays as each had it. */
export function withCommon(bolts: FastenerText[], before: Common, typed: Common): FastenerText[] {
    const changed = KEYS.filter((key) => typed[key].trim() !== before[key])
    return bolts.map((bolt) => {
        const all: FastenerText = { ...bolt }
        for (const key of changed) {
            const value = typed[key].trim()
            if (value === '' || value === usual(key)) {
                delete all[key]
            } else {
                all[key] = value
            }
        }
        return all
    })
}

export function FastenerFields({ common, onChange }: { common: Common; onChange: (part: Partial<Common>) => void }) {
    const field = 'h-11 rounded-field border border-line bg-base-100 px-2'
    return (
        <fieldset className="flex flex-wrap items-end gap-2">
            <legend className="text-sm text-quiet">Its fasteners; an empty field leaves each as it is</legend>
            {FIELDS.map(([key, label, hint]) => (
                <label key={key} className="block text-sm text-quiet">
                    {label}
                    <input
                        className={`${field} block w-36 text-base-content`}
                        placeholder={hint}
                        value={common[key]}
                        onChange={(event) => onChange({ [key]: event.target.value })}
                    />
                </label>
            ))}
            {CHOICES.map(([key, label, options]) => (
                <label key={key} className="block text-sm text-quiet">
                    {label}
                    <select
                        className={`${field} block text-base-content`}
                        value={common[key]}
                        onChange={(event) => onChange({ [key]: event.target.value })}
                    >
                        {common[key] === '' && <option value="">each its own</option>}
                        {options.map((option) => (
                            <option key={option}>{option}</option>
                        ))}
                    </select>
                </label>
            ))}
        </fieldset>
    )
}
