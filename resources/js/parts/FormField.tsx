import { type ComponentProps, useId } from 'react'

/** A field of a form: what it is above it, what is wrong with it below. */
export function FormField({
    label,
    hint,
    error,
    className = '',
    ...input
}: ComponentProps<'input'> & { label: string; hint?: string; error?: string | undefined }) {
    const id = useId()
    return (
        <div className={className}>
            <label htmlFor={id} className="font-bold">
                {label}
            </label>
            <input
                id={id}
                aria-invalid={error !== undefined}
                aria-describedby={hint || error ? `${id}-said` : undefined}
                className={`input mt-1 h-12 w-full text-lg ${error ? 'border-error' : ''}`}
                {...input}
            />
            {(hint || error) && (
                <p id={`${id}-said`} className={`mt-1 text-sm ${error ? 'font-bold text-error' : 'text-quiet'}`}>
                    {error ?? hint}
                </p>
            )}
        </div>
    )
}
