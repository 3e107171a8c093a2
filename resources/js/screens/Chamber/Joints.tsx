import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { plural } from '../../app/format'
import { outbox } from '../../app/outbox'
import type { StackJoint, Thickness, Tried } from '../../app/useThickness'
import { asSent } from '../../app/useThickness'
import { shownIn, thick } from './cut'

/** What lies in each joint, and the shelf beside it: a touch lays a piece in, another takes it out. */
export function Joints({
    job,
    stack,
    tried,
    onLay,
    onReset,
}: {
    job: Job
    stack: Thickness
    tried: Tried
    onLay: (joint: StackJoint, pieces: Tried[string]) => void
    onReset: () => void
}) {
    return (
        <section aria-label="Pieces">
            <div className="flex items-baseline justify-between border-t-2 border-base-content pt-1">
                <h2 className="font-bold">Pieces</h2>
                {Object.keys(tried).length > 0 && (
                    <button
                        type="button"
                        className="min-h-11 underline decoration-1 underline-offset-3"
                        onClick={onReset}
                    >
                        as it lies
                    </button>
                )}
            </div>
            {[...stack.joints].reverse().map((joint) => (
                <Joint key={joint.slab} job={job} joint={joint} tried={tried} onLay={onLay} onReset={onReset} />
            ))}
        </section>
    )
}

function Joint({
    job,
    joint,
    tried,
    onLay,
    onReset,
}: {
    job: Job
    joint: StackJoint
    tried: Tried
    onLay: (joint: StackJoint, pieces: Tried[string]) => void
    onReset: () => void
}) {
    const pieces = shownIn(joint, tried)
    const isTried = tried[joint.slab] !== undefined
    if (joint.inGrooves && joint.pieces.length === 0 && !isTried) {
        return null
    }
    const lay = (piece: Schemas['StackPiece']) => {
        const laid = { name: piece.name, thickness: piece.thickness, volume: piece.volume }
        onLay(joint, isTried && !joint.insert ? [...pieces, laid] : [laid])
    }
    return (
        <div className="border-t border-line py-1.5">
            <p className="leading-tight">
                <b>{joint.insert ? 'Head insert' : joint.name}</b>{' '}
                <span className="text-sm text-quiet">
                    {joint.insert
                        ? 'moves the ratio alone'
                        : joint.below
                          ? 'below the barrel: moves deck, squish and ports'
                          : 'above the barrel: moves squish and ratio, no port'}
                </span>
            </p>
            <div className="mt-1 flex flex-wrap items-center gap-1.5">
                {pieces.map((piece, index) => (
                    <button
                        key={`${piece.name}#${pieces.slice(0, index).filter((other) => other.name === piece.name).length}`}
                        type="button"
                        aria-label={`Take out ${piece.name}`}
                        className={`flex min-h-12 items-center gap-2 rounded-field border-2 px-3 font-bold ${
                            isTried ? 'border-primary bg-primary/10' : 'border-base-content'
                        }`}
                        onClick={() =>
                            onLay(
                                joint,
                                pieces.filter((_, at) => at !== index),
                            )
                        }
                    >
                        {piece.name} <span aria-hidden="true">×</span>
                    </button>
                ))}
                {pieces.length === 0 && <span className="text-quiet">{empty(joint, isTried)}</span>}
                {!joint.insert && (pieces.length > 0 || isTried || joint.stated || joint.inGrooves) && (
                    <b className="ml-auto text-xl whitespace-nowrap">
                        {thick(pieces).toFixed(2)} <span className="text-sm font-normal text-quiet">mm</span>
                    </b>
                )}
            </div>
            {!isTried && !joint.insert && !joint.stated && joint.laid.length > 0 && (
                <p className="text-sm leading-tight text-quiet">
                    taken for what the engine left its maker with; measure it
                </p>
            )}
            <fieldset className="mt-1 flex flex-wrap gap-1.5" aria-label={`Shelf for ${joint.name}`}>
                {joint.pieces.map((piece) => (
                    <button
                        key={piece.id}
                        type="button"
                        className="min-h-12 rounded-field border border-line px-2.5 text-left text-sm leading-tight hover:bg-base-200"
                        onClick={() => lay(piece)}
                    >
                        + {piece.name}
                        <span className="block text-xs text-quiet">
                            {piece.onShelf > 0 ? `${piece.onShelf} on the shelf` : order(piece)}
                        </span>
                    </button>
                ))}
                {!joint.insert && (
                    <Another joint={joint} onLay={(piece) => onLay(joint, [...(isTried ? pieces : []), piece])} />
                )}
            </fieldset>
            {isTried && <LiesThere job={job} joint={joint} pieces={pieces} onSaid={onReset} />}
        </div>
    )
}

/** A piece that no list has: by its thickness as the micrometer reads it. */
function Another({ joint, onLay }: { joint: StackJoint; onLay: (piece: Tried[string][number]) => void }) {
    const [typed, setTyped] = useState('')
    const thickness = Number(typed.trim().replace(',', '.'))
    const isThick = typed.trim() !== '' && thickness > 0 && thickness < 20
    return (
        <form
            className="flex gap-1"
            onSubmit={(event) => {
                event.preventDefault()
                if (isThick) {
                    onLay({ name: `${joint.name} ${thickness.toFixed(2)}`, thickness, volume: null })
                    setTyped('')
                }
            }}
        >
            <input
                className="input h-12 w-24 px-2"
                inputMode="decimal"
                placeholder="other, mm"
                aria-label={`Another thickness for ${joint.name.toLowerCase()}, mm`}
                aria-invalid={typed.trim() !== '' && !isThick}
                value={typed}
                onChange={(event) => setTyped(event.target.value)}
            />
            <button type="submit" className="btn h-12 px-3" disabled={!isThick}>
                lay
            </button>
        </form>
    )
}

/** What is tried is not tried but there: the job hears of it, and what was read over something else is read again. */
function LiesThere({
    job,
    joint,
    pieces,
    onSaid,
}: {
    job: Job
    joint: StackJoint
    pieces: Tried[string]
    onSaid: () => void
}) {
    const say = (crushed: boolean) => {
        const payload = { slab: joint.slab, pieces: asSent(pieces), ...(crushed ? { crushed } : {}) }
        void outbox.add(
            job.number,
            'pieces_laid',
            payload,
            `${joint.name}: ${pieces.map((piece) => piece.name).join(', ')} in`,
        )
        onSaid()
    }
    const look = 'min-h-12 underline decoration-1 underline-offset-3'
    return (
        <p className="flex flex-wrap items-center gap-x-5 text-sm">
            <button type="button" className={look} onClick={() => say(false)}>
                it lies there now
            </button>
            {!joint.insert && (
                <button type="button" className={look} onClick={() => say(true)}>
                    it lies there, crushed
                </button>
            )}
        </p>
    )
}

/** What is said where no piece lies: nothing is not the same as not known. */
const empty = (joint: StackJoint, isTried: boolean) => {
    if (joint.insert) {
        return 'the head as it is'
    }
    return isTried || joint.stated || joint.inGrooves ? 'nothing' : 'not known: measure it, or lay what is in'
}

const order = (piece: Schemas['StackPiece']) =>
    piece.days === null ? 'to order' : `to order, ${plural(piece.days, 'open day')}`
