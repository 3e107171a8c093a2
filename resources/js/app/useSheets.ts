import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, Problem, type Schemas } from './api'

type Sheet = Schemas['Sheet']

export const useSheets = () => useQuery({ queryKey: ['sheets'], queryFn: () => call<Sheet[]>('GET', '/sheets') })

/** Keeps a document as the next version of its sheet; what is refused is said with its place in the document. */
export function useKeepSheet(): { keep: (document: string) => Promise<Sheet | null>; error: string } {
    const client = useQueryClient()
    const [error, setError] = useState('')
    const keep = async (document: string) => {
        try {
            const sheet = await call<Sheet>('POST', '/sheets', { document })
            setError('')
            await client.invalidateQueries({ queryKey: ['sheets'] })
            void client.invalidateQueries({ queryKey: ['job'] })
            return sheet
        } catch (problem) {
            setError(
                problem instanceof Problem
                    ? `${problem.field ? `${problem.field}: ` : ''}${problem.message}`
                    : 'The shop’s server does not answer; what you typed stays here.',
            )
            return null
        }
    }
    return { keep, error }
}
