import { useKept } from '../../app/kept'
import { type Quantity, useCalculation } from '../../app/useCalculation'
import { Field } from '../../parts/Field'

/** The oil for a can of fuel, while it is run in and after. */
export function Mixture({ ratio, after, last }: { ratio: number | null; after: number | null; last: string | null }) {
    const [fuel, setFuel] = useKept<string>('premix:fuel', '5')
    const can = `${fuel.trim().replace(',', '.') || '5'} L`
    const now = useCalculation<{ oil: Quantity }>('premix', ratio === null ? null : { fuel: can, ratio })
    const then = useCalculation<{ oil: Quantity }>('premix', after === null ? null : { fuel: can, ratio: after })
    if (ratio === null) {
        return null
    }
    return (
        <section aria-label="Mixture" className="mt-4 border-t-2 border-base-content pt-2">
            <h3 className="text-lg font-bold">Mixture</h3>
            <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
                <div className="no-print">
                    <Field label="can of fuel, L" className="w-28" value={fuel} onChange={setFuel} />
                </div>
                <p className="leading-tight">
                    <b className="block text-3xl">{now.answer ? `${Math.round(now.answer.oil.value)} cm³` : '–'}</b>
                    of oil to {can}, {ratio} to 1{last && `, to ${last}`}
                </p>
                {after !== null && (
                    <p className="leading-tight">
                        <b className="block text-3xl">
                            {then.answer ? `${Math.round(then.answer.oil.value)} cm³` : '–'}
                        </b>
                        from then on, {after} to 1
                    </p>
                )}
            </div>
            {now.refusal && <p role="alert">{now.refusal.message}</p>}
        </section>
    )
}
