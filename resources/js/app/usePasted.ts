import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { call } from './api'
import { useStill } from './useStill'

const AFTER = 250

/** What the server understands of lines that are typed or pasted, a moment after the last key; nothing is kept by it. */
export function usePasted<T>(
    path: string,
    body: { text: string; source?: string },
): { answer: T | null; error: string; isOfNow: boolean } {
    const now = JSON.stringify(body)
    const still = useStill(now, AFTER)
    const isEmpty = body.text.trim() === ''
    const { data, error, isPlaceholderData } = useQuery({
        queryKey: ['pasted', path, still],
        queryFn: () => call<T>('POST', path, JSON.parse(still)),
        enabled: !isEmpty && still === now,
        placeholderData: keepPreviousData,
        retry: false,
        gcTime: 0,
    })
    if (isEmpty) {
        return { answer: null, error: '', isOfNow: false }
    }
    return { answer: data ?? null, error: error?.message ?? '', isOfNow: still === now && !isPlaceholderData }
}
