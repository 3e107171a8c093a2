import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { call, Problem } from './api'

interface Answered<T> {
    answer: T | null
    refusal: { field: string; message: string } | null
    /** the answer is still that of the document before this one: to be looked at, not to be kept */
    isOfBefore: boolean
}

/** What the core says of a document while it changes: the last answer stands until the next, a refusal names its field. */
export function useCalculation<T>(name: string, document: unknown): Answered<T> {
    const request = document === null ? '' : JSON.stringify(document)
    const { data, error, isPlaceholderData } = useQuery({
        queryKey: ['calculation', name, request],
        queryFn: () => call<T>('POST', `/calculations/${name}`, JSON.parse(request)),
        enabled: request !== '',
        placeholderData: keepPreviousData,
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })
    if (request === '') {
        return { answer: null, refusal: null, isOfBefore: false }
    }
    return error instanceof Problem
        ? { answer: null, refusal: { field: error.field, message: error.message }, isOfBefore: false }
        : { answer: data ?? null, refusal: null, isOfBefore: isPlaceholderData }
}

/** A quantity as the calculations give it. */
export interface Quantity {
    value: number
    unit: string
}

/** A verdict as the calculations give it. */
export interface CalculatedVerdict {
    state: string
    side: string | null
    reason: string
    action: string | null
}
