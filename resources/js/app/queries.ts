import { replaceEqualDeep, useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { call, type Job, type Schemas } from './api'
import { every } from './live'

export const useSession = () =>
    useQuery({ queryKey: ['session'], queryFn: () => call<Schemas['Session']>('GET', '/session'), staleTime: 60_000 })

export const useFloor = () =>
    useQuery({
        queryKey: ['floor'],
        queryFn: () => call<Schemas['Floor']>('GET', '/floor'),
        refetchInterval: every(30_000),
    })

export const useJob = (number: number) =>
    useQuery({
        queryKey: ['job', number],
        queryFn: () => call<Job>('GET', `/jobs/${number}`),
        refetchInterval: every(20_000),
        structuralSharing: newest,
    })

/** Of two answers the one that knows more of the log: an answer that was asked for earlier may come later. */
function newest(before: unknown, answer: unknown): unknown {
    const [known, next] = [before as Job | undefined, answer as Job]
    return known && next.log.lastSeq < known.log.lastSeq ? known : replaceEqualDeep(known, next)
}

/** A job that another tablet may be working on: whether there is anything new is asked every so often, and costs little. */
export function useFollowedJob(number: number, milliseconds: number) {
    const job = useJob(number)
    const seen = job.data?.log.lastSeq
    const newest = useQuery({
        queryKey: ['sequence', number],
        queryFn: () => call<{ lastSeq: number }>('GET', `/jobs/${number}/sequence`),
        refetchInterval: every(milliseconds),
        enabled: seen !== undefined,
    })
    const { refetch } = job
    const isBehind = seen !== undefined && newest.data !== undefined && newest.data.lastSeq > seen
    useEffect(() => {
        if (isBehind) {
            void refetch()
        }
    }, [isBehind, refetch])
    return job
}

/** What somebody who adds a step to a job may choose from. */
export const useOwnSteps = (number: number) =>
    useQuery({
        queryKey: ['own-steps', number],
        queryFn: () => call<Schemas['OwnStepChoices']>('GET', `/jobs/${number}/own-steps`),
    })

export const useRecord = (number: number) =>
    useQuery({ queryKey: ['record', number], queryFn: () => call<RecordDocument>('GET', `/jobs/${number}/record`) })

interface Quantity {
    value: number
    unit: string
}

/** The record after docs/schemas/record.schema.json, as far as the page shows it. */
export interface RecordDocument {
    shop: string
    job: { number: number; owner: string; complaint: string; promised: string | null }
    engine: { title: string; description: string; bore: Quantity; stroke: Quantity; displacement: Quantity }
    made: string
    readings: {
        place: string
        name: string
        as_typed: string
        value: Quantity | null
        low: Quantity | null
        high: Quantity | null
        tool: string | null
        taken_with: string | null
        by: string
        at: string
    }[]
    before_and_after: { name: string; before: string; after: string | null; why: string | null }[]
    decisions: string[]
    chapters: { title: string; columns: string[]; rows: string[][] }[]
    waived: string[]
    hand_over: string[]
    verdicts: {
        name: string
        figure: string | null
        doubt: Quantity | null
        range_by: string | null
        service_by: string | null
        chosen_because: string | null
        words: string
        verdict: { state: string; reason: string; action: string | null; limit: Record<string, unknown> | null } | null
    }[]
    joints: {
        name: string
        state: string
        void_because: string | null
        checked_by: string | null
        checked_at: string | null
        sources: string[]
        bolts: { id: string; x: Quantity; y: Quantity; thread: string; condition: string; left_hand: boolean }[]
        stages: { asked: string; order: string[] }[]
        pulls: {
            stage: number
            bolt: string
            outcome: string
            figure: string | null
            with: string | null
            by: string
            at: string
        }[]
        owed: string[]
        remarks: string[]
        place: Schemas['TorquePlace']
    }[]
    steps: { name: string; done: boolean; by: string | null; at: string | null }[]
    log: {
        id: string
        kind: string
        at: string
        by: string
        text: string
        photo: string | null
        struck: { by: string; reason: string } | null
    }[]
    chain: { entries: number; hash: string | null; shop: string }
    caution: string
}

/** Which shop this is, begun or not, and the others of this installation. */
export const useShop = () =>
    useQuery({ queryKey: ['shop'], queryFn: () => call<Schemas['Shop']>('GET', '/shop'), staleTime: 60_000 })
