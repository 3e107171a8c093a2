import { useState } from 'react'
import { call, Offline } from '../../app/api'
import { Dialog } from '../../parts/Dialog'
import { PinPad } from '../../parts/PinPad'

/** By the number of a question; none where nobody gave a PIN. */
export type Vouchers = Record<string, string>

/** On a tablet of the shop the second person says by their own PIN that they look too. */
export function SecondsPin({
    initials,
    job,
    hold,
    items,
    onVouched,
    onClose,
}: {
    initials: string
    job: number
    hold: string
    /** The questions that they look at. */
    items: number[]
    /** What the entry of each question carries. */
    onVouched: (vouchers: Vouchers) => void
    onClose: () => void
}) {
    const [error, setError] = useState('')
    const [isBusy, setBusy] = useState(false)
    const [isAway, setAway] = useState(false)
    const ask = async (pin: string) => {
        setBusy(true)
        setError('')
        try {
            const asked = { initials, pin, job, hold, items }
            onVouched((await call<{ vouchers: Vouchers }>('POST', '/bench/second', asked)).vouchers)
        } catch (problem) {
            setAway(problem instanceof Offline)
            setError(problem instanceof Error ? problem.message : 'This did not work.')
        }
        setBusy(false)
    }
    return (
        <Dialog open onClose={onClose} title={`${initials} looks as well`}>
            <PinPad label={`PIN of ${initials}`} isBusy={isBusy} onPin={(pin) => void ask(pin)} />
            <p role="alert" className="mt-2 min-h-6 font-bold text-error">
                {error}
            </p>
            {isAway && (
                <button type="button" className="btn h-12 w-full" onClick={() => onVouched({})}>
                    Go on by name; the log shows that no PIN was given
                </button>
            )}
        </Dialog>
    )
}
