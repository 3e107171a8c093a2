import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useNavigate, useParams } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { useShop } from '../../app/queries'
import { shopName } from '../../app/shop'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'
import { Frame } from './Frame'

/** Somebody begins with the code that the owner gave: their own password, and they are in. */
export function Welcome() {
    const { code } = useParams()
    return <Frame>{code ? <WithCode code={code} /> : <TypeCode />}</Frame>
}

function TypeCode() {
    const navigate = useNavigate()
    const form = useServerForm({ code: '' }, async ({ code }) => {
        navigate(`/welcome/${code.trim().toLowerCase()}`)
    })
    return (
        <ServerForm form={form} className="space-y-5">
            <h1 className="text-3xl font-bold">The code you were given</h1>
            <FormField
                label="Code"
                required
                autoCapitalize="none"
                autoComplete="off"
                hint="Four groups of four, as the owner read them out."
                {...form.register('code')}
            />
            <button type="submit" className="btn btn-primary h-14 w-full text-lg">
                Go on
            </button>
        </ServerForm>
    )
}

function WithCode({ code }: { code: string }) {
    const navigate = useNavigate()
    const client = useQueryClient()
    const shop = useShop()
    const whose = useQuery({
        queryKey: ['welcome', code],
        queryFn: () => call<Schemas['Person']>('GET', `/welcome/${code}`),
        retry: false,
    })
    const form = useServerForm({ password: '' }, async (typed) => {
        const session = await call<Schemas['Session']>('POST', `/welcome/${code}`, typed)
        client.setQueryData(['session'], session)
        navigate('/', { replace: true })
    })
    if (whose.isError) {
        return (
            <>
                <h1 className="text-3xl font-bold">This code is no good any more</h1>
                <p className="mt-2">{whose.error.message}</p>
            </>
        )
    }
    if (!whose.data) {
        return <p>One moment.</p>
    }
    const { name, username, initials } = whose.data
    return (
        <>
            <h1 className="text-3xl font-bold">{name}</h1>
            <p className="mt-1 text-quiet">
                {shopName} · you sign in as <b>{username}</b>, your entries bear <b>{initials}</b>
            </p>
            <ServerForm form={form} className="mt-8 space-y-5">
                <input type="text" autoComplete="username" value={username} readOnly hidden />
                <FormField
                    label="Your password"
                    type="password"
                    required
                    autoComplete="new-password"
                    autoFocus
                    hint={`${shop.data?.shortestPassword ?? 8} characters or more, and nobody else’s to know.`}
                    error={form.formState.errors.password?.message}
                    {...form.register('password')}
                />
                <p role="alert" className="min-h-6 font-bold text-error">
                    {form.problem}
                </p>
                <button type="submit" disabled={form.isSending} className="btn btn-primary h-14 w-full text-lg">
                    To the bench
                </button>
            </ServerForm>
        </>
    )
}
