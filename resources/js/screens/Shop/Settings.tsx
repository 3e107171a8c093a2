import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import type { Control, UseFormRegister } from 'react-hook-form'
import { call, type Schemas } from '../../app/api'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'
import { HoursField, UnitChoices, ZoneField } from '../../parts/ShopFields'
import { rangesOf, weekOf } from '../../parts/WeekHours'
import { BenchesField, type StockForm, SuppliersField } from './Stock'

/** A whole figure; what is none is sent as it was typed, and refused at its place. */
const figure = (typed: string): number | string => (/^\d+$/.test(typed.trim()) ? Number(typed) : typed)

/** What the shop is: its name and clock, when it is open, and the units that its people think in. */
export function Settings({ shop }: { shop: Schemas['Shop'] }) {
    const client = useQueryClient()
    const [kept, setKept] = useState(false)
    const form = useServerForm(
        {
            name: shop.name,
            zone: shop.zone,
            hours: weekOf(shop.hours),
            units: shop.units,
            benches: shop.benches.map((name) => ({ name })),
            suppliers: shop.suppliers.map(({ name, days }) => ({ name, days: String(days) })),
        },
        async ({ hours, benches, suppliers, ...said }) => {
            setKept(false)
            const after = await call<Schemas['Shop']>('POST', '/shop', {
                ...said,
                hours: rangesOf(hours),
                benches: benches.map(({ name }) => name.trim()).filter(Boolean),
                suppliers: suppliers
                    .filter(({ name }) => name.trim() !== '')
                    .map(({ name, days }) => ({ name: name.trim(), days: figure(days) })),
            })
            client.setQueryData(['shop'], after)
            void client.invalidateQueries()
            setKept(true)
        },
        (named) => named.split('.')[0] ?? named,
    )
    const { errors } = form.formState
    const stock = {
        control: form.control as unknown as Control<StockForm>,
        register: form.register as unknown as UseFormRegister<StockForm>,
    }
    return (
        <section aria-labelledby="settings" className="bg-base-100 p-4">
            <h2 id="settings" className="text-lg font-bold">
                The shop
            </h2>
            <ServerForm form={form} className="mt-2 space-y-4">
                <FormField label="Name" required error={errors.name?.message} {...form.register('name')} />
                <ZoneField zones={shop.zones} register={form.register} />
                <HoursField control={form.control} errors={errors} />
                <UnitChoices shop={shop} control={form.control} />
                <BenchesField {...stock} errors={errors} />
                <SuppliersField {...stock} errors={errors} />
                <button type="submit" disabled={form.isSending} className="btn h-12 px-5">
                    Keep it
                </button>
                <p role="status" className="font-bold empty:hidden">
                    {kept && 'Kept.'}
                    {form.problem}
                </p>
            </ServerForm>
        </section>
    )
}
