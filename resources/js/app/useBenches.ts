import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { call, type Schemas } from './api'

export type Valves = Schemas['Valves']
export type ValveOnBench = Schemas['Valve']
export type Closing = Schemas['Closing']

/** How the shim plan is asked for, and how far from its events a valve is kept. */
export interface ValveWishes {
    aim: string
    all: boolean
    margin: string
}

const asked = ({ aim, all, margin }: ValveWishes) =>
    new URLSearchParams({ aim, ...(all ? { all: '1' } : {}), ...(margin === '' ? {} : { margin }) }).toString()

/** The valve bench of a job as its log stands; the last answer stays until the next. */
export const useValves = (job: number, lastSeq: number, wishes: ValveWishes) =>
    useQuery({
        queryKey: ['valves', job, lastSeq, asked(wishes)],
        queryFn: () => call<Valves>('GET', `/jobs/${job}/valves?${asked(wishes)}`),
        placeholderData: keepPreviousData,
        staleTime: 60_000,
    })

/** The address of the shim plan as a spreadsheet. */
export const shimsCsv = (job: number, wishes: ValveWishes) => `/api/jobs/${job}/shims.csv?${asked(wishes)}`

/** The closing bench of a job as its log stands. */
export const useClosing = (job: number, lastSeq: number) =>
    useQuery({
        queryKey: ['closing', job, lastSeq],
        queryFn: () => call<Closing>('GET', `/jobs/${job}/closing`),
        placeholderData: keepPreviousData,
        staleTime: 60_000,
    })
