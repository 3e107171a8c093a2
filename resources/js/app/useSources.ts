import { useQuery } from '@tanstack/react-query'

/** Who may state a limit; fetched with the schema when it is first asked for. */
export const useSources = (): string[] =>
    useQuery({
        queryKey: ['sources'],
        queryFn: async () => (await import('./sources')).SOURCES,
        staleTime: Number.POSITIVE_INFINITY,
    }).data ?? ['engine maker']
