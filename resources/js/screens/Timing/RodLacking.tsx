import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Job, Problem } from '../../app/api'
import { withUnit } from '../../app/format'
import { useKept } from '../../app/kept'
import { useServerForm } from '../../app/useServerForm'
import { ServerForm } from '../../parts/ServerForm'

/** The rod's length where a sheet states none: the bench counts with it as it is typed; with its source it goes onto the sheet. */
export function RodLacking({ job, rod, onRod }: { job: number; rod: string; onRod: (rod: string) => void }) {
    const [source, setSource] = useKept<string>(`timing:${job}:rod-source`, '')
    const [isOpen, setOpen] = useState(false)
    const client = useQueryClient()
    const form = useServerForm({ rod: '', source: '' }, async () => {
        const after = await call<Job>('POST', `/jobs/${job}/rod`, { rod: withUnit(rod, 'mm'), source }).catch(
            (problem) => {
                throw problem instanceof Problem
                    ? problem
                    : new Error('The shop’s server does not answer; what you typed stays here.')
            },
        )
        client.setQueryData(['job', job], after)
        await client.invalidateQueries({ queryKey: ['timing', job] })
    })
    const wrong = form.problem || form.formState.errors.rod?.message || form.formState.errors.source?.message
    return (
        <ServerForm form={form} className="mt-2">
            <label className="flex items-center justify-between gap-2">
                <b className="text-sm">Rod, centre to centre, mm</b>
                <input
                    className="input h-12 w-20 text-lg font-bold"
                    inputMode="decimal"
                    value={rod}
                    onChange={(event) => onRod(event.target.value)}
                />
            </label>
            <p className="text-sm leading-tight text-quiet">
                The sheet states none, and every figure here hangs on it.
            </p>
            {rod.trim() !== '' && !isOpen && (
                <button type="button" className="btn mt-1 h-11 px-3" onClick={() => setOpen(true)}>
                    Keep it on the sheet
                </button>
            )}
            {isOpen && (
                <div className="mt-1 flex flex-wrap items-end gap-2">
                    <label className="min-w-40 flex-1 text-sm">
                        <b>Who says so</b>
                        <input
                            className="input h-12 w-full"
                            placeholder="service manual, page 12"
                            value={source}
                            onChange={(event) => setSource(event.target.value)}
                        />
                    </label>
                    <button type="submit" className="btn btn-primary h-12 px-4" disabled={source.trim() === ''}>
                        Onto the sheet
                    </button>
                </div>
            )}
            {wrong && (
                <p role="alert" className="text-sm font-bold text-error">
                    {wrong}
                </p>
            )}
        </ServerForm>
    )
}
