import { type Control, Controller, type FieldErrors, type Path, type UseFormRegister } from 'react-hook-form'
import type { Schemas } from '../app/api'
import { Choice } from './Choice'
import { FormField } from './FormField'
import { type Week, WeekHours } from './WeekHours'

/** What is said of a shop, whether it begins or is changed. */
export interface ShopSaid {
    zone: string
    hours: Week
    units: Record<string, string>
}

/** What is said of somebody, for ever. */
export interface WhoSaid {
    username: string
    initials: string
}

export function ZoneField<T extends ShopSaid>({ zones, register }: { zones: string[]; register: UseFormRegister<T> }) {
    return (
        <label className="block">
            <span className="font-bold">Zone of its clock</span>
            <select
                className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3 text-lg"
                {...register('zone' as Path<T>)}
            >
                {zones.map((zone) => (
                    <option key={zone}>{zone}</option>
                ))}
            </select>
        </label>
    )
}

export function UnitChoices<T extends ShopSaid>({ shop, control }: { shop: Schemas['Shop']; control: Control<T> }) {
    return (
        <div className="space-y-2">
            <p className="font-bold">Units we think in</p>
            {Object.entries(shop.unitChoices).map(([key, units]) => (
                <Controller
                    key={key}
                    control={control}
                    name={`units.${key}` as Path<T>}
                    render={({ field }) => (
                        <Choice
                            label={key}
                            options={units.map((unit) => [unit, unit.replace('deg', '°')])}
                            chosen={String(field.value ?? units[0] ?? '')}
                            onChoose={field.onChange}
                        />
                    )}
                />
            ))}
            <p className="text-sm text-quiet">
                The key pad starts with them, and what the bench says in mm, N·m, kPa and °C has them beside it.
            </p>
        </div>
    )
}

export function HoursField<T extends ShopSaid>({ control, errors }: { control: Control<T>; errors: FieldErrors<T> }) {
    return (
        <Controller
            control={control}
            name={'hours' as Path<T>}
            render={({ field }) => (
                <WeekHours
                    week={field.value as Week}
                    onChange={field.onChange}
                    error={errors.hours?.message as string | undefined}
                />
            )}
        />
    )
}

export function SignsInAs<T extends WhoSaid>({
    label,
    register,
    errors,
}: {
    label: string
    register: UseFormRegister<T>
    errors: FieldErrors<T>
}) {
    return (
        <div className="grid grid-cols-[1fr_7rem] gap-3">
            <FormField
                label={label}
                required
                autoComplete="username"
                autoCapitalize="none"
                error={errors.username?.message as string | undefined}
                {...register('username' as Path<T>)}
            />
            <FormField
                label="Initials"
                required
                maxLength={4}
                autoComplete="off"
                error={errors.initials?.message as string | undefined}
                {...register('initials' as Path<T>)}
            />
        </div>
    )
}
