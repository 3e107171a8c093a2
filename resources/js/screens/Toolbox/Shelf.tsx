import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { call, type Schemas } from '../../app/api'
import { FromTable } from '../../parts/FromTable'

type Lies = Schemas['ShelfPart']

/** Gaskets, clips and filters in stock; a job takes from here by an entry in its log. */
export function Shelf() {
    const shelf = useQuery({ queryKey: ['shelf'], queryFn: () => call<Lies[]>('GET', '/shelf') })
    const sheets = useQuery({ queryKey: ['sheets'], queryFn: () => call<Schemas['Sheet'][]>('GET', '/sheets') })
    const client = useQueryClient()
    const [error, setError] = useState('')
    const [table, setTable] = useState(false)
    const put = async (part: string, fits: string, count: number) => {
        try {
            client.setQueryData(['shelf'], await call<Lies[]>('POST', '/shelf', { part, fits, count }))
            setError('')
            return true
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'The shelf was not changed.')
            return false
        }
    }
    const engine = (slug: string) =>
        slug === '' ? 'any engine' : (sheets.data?.find((sheet) => sheet.slug === slug)?.title ?? slug)
    return (
        <section aria-label="Shelf" className="mt-6">
            <div className="mb-1 flex items-baseline">
                <h2 className="text-sm font-bold text-quiet">On the shelf</h2>
                <button type="button" className="btn ml-auto h-12 px-5" onClick={() => setTable(true)}>
                    Shelf from a table
                </button>
            </div>
            {table && (
                <FromTable
                    title="Shelf from a table"
                    path="/shelf/table"
                    example={'part\tfits\tcount\nOil filter\t\t6\nBase gasket\tharbick-421\t2'}
                    onKept={() => void client.invalidateQueries({ queryKey: ['shelf'] })}
                    onClose={() => setTable(false)}
                />
            )}
            <ul className="bg-base-100">
                {shelf.data?.map((lies) => (
                    <li
                        key={lies.part + lies.fits}
                        className="grid grid-cols-[1fr_auto] items-center gap-x-5 border-b border-line px-4 py-1.5 sm:grid-cols-[1fr_1fr_auto]"
                    >
                        <span className="font-bold">{lies.part}</span>
                        <span className="text-quiet">for {engine(lies.fits)}</span>
                        <span className="flex items-center gap-2">
                            <button
                                type="button"
                                className="btn size-11"
                                aria-label={`One fewer: ${lies.part}, ${engine(lies.fits)}`}
                                disabled={lies.count === 0}
                                onClick={() => void put(lies.part, lies.fits, lies.count - 1)}
                            >
                                −
                            </button>
                            <b className="w-9 text-center text-lg">{lies.count}</b>
                            <button
                                type="button"
                                className="btn size-11"
                                aria-label={`One more: ${lies.part}, ${engine(lies.fits)}`}
                                onClick={() => void put(lies.part, lies.fits, lies.count + 1)}
                            >
                                +
                            </button>
                        </span>
                    </li>
                ))}
            </ul>
            {shelf.data?.length === 0 && <p className="bg-base-100 p-4 text-quiet">Nothing lies there yet.</p>}
            <NewPart sheets={sheets.data ?? []} onPut={put} />
            {error && (
                <p role="alert" className="mt-1 text-error">
                    {error}
                </p>
            )}
        </section>
    )
}

function NewPart({
    sheets,
    onPut,
}: {
    sheets: Schemas['Sheet'][]
    onPut: (part: string, fits: string, count: number) => Promise<boolean>
}) {
    const [part, setPart] = useState('')
    const [fits, setFits] = useState('')
    const submit = async (event: FormEvent) => {
        event.preventDefault()
        if (await onPut(part.trim(), fits, 1)) {
            setPart('')
        }
    }
    return (
        <form onSubmit={submit} className="mt-2 flex flex-wrap gap-3">
            <input
                aria-label="A part for the shelf"
                placeholder="A part, as the plan calls it"
                className="input h-12 min-w-64 flex-1"
                value={part}
                onChange={(event) => setPart(event.target.value)}
            />
            <select
                aria-label="Made for"
                className="h-12 rounded-field border border-line bg-base-100 px-3"
                value={fits}
                onChange={(event) => setFits(event.target.value)}
            >
                <option value="">any engine</option>
                {sheets.map((sheet) => (
                    <option key={sheet.slug} value={sheet.slug}>
                        {sheet.title}
                    </option>
                ))}
            </select>
            <button type="submit" className="btn h-12 px-6" disabled={part.trim() === ''}>
                Put one there
            </button>
        </form>
    )
}
