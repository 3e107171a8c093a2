import { useState } from 'react'
import { saveAs } from '../../parts/saveAs'
import { fromCsv, mirrored, type Place, toCsv, toSvg } from './pattern'

/** The bolts by their coordinates; mirrored for the other bank; in and out as a table, and the map as a drawing. */
export function Places({
    places,
    order,
    onChange,
}: {
    places: Place[]
    order: string[]
    /** With an order, where one was read beside the places. */
    onChange: (places: Place[], order?: string[]) => void
}) {
    const [wrong, setWrong] = useState<string | null>(null)
    const change = (index: number, part: Partial<Place>) =>
        onChange(places.map((each, at) => (at === index ? { ...each, ...part } : each)))
    const read = async (file: File | undefined) => {
        if (file) {
            try {
                const read = fromCsv(await file.text())
                onChange(read.places, read.order)
                setWrong(null)
            } catch (error) {
                setWrong(error instanceof Error ? error.message : String(error))
            }
        }
    }
    return (
        <section aria-label="Bolts">
            <table className="w-full">
                <thead>
                    <tr className="text-left text-sm text-quiet">
                        <th className="font-normal">bolt</th>
                        <th className="font-normal">x, mm</th>
                        <th className="font-normal">y, mm</th>
                        <th className="sr-only">take away</th>
                    </tr>
                </thead>
                <tbody>
                    {places.map((place, index) => (
                        // biome-ignore lint/suspicious/noArrayIndexKey: the number itself is typed here
                        <tr key={index}>
                            {(['id', 'x', 'y'] as const).map((part) => (
                                <td key={part} className="py-0.5 pr-1.5">
                                    <input
                                        aria-label={
                                            part === 'id' ? `Bolt ${index + 1}, number` : `Bolt ${place.id}, ${part}`
                                        }
                                        inputMode={part === 'id' ? 'text' : 'decimal'}
                                        className="h-10 w-full min-w-0 rounded-field border border-line bg-base-100 px-2"
                                        value={place[part]}
                                        onChange={(event) => change(index, { [part]: event.target.value })}
                                    />
                                </td>
                            ))}
                            <td>
                                <button
                                    type="button"
                                    aria-label={`Take bolt ${place.id} away`}
                                    className="h-10 w-10 text-xl text-quiet"
                                    onClick={() => onChange(places.filter((_, at) => at !== index))}
                                >
                                    ×
                                </button>
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <div className="mt-2 flex flex-wrap gap-1.5">
                <Act onClick={() => onChange([...places, { id: next(places), x: '0', y: '0' }])}>One more</Act>
                <Act onClick={() => onChange(mirrored(places))}>Mirror</Act>
                <Act onClick={() => saveAs('bolts.csv', 'text/csv', toCsv(places, order))}>Save as CSV</Act>
                <Act onClick={() => saveAs('bolts.svg', 'image/svg+xml', toSvg(places, order))}>Save as SVG</Act>
                <label className="flex h-11 cursor-pointer items-center rounded-field border-2 border-line px-3 font-bold">
                    Read CSV
                    <input
                        type="file"
                        accept=".csv,text/csv,text/plain"
                        className="sr-only"
                        onChange={(event) => {
                            void read(event.target.files?.[0])
                            event.target.value = ''
                        }}
                    />
                </label>
            </div>
            {wrong && (
                <p role="alert" className="mt-2 text-error">
                    {wrong}
                </p>
            )}
        </section>
    )
}

function Act({ onClick, children }: { onClick: () => void; children: string }) {
    return (
        <button type="button" className="h-11 rounded-field border-2 border-line px-3 font-bold" onClick={onClick}>
            {children}
        </button>
    )
}

/** The next whole number that no bolt has. */
function next(places: Place[]): string {
    const taken = new Set(places.map(({ id }) => id))
    let number = places.length + 1
    while (taken.has(String(number))) {
        number++
    }
    return String(number)
}
