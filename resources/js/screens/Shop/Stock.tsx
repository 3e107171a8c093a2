import { type Control, type FieldErrors, type UseFormRegister, useFieldArray } from 'react-hook-form'

/** What somebody types of the shop's benches and of who it buys from. */
export interface StockForm {
    benches: { name: string }[]
    suppliers: { name: string; days: string }[]
}

interface Props {
    control: Control<StockForm>
    register: UseFormRegister<StockForm>
    errors: FieldErrors<StockForm>
}

/** The benches by name: the floor shows what stands on each. */
export function BenchesField({ control, register, errors }: Props) {
    const { fields, append, remove } = useFieldArray({ control, name: 'benches' })
    return (
        <fieldset>
            <legend className="font-bold">Benches</legend>
            {fields.map((field, index) => (
                <div key={field.id} className="mt-1 flex items-center gap-1">
                    <input
                        aria-label={`Bench ${index + 1}, name`}
                        className="input h-11 w-full"
                        {...register(`benches.${index}.name`)}
                    />
                    <Out what={`bench ${index + 1}`} onOut={() => remove(index)} />
                </div>
            ))}
            <button type="button" className="btn mt-1 h-11 px-4" onClick={() => append({ name: '' })}>
                One more bench
            </button>
            <Wrong said={errors.benches?.message} />
        </fieldset>
    )
}

/** Who parts are bought from, and how long they take: an order asks for no day, it counts it. */
export function SuppliersField({ control, register, errors }: Props) {
    const { fields, append, remove } = useFieldArray({ control, name: 'suppliers' })
    return (
        <fieldset>
            <legend className="font-bold">Suppliers, and the open days until a part comes</legend>
            {fields.map((field, index) => (
                <div key={field.id} className="mt-1 flex items-center gap-1">
                    <input
                        aria-label={`Supplier ${index + 1}, name`}
                        className="input h-11 w-full"
                        {...register(`suppliers.${index}.name`)}
                    />
                    <input
                        aria-label={`Supplier ${index + 1}, days`}
                        inputMode="numeric"
                        className="input h-11 w-16 text-right"
                        {...register(`suppliers.${index}.days`)}
                    />
                    <Out what={`supplier ${index + 1}`} onOut={() => remove(index)} />
                </div>
            ))}
            <button type="button" className="btn mt-1 h-11 px-4" onClick={() => append({ name: '', days: '3' })}>
                One more supplier
            </button>
            <Wrong said={errors.suppliers?.message} />
        </fieldset>
    )
}

function Out({ what, onOut }: { what: string; onOut: () => void }) {
    return (
        <button type="button" aria-label={`Take ${what} out`} className="size-11 shrink-0" onClick={onOut}>
            ✕
        </button>
    )
}

function Wrong({ said }: { said: string | undefined }) {
    return said ? (
        <p role="alert" className="mt-1 text-sm font-bold text-error">
            {said}
        </p>
    ) : null
}
