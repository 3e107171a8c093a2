import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { call, type Schemas } from './api'

export type Timing = Schemas['Timing']
export type TimingMark = Schemas['TimingMark']
export type IgnitionLoop = Schemas['IgnitionLoop']
export type CamLoop = Schemas['CamLoop']

/** The timing bench of a job as its log stands; the last answer stays until the next. */
export const useTiming = (job: number, lastSeq: number) =>
    useQuery({
        queryKey: ['timing', job, lastSeq],
        queryFn: () => call<Timing>('GET', `/jobs/${job}/timing`),
        placeholderData: keepPreviousData,
        staleTime: 60_000,
    })
