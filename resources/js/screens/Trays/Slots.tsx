import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'

type HomePart = Schemas['HomePart']

/** One slot for each part that has run in a place of its own; fitting it elsewhere is asked about. */
export function Slots({ job }: { job: Job }) {
    const [moving, setMoving] = useState<HomePart | null>(null)
    const slabs = job.stack.slabs.filter((slab) => job.parts.home.some((part) => part.slab === slab.id)).reverse()
    if (slabs.length === 0) {
        return null
    }
    return (
        <section aria-label="Slots" className="mt-4 bg-base-100 p-4">
            <h2 className="font-bold">Slots: what goes back where it came from</h2>
            <div className={job.stack.columns.length > 0 ? 'grid items-start gap-x-6 lg:grid-cols-2' : ''}>
                {slabs.map((slab) => (
                    <div
                        key={slab.id}
                        className="mt-3 break-inside-avoid"
                        style={slab.column === null ? undefined : { gridColumn: slab.column + 1 }}
                    >
                        <p className="border-t-2 border-base-content pt-1 text-sm text-quiet">
                            {slab.name}, {slab.lies}
                        </p>
                        <ul className="mt-1 grid gap-2 sm:grid-cols-2 lg:grid-cols-4">
                            {job.parts.home
                                .filter((part) => part.slab === slab.id)
                                .map((part) => (
                                    <Slot key={part.id} job={job} part={part} onMove={() => setMoving(part)} />
                                ))}
                        </ul>
                    </div>
                ))}
            </div>
            {moving && <Elsewhere job={job} part={moving} onClose={() => setMoving(null)} />}
        </section>
    )
}

function Slot({ job, part, onMove }: { job: Job; part: HomePart; onMove: () => void }) {
    const back = () =>
        void outbox.add(
            job.number,
            'part_back',
            { part: part.id, place: part.place },
            `${part.name}: back in its place`,
        )
    return (
        <li
            className={`flex flex-col gap-1 border-2 p-2 leading-tight ${part.elsewhere ? 'border-error' : part.isOut ? 'border-dashed border-base-content' : 'border-line'}`}
        >
            <span className="font-bold">{part.name}</span>
            <span className="text-sm text-quiet">
                {part.elsewhere
                    ? `at ${nameOf(job, part)}: ${part.reason}`
                    : part.isOut && !part.isSaid
                      ? 'out, in this slot'
                      : part.isSaid
                        ? 'back in its place'
                        : 'in its place'}
            </span>
            {part.isOut && !part.isSaid && (
                <span className="no-print mt-auto flex gap-2">
                    <button
                        type="button"
                        className="btn h-11 flex-1 px-2"
                        aria-label={`${part.name}: back`}
                        onClick={back}
                    >
                        Back
                    </button>
                    <button
                        type="button"
                        className="btn h-11 px-2"
                        aria-label={`${part.name}: elsewhere`}
                        onClick={onMove}
                    >
                        Elsewhere…
                    </button>
                </span>
            )}
        </li>
    )
}

const nameOf = (job: Job, part: HomePart) =>
    job.parts.home.find((other) => other.sort === part.sort && other.place === part.elsewhere)?.placeName ??
    part.elsewhere

/** Another place than its own, and why. */
function Elsewhere({ job, part, onClose }: { job: Job; part: HomePart; onClose: () => void }) {
    const places = job.parts.home.filter((other) => other.sort === part.sort && other.place !== part.place)
    const draft = useDraft(`elsewhere:${job.number}:${part.id}`, { place: places[0]?.place ?? '', reason: '' })
    const { place, reason } = draft.value
    const write = () => {
        void outbox.add(
            job.number,
            'part_back',
            { part: part.id, place, reason: reason.trim() },
            `${part.name}: elsewhere`,
            { id: draft.take() },
        )
        onClose()
    }
    return (
        <Dialog open onClose={onClose} title={`${part.name} came from ${part.placeName}`}>
            <form
                className="grid gap-3"
                onSubmit={(event) => {
                    event.preventDefault()
                    write()
                }}
            >
                <p>What has run together stays together. Another place wants a reason.</p>
                <label className="block">
                    <span className="font-bold">Fitted at</span>
                    <select
                        className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                        value={place}
                        onChange={(event) => draft.change({ place: event.target.value, reason })}
                    >
                        {places.map((other) => (
                            <option key={other.id} value={other.place}>
                                {other.placeName}
                            </option>
                        ))}
                    </select>
                </label>
                <label className="block">
                    <span className="font-bold">Why there</span>
                    <input
                        className="input mt-1 h-12 w-full"
                        value={reason}
                        onChange={(event) => draft.change({ place, reason: event.target.value })}
                    />
                </label>
                <button type="submit" className="btn btn-primary h-12" disabled={reason.trim() === '' || place === ''}>
                    Into the log
                </button>
            </form>
        </Dialog>
    )
}
