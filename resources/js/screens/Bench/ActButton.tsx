import { type FormEvent, useState } from 'react'
import type { Job } from '../../app/api'
import { actDone } from '../../app/done'
import { useDraft } from '../../app/drafts'
import { Dialog } from '../../parts/Dialog'

/** Says that something was done to a part; what was read of it before no longer holds. */
export function ActButton({ job, className }: { job: Job; className: string }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <button type="button" className={className} onClick={() => setOpen(true)}>
                Work was done on a part
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="What was done">
                <ActForm job={job} onClose={() => setOpen(false)} />
            </Dialog>
        </>
    )
}

function ActForm({ job, onClose }: { job: Job; onClose: () => void }) {
    const valves = job.measuring.spots.filter((spot) => spot.quantity === 'valve_lash')
    const draft = useDraft(`act:${job.number}`, {
        act: job.stack.acts[0]?.act ?? '',
        cylinder: job.engine.drawing.cylinders[0]?.id ?? '',
        ring: job.engine.drawing.rings[0]?.id ?? '',
        valve: valves[0]?.part ?? '',
        note: '',
    })
    const { act, cylinder, ring, valve, note } = draft.value
    const set = (what: keyof typeof draft.value) => (text: string) => draft.change({ ...draft.value, [what]: text })
    const chosen = job.stack.acts.find((each) => each.act === act)
    const { isOfCylinder = false, isOfRing = false, isOfValve = false } = chosen ?? {}
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (!chosen) {
            return
        }
        const body = {
            act: chosen.act,
            ...(isOfCylinder ? { cylinder } : {}),
            ...(isOfRing ? { ring } : {}),
            ...(isOfValve && valve ? { valve } : {}),
            ...(note.trim() ? { note: note.trim() } : {}),
        }
        actDone(job.number, body, act.charAt(0).toUpperCase() + act.slice(1), draft.take())
        onClose()
    }
    const choice = (name: string, value: string, onChange: (value: string) => void, options: [string, string][]) => (
        <label className="block">
            <span className="font-bold">{name}</span>
            <select
                className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                value={value}
                onChange={(event) => onChange(event.target.value)}
            >
                {options.map(([id, text]) => (
                    <option key={id} value={id}>
                        {text}
                    </option>
                ))}
            </select>
        </label>
    )
    return (
        <form onSubmit={submit} className="space-y-3">
            {choice(
                'Act',
                act,
                set('act'),
                job.stack.acts.map((each) => [each.act, each.act]),
            )}
            {isOfCylinder &&
                job.engine.drawing.cylinders.length > 1 &&
                choice(
                    'Cylinder',
                    cylinder,
                    set('cylinder'),
                    job.engine.drawing.cylinders.map((each) => [each.id, each.name]),
                )}
            {isOfRing &&
                choice(
                    'Ring',
                    ring,
                    set('ring'),
                    job.engine.drawing.rings.map((each) => [each.id, each.name]),
                )}
            {isOfValve &&
                choice(
                    'Valve',
                    valve,
                    set('valve'),
                    valves.map((spot) => [spot.part, spot.name.replace(/ clearance/, '')]),
                )}
            <label className="block">
                <span className="font-bold">Note</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={note}
                    onChange={(event) => set('note')(event.target.value)}
                />
            </label>
            <p className="text-sm text-quiet">
                What was read or ticked before it stays on the slip, and is to be done again before it counts.
            </p>
            <button type="submit" className="btn btn-primary h-12 w-full">
                It was done
            </button>
        </form>
    )
}
