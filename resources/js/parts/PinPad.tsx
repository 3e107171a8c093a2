import { type KeyboardEvent, useState } from 'react'

const KEYS = ['1', '2', '3', '4', '5', '6', '7', '8', '9']
const LONGEST = 8
const PLACES = [0, 1, 2, 3, 4, 5, 6, 7]
const SHORTEST = 4

/** A PIN typed with a glove or on a keyboard: how many digits, never which. */
export function PinPad({ label, isBusy, onPin }: { label: string; isBusy: boolean; onPin: (pin: string) => void }) {
    const [pin, setPin] = useState('')
    const add = (digit: string) => setPin((typed) => (typed.length < LONGEST ? typed + digit : typed))
    const enter = () => {
        if (pin.length >= SHORTEST && !isBusy) {
            onPin(pin)
            setPin('')
        }
    }
    const typed = (event: KeyboardEvent) => {
        if (/^\d$/.test(event.key)) {
            add(event.key)
        } else if (event.key === 'Backspace') {
            setPin((before) => before.slice(0, -1))
        } else if (event.key === 'Enter') {
            event.preventDefault()
            enter()
        }
    }
    const key = 'h-16 rounded-field bg-base-200 text-2xl font-bold active:bg-base-300'
    return (
        // biome-ignore lint/a11y/noNoninteractiveTabindex: a keyboard types the PIN here
        <fieldset aria-label={label} tabIndex={0} onKeyDown={typed} className="max-w-80">
            <output aria-label={`${pin.length} digits`} className="flex h-12 items-center justify-center gap-3">
                {PLACES.slice(0, Math.max(SHORTEST, pin.length)).map((at) => (
                    <span
                        key={at}
                        className={`size-4 rounded-full border-2 border-base-content ${at < pin.length ? 'bg-base-content' : ''}`}
                    />
                ))}
            </output>
            <div className="grid grid-cols-3 gap-2">
                {KEYS.map((digit) => (
                    <button key={digit} type="button" className={key} onClick={() => add(digit)}>
                        {digit}
                    </button>
                ))}
                <button type="button" className={`${key} text-base`} onClick={() => setPin('')}>
                    Clear
                </button>
                <button type="button" className={key} onClick={() => add('0')}>
                    0
                </button>
                <button
                    type="button"
                    className="btn btn-primary h-16 text-base"
                    disabled={pin.length < SHORTEST || isBusy}
                    onClick={enter}
                >
                    Enter
                </button>
            </div>
        </fieldset>
    )
}
