import { type FormEvent, useState } from 'react'
import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
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
    const [act, setAct] = useState(job.acts[0]?.act ?? '')
    const [cylinder, setCylinder] = useState(job.drawing.cylinders[0]?.id ?? '')
    const [ring, setRing] = useState(job.drawing.rings[0]?.id ?? '')
    const valves = job.spots.filter((spot) => spot.quantity === 'valve_lash')
    const [valve, setValve] = useState(valves[0]?.part ?? '')
    const [note, setNote] = useState('')
    const {
        isOfCylinder = false,
        isOfRing = false,
        isOfValve = false,
    } = job.acts.find((each) => each.act === act) ?? {}
    const submit = (event: FormEvent) => {
        event.preventDefault()
        const body = {
            act,
            ...(isOfCylinder ? { cylinder } : {}),
            ...(isOfRing ? { ring } : {}),
            ...(isOfValve && valve ? { valve } : {}),
            ...(note.trim() ? { note: note.trim() } : {}),
        }
        void outbox.add(job.number, 'act_done', body, act.charAt(0).toUpperCase() + act.slice(1))
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
                setAct,
                job.acts.map((each) => [each.act, each.act]),
            )}
            {isOfCylinder &&
                job.drawing.cylinders.length > 1 &&
                choice(
                    'Cylinder',
                    cylinder,
                    setCylinder,
                    job.drawing.cylinders.map((each) => [each.id, each.name]),
                )}
            {isOfRing &&
                choice(
                    'Ring',
                    ring,
                    setRing,
                    job.drawing.rings.map((each) => [each.id, each.name]),
                )}
            {isOfValve &&
                choice(
                    'Valve',
                    valve,
                    setValve,
                    valves.map((spot) => [spot.part, spot.name.replace(/ clearance/, '')]),
                )}
            <label className="block">
                <span className="font-bold">Note</span>
                <input
                    className="input mt-1 h-12 w-full"
                    value={note}
                    onChange={(event) => setNote(event.target.value)}
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
