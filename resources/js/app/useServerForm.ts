import { useState } from 'react'
import { type DefaultValues, type FieldValues, type Path, type UseFormReturn, useForm } from 'react-hook-form'
import { Problem } from './api'

/**
 * A form whose rules are the server’s: what it refuses is said at the field it names, and everything typed stays.
 * `send` throws what the server answered.
 */
export function useServerForm<T extends FieldValues>(
    initial: DefaultValues<T>,
    send: (values: T) => Promise<void>,
    fieldOf: (named: string) => string = (named) => named,
): UseFormReturn<T> & { submit: () => void; problem: string; isSending: boolean } {
    const form = useForm<T>({ defaultValues: initial })
    const [problem, setProblem] = useState('')
    const submit = form.handleSubmit(async (values) => {
        setProblem('')
        try {
            await send(values)
        } catch (error) {
            const field = error instanceof Problem ? fieldOf(error.field) : ''
            const said = error instanceof Error ? error.message : 'This did not work.'
            const allowed = error instanceof Problem && error.allowed ? ` Accepted: ${error.allowed}.` : ''
            if (field in values) {
                form.setError(field as Path<T>, { message: said + allowed }, { shouldFocus: true })
            } else {
                setProblem(said + allowed)
            }
        }
    })
    return { ...form, submit: () => void submit(), problem, isSending: form.formState.isSubmitting }
}
