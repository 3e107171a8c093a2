import type { ReactNode } from 'react'

/** A form that the server judges. */
export function ServerForm({
    form,
    className,
    children,
}: {
    form: { submit: () => void }
    className: string
    children: ReactNode
}) {
    return (
        <form
            className={className}
            onSubmit={(event) => {
                event.preventDefault()
                form.submit()
            }}
        >
            {children}
        </form>
    )
}
