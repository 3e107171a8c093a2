import { useState } from 'react'
import { call } from '../../app/api'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'

/** Everybody changes their own password. */
export function Password({ shortest }: { shortest: number }) {
    const [done, setDone] = useState(false)
    const form = useServerForm({ current: '', password: '' }, async (typed) => {
        setDone(false)
        await call('POST', '/password', typed)
        form.reset()
        setDone(true)
    })
    const { errors } = form.formState
    return (
        <section aria-labelledby="password" className="bg-base-100 p-4">
            <h2 id="password" className="text-lg font-bold">
                Your password
            </h2>
            <ServerForm form={form} className="mt-2 grid gap-4 md:grid-cols-2">
                <FormField
                    label="The one you sign in with now"
                    type="password"
                    required
                    autoComplete="current-password"
                    error={errors.current?.message}
                    {...form.register('current')}
                />
                <FormField
                    label="The new one"
                    type="password"
                    required
                    autoComplete="new-password"
                    hint={`${shortest} characters or more`}
                    error={errors.password?.message}
                    {...form.register('password')}
                />
                <button
                    type="submit"
                    disabled={form.isSending}
                    className="btn h-12 px-5 md:col-span-2 md:justify-self-start"
                >
                    Change it
                </button>
                <p role="status" className="font-bold empty:hidden md:col-span-2">
                    {done && 'Changed. You are signed out everywhere but here.'}
                    {form.problem}
                </p>
            </ServerForm>
        </section>
    )
}
