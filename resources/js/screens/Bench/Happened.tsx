import { type FormEvent, useState } from 'react'
import type { Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { type Happening, happenings } from '../../chapters'
import { Dialog } from '../../parts/Dialog'

/** The less frequent things that happen on a bench, behind one button. */
export function Happened({ job }: { job: Job }) {
    const [open, setOpen] = useState(false)
    const [kind, setKind] = useState<Happening | null>(null)
    const close = () => {
        setOpen(false)
        setKind(null)
    }
    return (
        <>
            <button type="button" className="btn mb-2 h-12 w-full" onClick={() => setOpen(true)}>
                Put in, dropped, owed, ordered…
            </button>
            <Dialog open={open} onClose={close} title={kind?.title ?? 'What happened'}>
                {kind ? (
                    <HappenedForm job={job} kind={kind} onDone={close} />
                ) : (
                    <ul className="grid gap-2">
                        {happenings.map((each) => (
                            <li key={each.title}>
                                <button
                                    type="button"
                                    className="btn h-13 w-full justify-start text-left"
                                    onClick={() => setKind(each)}
                                >
                                    {each.title}
                                </button>
                            </li>
                        ))}
                    </ul>
                )}
            </Dialog>
        </>
    )
}

function HappenedForm({ job, kind, onDone }: { job: Job; kind: Happening; onDone: () => void }) {
    const draft = useDraft<Record<string, string>>(`happened:${job.number}:${kind.title}`, {})
    const { slab = job.stack.slabs[0]?.id ?? '', step = '', ...values } = draft.value
    const set = (name: string, value: string) => draft.change({ ...draft.value, [name]: value })
    const missing = kind.fields.some(
        ([name, , needed], index) => (index === 0 || needed) && (values[name] ?? '').trim() === '',
    )
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (!missing) {
            kind.say(job.number, { ...values, slab, step }, draft.take())
            onDone()
        }
    }
    return (
        <form onSubmit={submit} className="grid gap-3">
            {kind.fields.map(([name, label], index) => (
                <label key={name} className="block">
                    <span className="font-bold">{label}</span>
                    <input
                        // biome-ignore lint/a11y/noAutofocus: the choice just made asks for this
                        autoFocus={index === 0}
                        type={name === 'promised' ? 'date' : 'text'}
                        className="input mt-1 h-12 w-full"
                        value={values[name] ?? ''}
                        onChange={(event) => set(name, event.target.value)}
                    />
                </label>
            ))}
            {kind.withSlab && (
                <label className="block">
                    <span className="font-bold">Where</span>
                    <select
                        className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                        value={slab}
                        onChange={(event) => set('slab', event.target.value)}
                    >
                        {job.stack.slabs.map((each) => (
                            <option key={each.id} value={each.id}>
                                {each.name}
                            </option>
                        ))}
                    </select>
                </label>
            )}
            {kind.withStep && (
                <label className="block">
                    <span className="font-bold">Which step waits for it</span>
                    <select
                        className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                        value={step}
                        onChange={(event) => set('step', event.target.value)}
                    >
                        <option value="">none, only call me</option>
                        {job.planning.steps
                            .filter((each) => each.state !== 'done')
                            .map((each) => (
                                <option key={each.id} value={each.id}>
                                    {each.name}
                                </option>
                            ))}
                    </select>
                </label>
            )}
            <button type="submit" className="btn btn-primary h-12" disabled={missing}>
                Into the log
            </button>
        </form>
    )
}
