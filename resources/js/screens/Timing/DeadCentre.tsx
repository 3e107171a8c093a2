import { v7 as uuid } from 'uuid'
import type { Job } from '../../app/api'
import { useKept } from '../../app/kept'
import { type Quantity, useCalculation } from '../../app/useCalculation'

interface Pair {
    id: string
    before: string
    after: string
}

interface Found {
    tdc: Quantity | null
    set_by: Quantity | null
    spread: Quantity | null
    pairs: { middle: Quantity; half: Quantity }[]
}

const blank = (): Pair => ({ id: uuid(), before: '', after: '' })
const degrees = (typed: string) => `${typed.trim().replace(',', '.')} deg`
const isTyped = (pair: Pair) => pair.before.trim() !== '' && pair.after.trim() !== ''

/** Top dead centre between pairs of readings of the degree wheel, at a stop or at equal drops of the dial. */
export function DeadCentre({ job }: { job: Job }) {
    const [pairs, setPairs] = useKept<Pair[]>(`dead-centre:${job.number}`, [blank()])
    const typed = pairs.filter(isTyped)
    const { answer, refusal } = useCalculation<Found>(
        'dead-centre',
        typed.length === 0
            ? null
            : { pairs: typed.map((pair) => ({ before: degrees(pair.before), after: degrees(pair.after) })) },
    )
    const change = (index: number, part: Partial<Pair>) => {
        const next = pairs.map((pair, at) => (at === index ? { ...pair, ...part } : pair))
        setPairs(next.every(isTyped) ? [...next, blank()] : next)
    }
    return (
        <section aria-label="Dead centre" className="mt-4 border-t-2 border-base-content pt-1">
            <h2 className="font-bold">Top dead centre by a stop, or by equal drops</h2>
            <p className="text-sm leading-snug text-quiet">
                Stop in the plug hole, or the dial at one figure: the wheel is read where the crank meets it turning one
                way, and where it meets it turning the other. Plug out, by hand only; a stop goes in with the piston
                well down.
            </p>
            <table className="mt-1 w-full text-left">
                <thead>
                    <tr className="text-sm text-quiet">
                        <th className="font-normal">one way, °</th>
                        <th className="font-normal">the other, °</th>
                        <th className="text-right font-normal">halfway</th>
                    </tr>
                </thead>
                <tbody>
                    {pairs.map((pair, index) => (
                        <tr key={pair.id} className="border-t border-line">
                            {(['before', 'after'] as const).map((part) => (
                                <td key={part} className="py-1 pr-2">
                                    <input
                                        className="input h-12 w-full text-lg font-bold"
                                        inputMode="decimal"
                                        aria-label={`Pair ${index + 1}, ${part === 'before' ? 'one way' : 'the other way'}`}
                                        value={pair[part]}
                                        onChange={(event) => change(index, { [part]: event.target.value })}
                                    />
                                </td>
                            ))}
                            <td className="text-right text-lg font-bold whitespace-nowrap">
                                {isTyped(pair) ? halfway(answer, typed.indexOf(pair)) : '–'}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
            <div aria-live="polite">
                {answer?.set_by && answer.spread && (
                    <>
                        <p className="mt-2 text-2xl leading-tight font-bold">{turned(answer.set_by.value)}</p>
                        <p className="leading-snug text-quiet">
                            {typed.length === 1
                                ? 'One pair cannot say how far it may be believed: read another at another stop.'
                                : `${typed.length} pairs, ${answer.spread.value.toFixed(1)}° apart. ${worth(answer.spread.value)}`}
                        </p>
                    </>
                )}
                {refusal && (
                    <p role="alert" className="mt-2 leading-snug font-bold">
                        {refusal.message}
                    </p>
                )}
            </div>
            {typed.length > 0 && (
                <button
                    type="button"
                    className="min-h-11 underline decoration-1 underline-offset-3"
                    onClick={() => setPairs([blank()])}
                >
                    read anew
                </button>
            )}
        </section>
    )
}

const halfway = (answer: Found | null, at: number) => {
    const middle = answer?.pairs[at]?.middle.value
    return middle === undefined ? '–' : `${middle.toFixed(2)}°`
}

/** What is done to the wheel so that it reads nothing at the top. */
const turned = (by: number) =>
    Math.abs(by) < 0.05
        ? 'The wheel reads 0 at the top'
        : `The wheel reads ${Math.abs(by).toFixed(1)}° too ${by < 0 ? 'much' : 'little'}: set it by ${by < 0 ? '−' : '+'}${Math.abs(by).toFixed(1)}°`

/** What a top that is known so well is good for. */
const worth = (spread: number) =>
    spread <= 0.5
        ? 'Good for ignition and cams.'
        : spread <= 2
          ? 'Good for cams by their marks and for valve clearance; for ignition read again, from the same side.'
          : 'Good for valve clearance only: play, or a stop that gave. Read again.'
