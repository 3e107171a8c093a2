import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'
import { plural } from '../../app/format'
import { useServerForm } from '../../app/useServerForm'
import { QrCode } from '../../drawings/QrCode'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'

type Factor = Schemas['SecondFactor']

/** Six digits from a telephone beside the password: begun, confirmed by a first code, ended by the password. */
export function SecondFactor() {
    const client = useQueryClient()
    const { data } = useQuery({
        queryKey: ['second-factor'],
        queryFn: () => call<Factor>('GET', '/second-factor'),
    })
    const [proposed, setProposed] = useState<Factor | null>(null)
    const [codes, setCodes] = useState<string[]>([])
    const keep = (after: Factor) => client.setQueryData(['second-factor'], { ...after, codes: [] })
    if (!data) {
        return null
    }
    return (
        <section aria-labelledby="second-factor" className="bg-base-100 p-4">
            <h2 id="second-factor" className="text-lg font-bold">
                Your second factor
            </h2>
            <p className="text-sm text-quiet">
                Six digits from an authenticator on your telephone, asked for after the password: a password that
                somebody has seen opens nothing then.
            </p>
            {codes.length > 0 && <Codes codes={codes} onKept={() => setCodes([])} />}
            {data.on ? (
                <On data={data} onEnded={keep} />
            ) : proposed ? (
                <Confirm
                    proposed={proposed}
                    onConfirmed={(after) => {
                        setProposed(null)
                        setCodes(after.codes)
                        keep(after)
                    }}
                />
            ) : (
                <>
                    {data.advised && (
                        <p className="mt-2 font-bold">
                            <span aria-hidden="true">▲ </span>You are an owner and have none yet.
                        </p>
                    )}
                    <ByPassword confirm="Begin" send={async (current) => setProposed(await propose(current))} />
                </>
            )}
        </section>
    )
}

const propose = (current: string) => call<Factor>('POST', '/second-factor', { current })

function On({ data, onEnded }: { data: Factor; onEnded: (after: Factor) => void }) {
    return (
        <>
            <p className={`mt-2 ${data.codesLeft < 3 ? 'font-bold text-error' : ''}`}>
                On. {plural(data.codesLeft, 'code', 'codes')} on paper left
                {data.codesLeft < 3 && ': end it and begin again for new ones'}.
            </p>
            <ByPassword
                confirm="End it"
                send={async (current) => onEnded(await call<Factor>('DELETE', '/second-factor', { current }))}
            />
        </>
    )
}

function ByPassword({ confirm, send }: { confirm: string; send: (current: string) => Promise<void> }) {
    const form = useServerForm({ current: '' }, async ({ current }) => {
        await send(current)
        form.reset()
    })
    return (
        <ServerForm form={form} className="mt-2 flex flex-wrap items-end gap-3">
            <FormField
                label="Your password"
                type="password"
                required
                autoComplete="current-password"
                className="grow"
                error={form.formState.errors.current?.message}
                {...form.register('current')}
            />
            <button type="submit" disabled={form.isSending} className="btn h-12 px-5">
                {confirm}
            </button>
            <p role="alert" className="basis-full font-bold text-error empty:hidden">
                {form.problem}
            </p>
        </ServerForm>
    )
}

function Confirm({ proposed, onConfirmed }: { proposed: Factor; onConfirmed: (after: Factor) => void }) {
    const form = useServerForm({ code: '' }, async (typed) =>
        onConfirmed(await call<Factor>('POST', '/second-factor/confirm', typed)),
    )
    return (
        <div className="mt-3 grid gap-4 sm:grid-cols-[11rem_1fr]">
            <QrCode
                text={proposed.address ?? ''}
                label="Square for your telephone’s authenticator"
                className="w-full max-w-44 border border-line"
            />
            <div>
                <p>Let the authenticator on your telephone read the square, or type this into it:</p>
                <p className="my-2 break-words font-bold tracking-wide">{proposed.secret?.replace(/(.{4})/g, '$1 ')}</p>
                <ServerForm form={form} className="flex flex-wrap items-end gap-3">
                    <FormField
                        label="The six digits that it shows"
                        required
                        inputMode="numeric"
                        autoComplete="one-time-code"
                        className="grow"
                        error={form.formState.errors.code?.message}
                        {...form.register('code')}
                    />
                    <button type="submit" disabled={form.isSending} className="btn btn-primary h-12 px-5">
                        Confirm
                    </button>
                </ServerForm>
            </div>
        </div>
    )
}

function Codes({ codes, onKept }: { codes: string[]; onKept: () => void }) {
    return (
        <div className="mt-3 border-3 border-primary p-3">
            <p className="font-bold">Write these down on paper. Each opens once when the telephone is lost.</p>
            <ul className="my-2 grid grid-cols-2 gap-x-6 text-lg sm:grid-cols-3">
                {codes.map((code) => (
                    <li key={code}>{code}</li>
                ))}
            </ul>
            <button type="button" className="btn h-12 px-5" onClick={onKept}>
                They are on paper
            </button>
        </div>
    )
}
