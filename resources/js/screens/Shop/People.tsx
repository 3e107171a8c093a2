import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'
import { useShop } from '../../app/queries'
import { useServerForm } from '../../app/useServerForm'
import { Choice } from '../../parts/Choice'
import { Dialog } from '../../parts/Dialog'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'
import { SignsInAs } from '../../parts/ShopFields'
import { rangesOf, type Week, WeekHours, weekOf } from '../../parts/WeekHours'

type Colleague = Schemas['Colleague']
type Code = Schemas['Code']

/** What each may do is decided by the server’s table, and said by it. */
const useRoles = () =>
    useQuery({
        queryKey: ['roles'],
        queryFn: () => call<Schemas['Role'][]>('GET', '/roles'),
        staleTime: Number.POSITIVE_INFINITY,
    })

function RoleChoice({ label, role, onChoose }: { label: string; role: string; onChoose: (role: string) => void }) {
    const roles = useRoles().data ?? []
    return (
        <>
            <Choice
                label={label}
                options={roles.map(({ name }) => [name, name.charAt(0).toUpperCase() + name.slice(1)])}
                chosen={role}
                onChoose={onChoose}
            />
            <p className="text-sm text-quiet">{roles.find(({ name }) => name === role)?.may}</p>
        </>
    )
}

/** When somebody works, where that is not when the shop is open: dates are counted by it. */
function OwnHours({ each, onKeep }: { each: Colleague; onKeep: (hours: Record<string, string[]> | null) => void }) {
    const shop = useShop()
    const [week, setWeek] = useState<Week | null>(each.hours === null ? null : weekOf(each.hours))
    if (week === null) {
        return (
            <p className="flex flex-wrap items-center gap-x-3">
                Works when the shop is open.
                <button type="button" className="btn h-12 px-4" onClick={() => setWeek(weekOf(shop.data?.hours ?? {}))}>
                    Hours of their own
                </button>
            </p>
        )
    }
    return (
        <div className="max-w-md">
            <WeekHours week={week} onChange={setWeek} legend="Works" />
            <div className="mt-1 flex flex-wrap gap-2">
                <button type="button" className="btn h-12 px-4" onClick={() => onKeep(rangesOf(week))}>
                    Keep these hours
                </button>
                <button
                    type="button"
                    className="btn h-12 px-4"
                    onClick={() => {
                        setWeek(null)
                        onKeep(null)
                    }}
                >
                    As the shop
                </button>
            </div>
        </div>
    )
}

/** Who works here: the owner adds people, gives each a code to begin with, and says who may no longer sign in. */
export function People({ me }: { me: string }) {
    const people = useQuery({ queryKey: ['people'], queryFn: () => call<Colleague[]>('GET', '/people') })
    const client = useQueryClient()
    const [adding, setAdding] = useState(false)
    const [code, setCode] = useState<Code | null>(null)
    const [failed, setFailed] = useState('')
    const ask = async (work: () => Promise<Colleague[] | Code>) => {
        setFailed('')
        try {
            const answer = await work()
            if (Array.isArray(answer)) {
                client.setQueryData(['people'], answer)
            } else {
                setCode(answer)
                await client.invalidateQueries({ queryKey: ['people'] })
            }
        } catch (problem) {
            setFailed(problem instanceof Error ? problem.message : 'This did not work.')
        }
    }
    return (
        <section aria-labelledby="people" className="bg-base-100 p-4">
            <div className="flex items-baseline">
                <h2 id="people" className="text-lg font-bold">
                    People
                </h2>
                <button type="button" className="btn ml-auto h-12 px-5" onClick={() => setAdding(true)}>
                    Add somebody
                </button>
            </div>
            <ul className="mt-2">
                {people.data?.map((each) => (
                    <Row key={each.username} each={each} isMe={each.username === me} ask={ask} />
                ))}
            </ul>
            <p role="alert" className="font-bold text-error empty:hidden">
                {failed}
            </p>
            <Dialog open={adding} onClose={() => setAdding(false)} title="Somebody new">
                <AddForm
                    onAdded={async (given) => {
                        setAdding(false)
                        await ask(async () => given)
                    }}
                />
            </Dialog>
            <Dialog open={code !== null} onClose={() => setCode(null)} title={`A code for ${code?.name ?? ''}`}>
                {code && <CodeSlip code={code} onClose={() => setCode(null)} />}
            </Dialog>
        </section>
    )
}

function Row({
    each,
    isMe,
    ask,
}: {
    each: Colleague
    isMe: boolean
    ask: (work: () => Promise<Colleague[] | Code>) => Promise<void>
}) {
    const at = `/people/${each.username}`
    const [open, setOpen] = useState(false)
    return (
        <li className="border-t border-line py-2">
            <div className="flex min-h-12 flex-wrap items-center gap-x-4 gap-y-1">
                <span className={`w-12 text-xl font-bold ${each.disabled ? 'text-quiet line-through' : ''}`}>
                    {each.initials}
                </span>
                <span className="min-w-40">
                    {each.name}
                    <span className="block text-sm text-quiet">
                        {each.username}, {each.role}
                        {isMe && ', you'}
                    </span>
                </span>
                <span className="text-sm font-bold">
                    {each.disabled ? 'may not sign in' : each.awaited ? 'has a code, not used yet' : ''}
                </span>
                <button
                    type="button"
                    className="btn ml-auto h-12 px-4"
                    aria-expanded={open}
                    aria-label={`Change ${each.name}`}
                    onClick={() => setOpen(!open)}
                >
                    {open ? 'Close' : 'Change'}
                </button>
            </div>
            {open && (
                <div className="mt-2 space-y-3 pb-2">
                    {!isMe && (
                        <RoleChoice
                            label={`What ${each.name} is`}
                            role={each.role}
                            onChoose={(role) => void ask(() => call<Colleague[]>('POST', at, { role }))}
                        />
                    )}
                    <OwnHours
                        each={each}
                        onKeep={(hours) => void ask(() => call<Colleague[]>('POST', at, { hours }))}
                    />
                    <div className={`flex flex-wrap gap-2 ${isMe ? 'hidden' : ''}`}>
                        <button
                            type="button"
                            className="btn h-12 px-4"
                            disabled={each.disabled}
                            onClick={() => void ask(() => call<Code>('POST', `${at}/code`))}
                        >
                            A new code
                        </button>
                        <button
                            type="button"
                            className="btn h-12 px-4"
                            onClick={() => void ask(() => call<Colleague[]>('DELETE', `${at}/sessions`))}
                        >
                            Sign out everywhere
                        </button>
                        <button
                            type="button"
                            className="btn h-12 px-4"
                            onClick={() => void ask(() => call<Colleague[]>('POST', at, { disabled: !each.disabled }))}
                        >
                            {each.disabled ? 'May sign in again' : 'May no longer sign in'}
                        </button>
                    </div>
                </div>
            )}
        </li>
    )
}

function AddForm({ onAdded }: { onAdded: (code: Code) => Promise<void> }) {
    const form = useServerForm({ name: '', username: '', initials: '', role: 'mechanic' }, async (typed) => {
        await onAdded(await call<Code>('POST', '/people', typed))
    })
    const { errors } = form.formState
    const role = form.watch('role')
    return (
        <ServerForm form={form} className="space-y-3">
            <FormField label="Name" required error={errors.name?.message} {...form.register('name')} />
            <SignsInAs label="Signs in as" register={form.register} errors={errors} />
            <p className="text-sm text-quiet">Entries bear the initials for ever: they cannot be changed later.</p>
            <RoleChoice label="Role" role={role} onChoose={(next) => form.setValue('role', next)} />
            <p role="alert" className="font-bold text-error empty:hidden">
                {form.problem}
            </p>
            <button type="submit" disabled={form.isSending} className="btn btn-primary h-12 w-full">
                Add, and give a code
            </button>
        </ServerForm>
    )
}

/** Said once: the database keeps no more than its hash. */
function CodeSlip({ code, onClose }: { code: Code; onClose: () => void }) {
    return (
        <>
            <p className="my-3 text-center text-4xl font-bold tracking-wide" data-testid="code">
                {code.code}
            </p>
            <p>
                {code.name} opens <b>{new URL(code.path, window.location.href).href}</b>, or types the code at{' '}
                <b>/welcome</b>, and chooses a password. It can be used once, until{' '}
                {new Date(code.until).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}, and is not shown
                again.
            </p>
            <button type="button" className="btn btn-neutral mt-4 h-12 w-full" onClick={onClose}>
                It has been written down
            </button>
        </>
    )
}
