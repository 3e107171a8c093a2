import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call } from '../../app/api'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'

/** Everybody changes their own password. */
export function Password({ shortest }: { shortest: number }) {
    return (
        <Secret
            title="Your password"
            path="/password"
            field="password"
            label="The new one"
            hint={`${shortest} characters or more`}
            current="The one you sign in with now"
            confirm="Change it"
            done="Changed. You are signed out everywhere but here."
        />
    )
}

/** The PIN by which somebody takes a tablet of the shop over. */
export function Pin() {
    return (
        <Secret
            title="Your PIN"
            about="For the tablets that stay in the shop: with it the next entry is yours, and you look as the second person."
            path="/pin"
            field="pin"
            label="PIN"
            hint="four to eight digits"
            current="Your password"
            confirm="Keep it"
            done="Kept."
        />
    )
}

/** Something that one signs in with is changed by whoever knows the password. */
function Secret({
    title,
    about,
    path,
    field,
    label,
    hint,
    current,
    confirm,
    done,
}: {
    title: string
    about?: string
    path: string
    field: 'password' | 'pin'
    label: string
    hint: string
    current: string
    confirm: string
    done: string
}) {
    const client = useQueryClient()
    const [isDone, setDone] = useState(false)
    const form = useServerForm(
        { current: '', next: '' },
        async (typed) => {
            setDone(false)
            await call('POST', path, { current: typed.current, [field]: typed.next })
            form.reset()
            setDone(true)
            void client.invalidateQueries({ queryKey: ['bench-door'] })
        },
        (named) => (named === field ? 'next' : named),
    )
    const { errors } = form.formState
    return (
        <section aria-labelledby={field} className="bg-base-100 p-4">
            <h2 id={field} className="text-lg font-bold">
                {title}
            </h2>
            {about && <p className="text-sm text-quiet">{about}</p>}
            <ServerForm form={form} className="mt-2 grid gap-4 md:grid-cols-2">
                <FormField
                    label={current}
                    type="password"
                    required
                    autoComplete="current-password"
                    error={errors.current?.message}
                    {...form.register('current')}
                />
                <FormField
                    label={label}
                    type="password"
                    required
                    autoComplete={field === 'pin' ? 'off' : 'new-password'}
                    inputMode={field === 'pin' ? 'numeric' : 'text'}
                    hint={hint}
                    error={errors.next?.message}
                    {...form.register('next')}
                />
                <button
                    type="submit"
                    disabled={form.isSending}
                    className="btn h-12 px-5 md:col-span-2 md:justify-self-start"
                >
                    {confirm}
                </button>
                <p role="status" className="font-bold empty:hidden md:col-span-2">
                    {isDone && done}
                    {form.problem}
                </p>
            </ServerForm>
        </section>
    )
}
