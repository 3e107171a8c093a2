import { useState } from 'react'
import { call, type Schemas } from '../../app/api'
import { forgetAnswers } from '../../app/seen'

/** The way to the other shop of this installation: to begin one’s own, to it once it is begun, and back to practice. */
export function OtherShop({ shop }: { shop: Schemas['Shop'] }) {
    const [failed, setFailed] = useState(false)
    const go = async (to: string) => {
        try {
            await call('POST', `/shops/${to}`)
            await forgetAnswers()
            // another shop is another page: nothing of this one stays in memory
            window.location.assign(to === 'own' && !shop.ownBegun ? '/begin' : '/sign-in')
        } catch {
            setFailed(true)
        }
    }
    const ways: [string, string, string][] = [
        [
            'own',
            shop.ownBegun ? 'To your own shop' : 'Begin your own shop',
            shop.ownBegun ? '' : 'Your engines, your people, your data; this shop stays beside it for practice.',
        ],
        ['practice', 'To the shop for practice', 'A made-up shop with engines in every state.'],
    ]
    return (
        <div className="mt-8 border-t border-line pt-5">
            {ways
                .filter(([to]) => shop.others.includes(to))
                .map(([to, name, about]) => (
                    <div key={to}>
                        <button type="button" className="btn h-12 px-5" onClick={() => void go(to)}>
                            {name}
                        </button>
                        {about && <p className="mt-1 text-sm text-quiet">{about}</p>}
                    </div>
                ))}
            {failed && (
                <p role="alert" className="mt-1 font-bold text-error">
                    The server does not answer. Try again.
                </p>
            )}
        </div>
    )
}
