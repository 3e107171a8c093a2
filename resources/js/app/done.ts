import type { Payloads } from './api'
import { outbox } from './outbox'

/** Under what a step that was done, and an act on a part, stand in the log. */
export const STEP = 'step_done'
export const ACT = 'act_done'

/** Says that a step of the order of work was done. */
export const stepDone = (job: number, step: { id: string; name: string }) =>
    void outbox.add(job, STEP, { step: step.id }, step.name)

/** Says that something was done to a part; what was read of it before no longer holds. */
export const actDone = (job: number, act: Payloads['act_done'], label: string, id?: string) =>
    void outbox.add(job, ACT, act, label, id === undefined ? {} : { id })
