import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { useFormContext, useWatch } from 'react-hook-form'
import { call, type Schemas } from '../../app/api'
import { ENDS, stated } from '../../app/printed'
import { useStill } from '../../app/useStill'
import { Labelled } from './Labelled'
import { LimitBand } from './LimitBand'
import { schemaAt } from './schema'
import { dimensionsAt, isLimit } from './words'

const EXAMPLES: [RegExp, string][] = [
    [/stages\.\d+$/, '24 ± 2 N·m, 25 to 29 ft-lb, 90 deg'],
    [/limits/, '0.05–0.08 mm (0.0020–0.0031 in), limit 0.12'],
    [/^ignition/, '1.8 ± 0.1 mm, or 19 deg'],
    [/centreline|separation/, '106 ± 3 deg'],
]

/** Any figure as the manual prints it: what is understood of it stands below, and takes the place of what the sheet said. */
export function Printed({ path }: { path: string }) {
    const { register, setValue, getValues } = useFormContext()
    const value = useWatch({ name: path }) as Record<string, unknown> | undefined
    const typed = typeof value?.printed === 'string' ? value.printed : ''
    const still = useStill(typed.trim(), 250)
    const asked = isLimit(path) ? { quantity: value?.quantity ?? '' } : { dimensions: dimensionsAt(path) }
    const { data, error, isSuccess } = useQuery({
        queryKey: ['printed', still, JSON.stringify(asked)],
        queryFn: () => call<Schemas['Printed']>('POST', '/sheets/printed', { text: still, ...asked }),
        enabled: still !== '' && (!('quantity' in asked) || asked.quantity !== ''),
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })
    const has = Object.keys(schemaAt(path).properties ?? {})
    const isStage = has.includes('figure') || /stages\.\d+$/.test(path)
    useEffect(() => {
        if (!isSuccess || still === '' || still !== typed.trim()) {
            return
        }
        const now = (getValues(path) ?? {}) as Record<string, unknown>
        const rest = Object.fromEntries(Object.entries(now).filter(([key]) => !ENDS.includes(key as never)))
        const { nominal, ...ends } = data.stated as Record<string, unknown>
        const one = nominal === undefined ? {} : isStage ? { figure: nominal } : { nominal }
        const next = { ...rest, ...ends, ...one, printed: typed, understood: typed }
        if (JSON.stringify(next) !== JSON.stringify(now)) {
            setValue(path, next, { shouldDirty: true })
        }
    }, [isSuccess, still, typed, data, path, isStage, getValues, setValue])
    const isUnderstood = isSuccess && still !== '' && still === typed.trim()
    const now = stated(value)
    return (
        <Labelled path={`${path}.printed`} wide>
            {(id) => (
                <>
                    <p className="flex min-h-7 flex-wrap items-center gap-x-3 text-lg font-bold">
                        {now || <span className="font-normal text-quiet">no figure</span>}
                        <LimitBand of={value} />
                    </p>
                    <input
                        id={id}
                        aria-label={`${path.split('.')[0]}: as the manual prints it`}
                        className="h-11 w-full rounded-field border border-line bg-base-100 px-2"
                        placeholder={`as the manual prints it: ${EXAMPLES.find(([where]) => where.test(path))?.[1] ?? '0.5 to 0.8 mm'}`}
                        autoComplete="off"
                        {...register(`${path}.printed`)}
                    />
                    <p aria-live="polite" className="mt-1.5 min-h-5 text-sm">
                        {typed.trim() !== '' &&
                            (isUnderstood ? (
                                <b>Understood: {data.understood}</b>
                            ) : error && still === typed.trim() ? (
                                <b className="text-error">{error.message}</b>
                            ) : 'quantity' in asked && asked.quantity === '' ? (
                                'Say first what it limits.'
                            ) : (
                                ''
                            ))}
                    </p>
                </>
            )}
        </Labelled>
    )
}
