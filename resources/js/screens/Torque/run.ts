import type { Schemas } from '../../app/api'
import type { Waiting } from '../../app/waiting'
import type { Mark } from '../../drawings/JointMap'

export type Joint = Schemas['TorqueJoint']
export type Pass = Schemas['TorquePass']
export type Run = Schemas['TorqueRun']

interface Pulled {
    run: string
    stage: number
    bolt: string
    over?: boolean
    past?: boolean
    feel?: string
    torque?: string
    angle?: string
}

/**
 * The run with the pulls that are still on their way: those that simply clicked. What the server says of them, when it has
 * them, stands instead.
 */
export function ahead(run: Run, passes: Pass[], waiting: Waiting[]): Run {
    const pulls = waiting
        .filter((entry) => entry.kind === 'bolt_pulled' && entry.refusal === null)
        .map((entry) => entry.payload as Pulled)
        .filter(
            (pull) =>
                pull.run === run.id &&
                !pull.over &&
                !pull.past &&
                !pull.feel &&
                pull.angle === undefined &&
                pull.torque === undefined,
        )
    return pulls.reduce((state, pull) => withPull(state, passes, pull), run)
}

function withPull(run: Run, passes: Pass[], pull: Pulled): Run {
    if (run.next?.stage !== pull.stage) {
        return run
    }
    const done = run.done.map((each) =>
        each.stage === pull.stage && !each.bolts.includes(pull.bolt)
            ? { ...each, bolts: [...each.bolts, pull.bolt] }
            : each,
    )
    const next = nextOf({ ...run, done }, passes)
    return {
        ...run,
        done,
        next,
        stage: next?.stage ?? run.stage,
        missed: run.missed.filter((bolt) => bolt !== pull.bolt),
    }
}

function nextOf(run: Run, passes: Pass[]): Run['next'] {
    for (const [index, pass] of passes.entries()) {
        const bolt = pass.order.find((id) => isOpen(run, index + 1, id))
        if (bolt !== undefined) {
            return { stage: index + 1, bolt, turned: 0 }
        }
    }
    return null
}

const isOpen = (run: Run, stage: number, bolt: string): boolean =>
    !run.owed.some((owed) => owed.bolt === bolt) && !doneIn(run, stage).includes(bolt)

export const doneIn = (run: Run, stage: number): string[] => run.done.find((each) => each.stage === stage)?.bolts ?? []

/** The bolt after the one that is due, in its stage. */
export function following(run: Run, passes: Pass[]): string | null {
    const { next } = run
    const order = next ? (passes[next.stage - 1]?.order ?? []) : []
    return order.find((id) => id !== next?.bolt && next !== null && isOpen(run, next.stage, id)) ?? null
}

/** What each fastener of the joint shows in a stage. */
export function marksOf(joint: Joint, run: Run | null, stage: number): Record<string, Mark> {
    const after = run ? following(run, joint.passes) : null
    const felt = run?.done.find((each) => each.stage === stage)?.felt ?? []
    const mark = (bolt: string): Mark => {
        if (run === null) {
            return 'open'
        }
        if (run.asked?.bolt === bolt) {
            return 'over'
        }
        if (run.next?.bolt === bolt) {
            return 'due'
        }
        if (run.owed.some((owed) => owed.bolt === bolt)) {
            return 'owed'
        }
        if (doneIn(run, stage).includes(bolt)) {
            return felt.includes(bolt) ? 'felt' : 'done'
        }
        return run.missed.includes(bolt) ? 'missed' : bolt === after ? 'after' : 'open'
    }
    return Object.fromEntries(joint.bolts.map(({ id }) => [id, mark(id)]))
}

/** The verb of a stage, on the large button. */
export const VERB: Record<Pass['kind'], string> = {
    torque: 'Clicked',
    check: 'Clicked, did not turn',
    angle: 'Turned',
    loosen: 'Eased',
    snug: 'Seated',
}

export const verbOf = (pass: Pass | undefined): string =>
    pass === undefined
        ? 'Done'
        : pass.kind === 'loosen' && pass.figure !== null
          ? 'Eased and clicked'
          : pass.kind === 'check' && pass.figure === null
            ? 'Has not moved'
            : VERB[pass.kind]
