import { type FormEvent, useState } from 'react'
import type { Job } from '../../app/api'
import { useDraft } from '../../app/drafts'
import { outbox } from '../../app/outbox'
import { useOwnSteps } from '../../app/queries'
import { Dialog } from '../../parts/Dialog'
import { Neighbours } from './Neighbours'

const EMPTY = {
    name: '',
    why: '',
    kind: 'fit',
    after: '',
    before: '',
    question: '',
    tools: '',
    parts: '',
    torque: '',
    caution: '',
}

const list = (text: string) =>
    text
        .split(',')
        .map((each) => each.trim())
        .filter((each) => each !== '')

/** A step that this job has and no plan knows: what, after and before what, with what. */
export function AddStep({ job, slab }: { job: Job; slab: string }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() => setOpen(true)}
            >
                add a step
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="A step of this job’s own">
                {open && <StepForm job={job} slab={slab} onClose={() => setOpen(false)} />}
            </Dialog>
        </>
    )
}

function StepForm({ job, slab, onClose }: { job: Job; slab: string; onClose: () => void }) {
    const draft = useDraft(`own-step:${job.number}:${slab}`, EMPTY)
    const step = draft.value
    const choices = useOwnSteps(job.number).data
    const set = (part: Partial<typeof EMPTY>) => draft.change({ ...step, ...part })
    const submit = (event: FormEvent) => {
        event.preventDefault()
        const id = draft.take()
        const optional = Object.fromEntries(
            Object.entries({
                question: step.kind === 'hold' ? step.question : '',
                torque: step.torque,
                caution: step.caution,
            })
                .map(([key, value]) => [key, value.trim()])
                .filter(([, value]) => value !== ''),
        )
        const body = {
            id: `own-${id.slice(-8)}`,
            slab,
            name: step.name.trim(),
            why: step.why.trim(),
            kind: step.kind,
            needs: list(step.after),
            before: list(step.before),
            tools: list(step.tools),
            parts: list(step.parts),
            ...optional,
        }
        void outbox.add(job.number, 'step_added', body, `Step added: ${step.name.trim()}`, { id })
        onClose()
    }
    const field = (label: string, key: keyof typeof EMPTY, hint = '') => (
        <label className="block">
            <span className="font-bold">{label}</span>
            <input
                className="input mt-1 h-12 w-full"
                placeholder={hint}
                value={step[key]}
                onChange={(event) => set({ [key]: event.target.value })}
            />
        </label>
    )
    const choice = (label: string, key: 'after' | 'before' | 'kind', options: [string, string][]) => (
        <label className="block min-w-0">
            <span className="font-bold">{label}</span>
            <select
                className="mt-1 h-12 w-full rounded-field border border-line bg-base-100 px-3"
                value={step[key]}
                onChange={(event) => set({ [key]: event.target.value })}
            >
                {options.map(([value, text]) => (
                    <option key={value} value={value}>
                        {text}
                    </option>
                ))}
            </select>
        </label>
    )
    const steps = job.planning.steps.map((each): [string, string] => [each.id, each.name])
    return (
        <form onSubmit={submit} className="space-y-3">
            <div className="max-h-[62dvh] space-y-3 overflow-y-auto pr-1">
                <Neighbours job={job} works={choices?.neighbours ?? []} onDone={onClose} />
                {field('What is done', 'name', 'thread of the plug hole sleeved')}
                {field('Why, or how one knows it is right', 'why')}
                {choice(
                    'Kind',
                    'kind',
                    (choices?.kinds ?? [step.kind]).map((kind) => [kind, kind]),
                )}
                {step.kind === 'hold' && field('What it asks', 'question')}
                <div className="grid gap-3 sm:grid-cols-2">
                    {choice('After', 'after', [['', 'nothing'], ...steps])}
                    {choice('Before', 'before', [['', 'nothing'], ...steps])}
                </div>
                <div className="grid gap-3 sm:grid-cols-2">
                    {field('Tools', 'tools', 'several with commas')}
                    {field('New parts', 'parts', 'several with commas')}
                    {field('Torque', 'torque', '10 N·m')}
                    {field('Caution', 'caution')}
                </div>
            </div>
            <button type="submit" className="btn btn-primary h-13 w-full text-lg" disabled={step.name.trim() === ''}>
                Add it
            </button>
        </form>
    )
}
