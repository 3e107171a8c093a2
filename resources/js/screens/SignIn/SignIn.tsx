import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Navigate, useLocation, useNavigate } from 'react-router'
import { call, Problem, type Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useShop } from '../../app/queries'
import { forgetAnswers } from '../../app/seen'
import { isPractice, shopName } from '../../app/shop'
import { useBenchDoor } from '../../app/useBenchDoor'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'
import { TakeOver } from '../../parts/TakeOver'
import { Frame } from './Frame'
import { OtherShop } from './OtherShop'

/** Who is at the bench. */
export function SignIn() {
    const navigate = useNavigate()
    const location = useLocation()
    const client = useQueryClient()
    const shop = useShop()
    const door = useBenchDoor()
    const [wantsPassword, setWantsPassword] = useState(false)
    const [wantsCode, setWantsCode] = useState(false)
    const enter = async (session: Schemas['Session']) => {
        await forgetAnswers()
        client.setQueryData(['session'], session)
        // what a shop tells whoever has signed in
        void client.invalidateQueries({ queryKey: ['shop'] })
        outbox.report('online')
        navigate((location.state as { from?: string } | null)?.from ?? '/', { replace: true })
    }
    const form = useServerForm({ username: '', password: '', code: '' }, async ({ code, ...typed }) => {
        try {
            await enter(await call<Schemas['Session']>('POST', '/session', code ? { ...typed, code } : typed))
        } catch (error) {
            setWantsCode(wantsCode || (error instanceof Problem && error.field === 'code'))
            throw error
        }
    })
    const errors = form.formState.errors
    if (shop.data && !shop.data.begun) {
        return <Navigate to="/begin" replace />
    }
    return (
        <Frame>
            <h1 className="text-3xl font-bold">Who is at the bench?</h1>
            <p className="mt-1 text-quiet">
                {shopName}
                {isPractice && shopName && ', made up, for practice'}
            </p>
            {door.data && door.data.people.length > 0 && !wantsPassword ? (
                <div className="mt-8">
                    <TakeOver people={door.data.people} onTaken={enter} />
                    <button type="button" className="underline" onClick={() => setWantsPassword(true)}>
                        With a password
                    </button>
                </div>
            ) : (
                <ServerForm form={form} className="mt-8 space-y-5">
                    <FormField
                        label="Name"
                        required
                        autoComplete="username"
                        autoCapitalize="none"
                        autoFocus
                        error={errors.username?.message}
                        {...form.register('username')}
                    />
                    <FormField
                        label="Password"
                        type="password"
                        required
                        autoComplete="current-password"
                        {...form.register('password')}
                    />
                    {wantsCode && (
                        <FormField
                            label="Code"
                            inputMode="numeric"
                            autoComplete="one-time-code"
                            autoFocus
                            error={errors.code?.message}
                            {...form.register('code')}
                        />
                    )}
                    <p role="alert" className="min-h-6 font-bold text-error">
                        {errors.password?.message ?? form.problem}
                    </p>
                    <button type="submit" disabled={form.isSending} className="btn btn-primary h-14 w-full text-lg">
                        Sign in
                    </button>
                </ServerForm>
            )}
            {shop.data && <OtherShop shop={shop.data} />}
        </Frame>
    )
}
