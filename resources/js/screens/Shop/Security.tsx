import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'

const FEW = 8

const when = (instant: string) =>
    new Date(instant).toLocaleString('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** Who came in, who was refused, what changed of people, tablets and backups: for the owner alone. */
export function Security() {
    const { data } = useQuery({
        queryKey: ['security'],
        queryFn: () => call<Schemas['SecurityLine'][]>('GET', '/security'),
        refetchInterval: 60_000,
    })
    const [isWhole, setWhole] = useState(false)
    if (!data) {
        return null
    }
    return (
        <section aria-labelledby="security" className="bg-base-100 p-4">
            <h2 id="security" className="text-lg font-bold">
                Who came in
            </h2>
            <ul className="mt-1">
                {data.slice(0, isWhole ? data.length : FEW).map((line) => {
                    const isRefusal = /refused|failed/.test(line.what)
                    return (
                        <li key={`${line.at}${line.what}${line.about}`} className="border-t border-line py-1.5">
                            <span className="text-sm text-quiet">{when(line.at)} </span>
                            <span className={isRefusal ? 'font-bold text-error' : ''}>
                                {isRefusal && <span aria-hidden="true">▲ </span>}
                                {line.what}
                            </span>
                            {line.who && <b> {line.who}</b>}
                            {line.about && <span>, {line.about}</span>}
                            <span className="text-sm text-quiet"> from {line.origin}</span>
                        </li>
                    )
                })}
            </ul>
            {data.length > FEW && (
                <button type="button" className="mt-1 min-h-11 underline" onClick={() => setWhole(!isWhole)}>
                    {isWhole ? 'The newest alone' : `All ${data.length}`}
                </button>
            )}
        </section>
    )
}
