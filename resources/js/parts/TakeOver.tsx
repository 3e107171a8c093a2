import { useState } from 'react'
import { call, type Schemas } from '../app/api'
import { PinPad } from './PinPad'

type Somebody = Schemas['Person']

/** Who is at the bench of a tablet that stays in the shop: their initials, then their PIN. */
export function TakeOver({
    people,
    onTaken,
}: {
    people: Somebody[]
    onTaken: (session: Schemas['Session']) => void | Promise<void>
}) {
    const [who, setWho] = useState<Somebody | null>(null)
    const [error, setError] = useState('')
    const [isBusy, setBusy] = useState(false)
    const take = async (pin: string) => {
        setBusy(true)
        setError('')
        try {
            await onTaken(await call<Schemas['Session']>('POST', '/bench', { initials: who?.initials, pin }))
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'This did not work.')
        }
        setBusy(false)
    }
    return (
        <>
            <div className="flex flex-wrap gap-2">
                {people.map((each) => (
                    <button
                        key={each.username}
                        type="button"
                        aria-pressed={who?.username === each.username}
                        aria-label={each.name}
                        onClick={() => setWho(each)}
                        className={`h-16 min-w-20 rounded-field border-2 px-4 text-2xl font-bold ${
                            who?.username === each.username
                                ? 'border-base-content bg-base-content text-base-100'
                                : 'border-line'
                        }`}
                    >
                        {each.initials}
                    </button>
                ))}
            </div>
            {who && (
                <div className="mt-4">
                    <p className="mb-1 font-bold">{who.name}</p>
                    <PinPad
                        key={who.username}
                        label={`PIN of ${who.name}`}
                        isBusy={isBusy}
                        onPin={(pin) => void take(pin)}
                    />
                </div>
            )}
            <p role="alert" className="mt-3 min-h-6 font-bold text-error">
                {error}
            </p>
        </>
    )
}
