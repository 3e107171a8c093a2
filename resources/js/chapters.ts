import type { EntryKind, Job, Payloads } from './app/api'
import { outbox } from './app/outbox'

/** A page that belongs to a whole job, as the bench leads to it. */
export interface JobLink {
    to: string
    text: string
    /** What makes it worth going there now. */
    more?: string
}

/** What was typed of it, by field, and the slab and step that it is about. */
type Typed = Partial<Record<string, string>>

/** Something that can be said to have happened, beside steps and readings. */
export interface Happening {
    title: string
    /** The fields that are typed; the first is needed, and those that are marked so. */
    fields: [name: string, label: string, needed?: 'needed'][]
    withSlab?: boolean
    withStep?: boolean
    say: (job: number, typed: Typed, id: string) => void
}

/** One kind of entry as something that can be said: the payload that comes of what was typed. */
function said<K extends EntryKind>(
    kind: K,
    happening: Omit<Happening, 'say'>,
    payload: (typed: Typed) => Payloads[K],
    label: (typed: Typed) => string,
): Happening {
    return {
        ...happening,
        say: (job, typed, id) => void outbox.add(job, kind, payload(typed), label(typed), { id }),
    }
}

const text = (typed: Typed, name: string): string => typed[name]?.trim() ?? ''

/** What may lack is left out where nothing was typed. */
const ifTyped = <N extends string>(typed: Typed, ...names: N[]): Partial<Record<N, string>> =>
    Object.fromEntries(
        names.filter((name) => text(typed, name) !== '').map((name) => [name, text(typed, name)]),
    ) as Partial<Record<N, string>>

/** One subject of the trade: what it adds to the bench of every job. */
interface Chapter {
    name: string
    links: (job: Job) => JobLink[]
    happenings: Happening[]
}

/** How many bores are out to be worked on. */
function outNow(job: Job): { more?: string } {
    const out = job.fitting.bores.filter((bore) => bore.away !== null).length
    return out > 0 ? { more: `${out} out` } : {}
}

const toGetAgain = (job: Job) => job.parts.planned.filter((part) => part.wrong || part.state === 'spent').length

const chapters: Chapter[] = [
    {
        name: 'planning',
        links: (job) => [
            {
                to: 'history',
                text: 'Complaint and history',
                ...(job.closing.earlier.length > 0 ? { more: 'was here before' } : {}),
            },
        ],
        happenings: [
            said(
                'ledger_in',
                { title: 'Put in, must come out', fields: [['what', 'What: rag, prop, tie, lock']], withSlab: true },
                (typed) => ({ what: text(typed, 'what'), slab: text(typed, 'slab') }),
                (typed) => `Put in: ${typed.what}`,
            ),
            said(
                'ledger_in',
                { title: 'Dropped something', fields: [['what', 'What fell']], withSlab: true },
                (typed) => ({ what: text(typed, 'what'), slab: text(typed, 'slab'), dropped: true }),
                (typed) => `Dropped: ${typed.what}`,
            ),
            said(
                'debt_owed',
                {
                    title: 'Left snug, owed its torque',
                    fields: [
                        ['what', 'Which fastener'],
                        ['reason', 'Why it cannot be torqued now', 'needed'],
                        ['release', 'What releases it'],
                    ],
                },
                (typed) => ({
                    what: text(typed, 'what'),
                    reason: text(typed, 'reason'),
                    ...ifTyped(typed, 'release'),
                }),
                (typed) => `Owed: ${typed.what}`,
            ),
            said(
                'slab_provisional',
                { title: 'On for now, to read or set', fields: [['reason', 'What for']], withSlab: true },
                (typed) => ({ slab: text(typed, 'slab'), reason: text(typed, 'reason') }),
                (typed) => `On for now: ${typed.reason}`,
            ),
            said(
                'wait_started',
                {
                    title: 'Something has to wait',
                    fields: [
                        ['what', 'What waits: plates soaking, sealant skinning'],
                        ['time', 'How long, as 20 min or 12 h', 'needed'],
                        ['seen', 'Over when, if a person has to see it'],
                    ],
                    withStep: true,
                },
                (typed) => ({
                    what: text(typed, 'what'),
                    time: text(typed, 'time'),
                    ...ifTyped(typed, 'seen', 'step'),
                }),
                (typed) => `Waiting: ${typed.what}`,
            ),
        ],
    },
    {
        name: 'fitting',
        links: (job) =>
            job.fitting.bores.some((bore) => bore.goesOut)
                ? [{ to: 'machine-shop', text: 'Order for the machine shop', ...outNow(job) }]
                : [],
        happenings: [],
    },
    {
        name: 'parts',
        links: (job) => [
            { to: 'parts', text: 'Parts', ...(toGetAgain(job) > 0 ? { more: `${toGetAgain(job)} to get again` } : {}) },
            { to: 'trays', text: 'Trays' },
            { to: 'tag', text: 'Job tag' },
        ],
        happenings: [
            said(
                'part_ordered',
                {
                    title: 'A part was ordered',
                    fields: [
                        ['part', 'Which part'],
                        ['promised', 'Promised for'],
                    ],
                },
                (typed) => ({ part: text(typed, 'part'), ...ifTyped(typed, 'promised') }),
                (typed) => `Ordered: ${typed.part}`,
            ),
        ],
    },
    {
        name: 'chamber',
        links: (job) => {
            const [first] = job.engine.drawing.cylinders
            return first ? [{ to: `thickness/${first.id}`, text: 'Thickness' }] : []
        },
        happenings: [],
    },
    {
        name: 'timing',
        links: (job) => [
            { to: 'timing', text: 'Timing' },
            ...(job.engine.hasValves ? [{ to: 'valves', text: 'Valves' }] : []),
            { to: 'closing', text: 'Closing and tests' },
        ],
        happenings: [],
    },
    {
        name: 'closing',
        links: () => [],
        happenings: [
            said(
                'open_end',
                { title: 'Stays open at hand-over', fields: [['text', 'What, and who looks after it']] },
                (typed) => ({ text: text(typed, 'text') }),
                (typed) => `Stays open: ${typed.text}`,
            ),
        ],
    },
]

export const happenings = chapters.flatMap((chapter) => chapter.happenings)

export const linksOf = (job: Job): JobLink[] => chapters.flatMap((chapter) => chapter.links(job))
