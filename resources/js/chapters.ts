import type { EntryKind, Job } from './app/api'

/** A page that belongs to a whole job, as the bench leads to it. */
export interface JobLink {
    to: string
    text: string
    /** What makes it worth going there now. */
    more?: string
}

/** Something that can be said to have happened, beside steps and readings. */
export interface Happening {
    kind: EntryKind
    title: string
    fields: [string, string][]
    label: (values: Record<string, string>) => string
    extra?: Record<string, unknown>
    withSlab?: boolean
    withStep?: boolean
}

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
            {
                kind: 'ledger_in',
                title: 'Put in, must come out',
                fields: [['what', 'What: rag, prop, tie, lock']],
                label: (v) => `Put in: ${v.what}`,
                withSlab: true,
            },
            {
                kind: 'ledger_in',
                title: 'Dropped something',
                fields: [['what', 'What fell']],
                label: (v) => `Dropped: ${v.what}`,
                extra: { dropped: true },
                withSlab: true,
            },
            {
                kind: 'debt_owed',
                title: 'Left snug, owed its torque',
                fields: [
                    ['what', 'Which fastener'],
                    ['reason', 'Why it cannot be torqued now'],
                    ['release', 'What releases it'],
                ],
                label: (v) => `Owed: ${v.what}`,
            },
            {
                kind: 'slab_provisional',
                title: 'On for now, to read or set',
                fields: [['reason', 'What for']],
                label: (v) => `On for now: ${v.reason}`,
                withSlab: true,
            },
            {
                kind: 'wait_started',
                title: 'Something has to wait',
                fields: [
                    ['what', 'What waits: plates soaking, sealant skinning'],
                    ['time', 'How long, as 20 min or 12 h'],
                    ['seen', 'Over when, if a person has to see it'],
                ],
                label: (v) => `Waiting: ${v.what}`,
                withStep: true,
            },
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
            {
                kind: 'part_ordered',
                title: 'A part was ordered',
                fields: [
                    ['part', 'Which part'],
                    ['promised', 'Promised for'],
                ],
                label: (v) => `Ordered: ${v.part}`,
            },
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
            {
                kind: 'open_end',
                title: 'Stays open at hand-over',
                fields: [['text', 'What, and who looks after it']],
                label: (v) => `Stays open: ${v.text}`,
            },
        ],
    },
]

export const happenings = chapters.flatMap((chapter) => chapter.happenings)

export const linksOf = (job: Job): JobLink[] => chapters.flatMap((chapter) => chapter.links(job))
