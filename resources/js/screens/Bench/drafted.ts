import type { Schemas } from '../../app/api'

/** A field of a reading, as the hands come to them. */
export type Field = Exclude<keyof Draft, 'again'> | 'setting'

/** What has been typed for one place and not yet entered. */
export interface Draft {
    figure: string
    deviation: string
    passes: string
    drags: string
    refuses: string
    hole: string
    shaft: string
    /** A strip that was not crushed gives only a lower bound. */
    atLeast: string
    /** The points over a crown: a figure, leaves, or what is known to one side only. */
    front: string
    rear: string
    'pin left': string
    'pin right': string
    /** A burette, twice. */
    first: string
    second: string
    /** What filled the bore above a dome, and how far down its edge stood. */
    filled: string
    down: string
    /** Said to be the same place once more, with nothing done to the part between. */
    again: '' | 'again'
}

/** How the readings of this bench are being taken: kept from one reading to the next. */
export interface Habit {
    unit: string
    /** The unit last used for what is no length, by the canonical unit of its kind. */
    units?: Record<string, string>
    /** A bore is read outright, or as a gauge's deviation from its setting. */
    gauge: boolean
    setting: string
    settingUnit: string
    tools: Record<string, string>
    setWith: string
    /** How the head stands meanwhile, for what is read under it. */
    held?: Schemas['HeadHeld']
}
