import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'

/** The made-up shop beside one’s own: kept for practice, or closed. */
export function Practice({ shop }: { shop: Schemas['Shop'] }) {
    const client = useQueryClient()
    const [failed, setFailed] = useState(false)
    const change = async () => {
        setFailed(false)
        try {
            const { name, zone, hours, units } = shop
            const after = await call<Schemas['Shop']>('POST', '/shop', {
                name,
                zone,
                hours,
                units,
                practice: !shop.practice,
            })
            client.setQueryData(['shop'], after)
        } catch {
            setFailed(true)
        }
    }
    return (
        <section aria-labelledby="practice" className="bg-base-100 p-4">
            <h2 id="practice" className="text-lg font-bold">
                The shop for practice
            </h2>
            <p className="mt-1">
                {shop.practice
                    ? 'A made-up shop with engines in every state stands beside yours. Its sign-ins are its own; nothing that is done there reaches this one.'
                    : 'It is closed: nobody can open it. Its data goes when Moltrek is started the next time.'}
            </p>
            <button type="button" className="btn mt-3 h-12 px-5" onClick={() => void change()}>
                {shop.practice ? 'Throw it away' : 'Have it again'}
            </button>
            {failed && (
                <p role="alert" className="mt-1 font-bold text-error">
                    The server does not answer; nothing has changed.
                </p>
            )}
        </section>
    )
}
