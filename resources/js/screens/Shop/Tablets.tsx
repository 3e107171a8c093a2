import { useQuery, useQueryClient } from '@tanstack/react-query'
import { call, type Schemas } from '../../app/api'
import { useServerForm } from '../../app/useServerForm'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'

type Device = Schemas['Device']

const day = (instant: string) => new Date(instant).toLocaleDateString('en-GB', { day: 'numeric', month: 'short' })

/** The tablets that stay in the shop: on these alone a PIN is worth something. */
export function Tablets() {
    const client = useQueryClient()
    const devices = useQuery({ queryKey: ['devices'], queryFn: () => call<Device[]>('GET', '/devices') })
    const keep = (after: Device[]) => {
        client.setQueryData(['devices'], after)
        void client.invalidateQueries({ queryKey: ['bench-door'] })
    }
    const form = useServerForm({ name: '' }, async (typed) => keep(await call<Device[]>('POST', '/devices', typed)))
    const isHere = devices.data?.some((device) => device.isHere)
    return (
        <section aria-labelledby="tablets" className="bg-base-100 p-4">
            <h2 id="tablets" className="text-lg font-bold">
                Tablets of the shop
            </h2>
            <p className="text-sm text-quiet">
                On a tablet that stays here people take the bench over by initials and PIN, and it locks itself after a
                while. Anywhere else a PIN is worth nothing.
            </p>
            <ul className="mt-2">
                {devices.data?.map((device) => (
                    <li key={device.id} className="flex min-h-12 items-center gap-3 border-t border-line py-1">
                        <b>{device.name}</b>
                        <span className="text-sm text-quiet">
                            since {day(device.enrolledAt)}
                            {device.isHere && ', this one'}
                        </span>
                        <button
                            type="button"
                            className="btn ml-auto h-12 px-4"
                            aria-label={`${device.name} is the shop’s no more`}
                            onClick={() => void call<Device[]>('DELETE', `/devices/${device.id}`).then(keep, () => {})}
                        >
                            Ours no more
                        </button>
                    </li>
                ))}
            </ul>
            {devices.data && !isHere && (
                <ServerForm form={form} className="mt-2 flex items-end gap-3">
                    <FormField
                        label="This tablet"
                        required
                        placeholder="bench 1"
                        className="grow"
                        error={form.formState.errors.name?.message}
                        {...form.register('name')}
                    />
                    <button type="submit" disabled={form.isSending} className="btn h-12 px-5">
                        It stays in the shop
                    </button>
                </ServerForm>
            )}
            <p role="alert" className="font-bold text-error empty:hidden">
                {form.problem}
            </p>
        </section>
    )
}
