import type { Schemas } from '../../app/api'
import { plural } from '../../app/format'
import type { Thickness, Tried } from '../../app/useThickness'
import { laidIn } from './cut'

const BY: Record<string, string> = { squish: 'the squish', deck: 'the deck' }

/** What lands inside, ranked: each choice with its sum, what it lacks on the shelf, and whether all else stays inside with it. */
export function Choices({
    stack,
    tried,
    onTry,
}: {
    stack: Thickness
    tried: Tried
    onTry: (pieces: string[]) => void
}) {
    const sides = stack.choices.filter(
        (side) =>
            side.choices.length > 0 || side.nearly.length > 0 || (side.by !== null && hasPieces(stack, side.below)),
    )
    if (sides.length === 0) {
        return null
    }
    return sides.map((side) => (
        <section
            key={String(side.below)}
            aria-label={side.below ? 'What lands, below' : 'What lands, above'}
            className="mt-3"
        >
            <div className="flex flex-wrap items-baseline justify-between gap-x-4">
                <h2 className="text-lg font-bold">
                    {side.choices.length > 0 ? 'What lands inside' : 'Nothing lands inside'},{' '}
                    {side.below ? 'below' : 'above'} the barrel
                </h2>
                <p className="text-sm text-quiet">
                    by {BY[side.by ?? ''] ?? side.by}, {side.target}
                    {side.wanted !== null && (
                        <>
                            {' '}
                            · exact thickness wanted <b className="text-base-content">{side.wanted.toFixed(2)}</b>
                        </>
                    )}
                </p>
            </div>
            {side.wanted === null && <p className="text-quiet">No thickness on this side meets it.</p>}
            <ol className="mt-1 space-y-1.5">
                {[...side.choices, ...side.nearly].slice(0, 5).map((choice) => (
                    <Choice
                        key={choice.pieces.join('+')}
                        choice={choice}
                        nearly={side.choices.length === 0}
                        pressed={isTried(stack, tried, choice.pieces)}
                        onTry={() => onTry(choice.pieces)}
                    />
                ))}
            </ol>
        </section>
    ))
}

const hasPieces = (stack: Thickness, below: boolean) =>
    stack.joints.some((joint) => joint.below === below && !joint.insert && joint.pieces.length > 0)

function isTried(stack: Thickness, tried: Tried, pieces: string[]): boolean {
    return Object.entries(laidIn(stack, pieces)).every(
        ([slab, laid]) =>
            tried[slab] !== undefined &&
            JSON.stringify(tried[slab].map((each) => each.name).sort()) ===
                JSON.stringify(laid.map((each) => each.name).sort()),
    )
}

function Choice({
    choice,
    nearly,
    pressed,
    onTry,
}: {
    choice: Schemas['StackChoice']
    nearly: boolean
    pressed: boolean
    onTry: () => void
}) {
    const range =
        choice.low === null || choice.high === null
            ? `${(choice.low ?? choice.high)?.toFixed(2) ?? '–'} or ${choice.low === null ? 'less' : 'more'}`
            : choice.high - choice.low < 0.02
              ? ((choice.low + choice.high) / 2).toFixed(2)
              : `${choice.low.toFixed(2)} to ${choice.high.toFixed(2)}`
    return (
        <li>
            <button
                type="button"
                aria-pressed={pressed}
                onClick={onTry}
                className={`grid min-h-12 w-full grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 sm:grid-cols-[minmax(0,1fr)_7rem_9rem] rounded-field border-2 px-3 py-1 text-left ${
                    pressed ? 'border-primary bg-primary/10' : 'border-line hover:bg-base-200'
                }`}
            >
                <span className="leading-tight">
                    <b>{choice.named}</b>
                    <span className="text-sm text-quiet">
                        {' '}
                        {plural(choice.pieces.length, 'piece')}, {choice.thickness.toFixed(2)}
                    </span>
                </span>
                <b className="text-xl whitespace-nowrap">{range}</b>
                <span className="col-span-2 text-sm leading-tight sm:col-span-1 sm:text-right">
                    {nearly ? 'nearly' : choice.fitsAll ? '' : 'something else leaves its limit'}
                    <span className="block text-quiet">
                        {choice.missing.length === 0
                            ? 'on the shelf'
                            : `to order${choice.days === null ? '' : `, ${plural(choice.days, 'open day')}`}`}
                    </span>
                </span>
            </button>
        </li>
    )
}
