import { useEffect, useState } from 'react'
import { call, Problem } from './api'

interface Answered<T> {
    answer: T | null
    refusal: { field: string; message: string } | null
}

/** What the core says of a document while it changes: the last answer stands until the next, a refusal names its field. */
export function useCalculation<T>(name: string, document: unknown): Answered<T> {
    const [state, setState] = useState<Answered<T>>({ answer: null, refusal: null })
    const request = document === null ? null : JSON.stringify(document)
    useEffect(() => {
        if (request === null) {
            setState({ answer: null, refusal: null })
            return
        }
        let dropped = false
        call<T>('POST', `/calculations/${name}`, JSON.parse(request))
            .then((answer) => !dropped && setState({ answer, refusal: null }))
            .catch((problem: unknown) => {
                if (!dropped && problem instanceof Problem) {
                    setState({ answer: null, refusal: { field: problem.field, message: problem.message } })
                }
            })
        return () => {
            dropped = true
        }
    }, [name, request])
    return state
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
