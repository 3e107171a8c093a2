import { useEffect, useState } from 'react'
import { Navigate } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { useShop } from '../../app/queries'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'
import { HoursField, SignsInAs, UnitChoices, ZoneField } from '../../parts/ShopFields'
import { rangesOf, type Week } from '../../parts/WeekHours'
import { Frame } from './Frame'
import { OtherShop } from './OtherShop'

const WORKDAY = '08:00-12:00, 13:00-17:00'
const USUAL: Week = { mon: WORKDAY, tue: WORKDAY, wed: WORKDAY, thu: WORKDAY, fri: WORKDAY, sat: '', sun: '' }

/** A shop is begun: its name and its owner are typed, everything else is proposed. */
export function Begin() {
    const shop = useShop()
    if (!shop.data) {
        return (
            <Frame wide>
                <p>{shop.isError ? 'The server does not answer. Trying again.' : 'One moment.'}</p>
            </Frame>
        )
    }
    if (shop.data.begun) {
        return shop.data.ownBegun || !shop.data.others.includes('own') ? <Navigate to="/sign-in" replace /> : <ToOwn />
    }
    return (
        <Frame wide>
            <h1 className="text-3xl font-bold">Begin your own shop</h1>
            <p className="mt-1 text-quiet">Its data stays on this machine. Everything here can be changed later.</p>
            <BeginForm shop={shop.data} />
            <OtherShop shop={shop.data} />
        </Frame>
    )
}

/** Whoever comes straight here from the shop for practice means the own one. */
function ToOwn() {
    useEffect(() => {
        call('POST', '/shops/own').then(
            () => window.location.reload(),
            () => window.location.assign('/sign-in'),
        )
    }, [])
    return (
        <Frame wide>
            <p>One moment.</p>
        </Frame>
    )
}

const zoneHere = (zones: string[]): string => {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone
    return zones.includes(here) ? here : 'UTC'
}

/** "Mairi Holm" is proposed as mairi, MH. */
const userNameOf = (name: string) =>
    (name.trim().toLowerCase().normalize('NFD').replace(/\p{M}/gu, '').split(/\s+/)[0] ?? '').replace(/[^a-z0-9]/g, '')
const initialsOf = (name: string) =>
    name
        .trim()
        .split(/\s+/)
        .map((word) => word.charAt(0).toUpperCase())
        .join('')
        .slice(0, 4)

function BeginForm({ shop }: { shop: Schemas['Shop'] }) {
    const [shown, setShown] = useState(false)
    const form = useServerForm(
        {
            shopName: '',
            zone: zoneHere(shop.zones),
            hours: USUAL,
            units: Object.fromEntries(Object.entries(shop.unitChoices).map(([key, units]) => [key, units[0] ?? ''])),
            name: '',
            username: '',
            initials: '',
            password: '',
            code: '',
        },
        async ({ shopName, zone, hours, units, code, ...owner }) => {
            await call('POST', '/shop/begin', {
                shop: { name: shopName, zone, hours: rangesOf(hours), units },
                owner,
                ...(code ? { code } : {}),
            })
            // a shop that has been begun is another page: it bears the name
            window.location.assign('/')
        },
        (named) => (named === 'shop.name' ? 'shopName' : (named.split('.')[1] ?? named)),
    )
    const { errors, dirtyFields } = form.formState
    const nameField = form.register('name', {
        onChange: (event: { target: { value: string } }) => {
            if (!dirtyFields.username) {
                form.setValue('username', userNameOf(event.target.value))
            }
            if (!dirtyFields.initials) {
                form.setValue('initials', initialsOf(event.target.value))
            }
        },
    })
    return (
        <ServerForm form={form} className="mt-5 grid gap-x-6 gap-y-4 md:grid-cols-2">
            <FormField
                label="Name of the shop"
                required
                autoComplete="organization"
                autoFocus
                error={errors.shopName?.message}
                {...form.register('shopName')}
            />
            <ZoneField zones={shop.zones} register={form.register} />
            <FormField label="Your name" required autoComplete="name" error={errors.name?.message} {...nameField} />
            <SignsInAs label="You sign in as" register={form.register} errors={errors} />
            <div>
                <FormField
                    label="Your password"
                    required
                    type={shown ? 'text' : 'password'}
                    autoComplete="new-password"
                    hint={`${shop.shortestPassword} characters or more. You are the owner: what you sign for stands in the log.`}
                    error={errors.password?.message}
                    {...form.register('password')}
                />
                <button type="button" className="mt-1 text-sm underline" onClick={() => setShown(!shown)}>
                    {shown ? 'Hide it' : 'Show it'}
                </button>
            </div>
            <UnitChoices shop={shop} control={form.control} />
            {shop.wantsCode && (
                <FormField
                    label="Code of this machine"
                    required
                    autoComplete="off"
                    hint="./moltrek start printed it: others than this machine reach Moltrek."
                    error={errors.code?.message}
                    {...form.register('code')}
                />
            )}
            <details className="md:col-span-2">
                <summary className="min-h-12 cursor-pointer py-3">
                    Open Monday to Friday, 08:00 to 12:00 and 13:00 to 17:00: change
                </summary>
                <HoursField control={form.control} errors={errors} />
            </details>
            <p role="alert" className="min-h-6 font-bold text-error md:col-span-2">
                {form.problem || (errors.hours?.message as string | undefined)}
            </p>
            <button type="submit" disabled={form.isSending} className="btn btn-primary h-14 text-lg md:col-span-2">
                Open the shop
            </button>
        </ServerForm>
    )
}
