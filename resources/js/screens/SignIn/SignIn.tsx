import { useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { useLocation, useNavigate } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useTheme } from '../../app/theme'

/** Who is at the bench. */
export function SignIn() {
    useTheme()
    const navigate = useNavigate()
    const location = useLocation()
    const client = useQueryClient()
    const [error, setError] = useState('')
    const [busy, setBusy] = useState(false)

    const submit = async (event: FormEvent<HTMLFormElement>) => {
        event.preventDefault()
        const form = new FormData(event.currentTarget)
        setBusy(true)
        setError('')
        try {
            const session = await call<Schemas['Session']>('POST', '/session', {
                username: form.get('username'),
                password: form.get('password'),
            })
            client.setQueryData(['session'], session)
            outbox.report('online')
            navigate((location.state as { from?: string } | null)?.from ?? '/', { replace: true })
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'This did not work.')
            setBusy(false)
        }
    }

    return (
        <main className="grid min-h-dvh md:grid-cols-[1fr_30rem]">
            <section className="hidden flex-col justify-between bg-bar p-10 text-[#f2f6f4] md:flex">
                <p className="text-2xl font-bold">Moltrek</p>
                <BoreSection />
                <p className="max-w-md text-[#c2cec9]">
                    What the engine should measure, what it does measure, what that means, and what comes next.
                </p>
            </section>
            <section className="flex flex-col justify-center bg-base-100 p-8 md:p-12">
                <h1 className="text-3xl font-bold">Who is at the bench?</h1>
                <p className="mt-1 text-quiet">{document.querySelector<HTMLMetaElement>('meta[name=shop]')?.content}</p>
                <form className="mt-8 space-y-5" onSubmit={(event) => void submit(event)}>
                    <label className="block">
                        <span className="font-bold">Name</span>
                        <input
                            name="username"
                            required
                            autoComplete="username"
                            autoCapitalize="none"
                            // biome-ignore lint/a11y/noAutofocus: the one thing to do on this page
                            autoFocus
                            className="input mt-1 h-14 w-full text-xl"
                        />
                    </label>
                    <label className="block">
                        <span className="font-bold">Password</span>
                        <input
                            name="password"
                            type="password"
                            required
                            autoComplete="current-password"
                            className="input mt-1 h-14 w-full text-xl"
                        />
                    </label>
                    <p role="alert" className="min-h-6 font-bold text-error">
                        {error}
                    </p>
                    <button type="submit" disabled={busy} className="btn btn-primary h-14 w-full text-lg">
                        Sign in
                    </button>
                </form>
            </section>
        </main>
    )
}

/** A bore and its piston, the gauge across them. */
function BoreSection() {
    return (
        <svg viewBox="0 0 420 300" className="mx-auto w-full max-w-xl" aria-hidden="true" fill="none" stroke="#f2f6f4">
            <g strokeWidth="2">
                <path d="M60 20h48v260h-48zM312 20h48v260h-48z" />
                <path
                    d="M60 60l48-40M60 100l48-40M60 140l48-40M60 180l48-40M60 220l48-40M60 260l48-40M72 280l36-30M312 60l48-40M312 100l48-40M312 140l48-40M312 180l48-40M312 220l48-40M312 260l48-40M324 280l36-30"
                    strokeWidth="1"
                    opacity="0.5"
                />
                <path d="M111 280V150q99-18 198 0v130" />
                <path d="M110 170h200M110 188h200" strokeWidth="4" />
                <circle cx="210" cy="236" r="20" />
            </g>
            <g stroke="#9d92ff" strokeWidth="3">
                <path d="M108 78H312M108 66v24M312 66v24" />
                <path d="M196 78v-50" />
                <circle cx="196" cy="22" r="5" fill="#9d92ff" />
            </g>
        </svg>
    )
}
