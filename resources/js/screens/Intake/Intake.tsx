import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { useNavigate } from 'react-router'
import { call, type Job, Problem, type Schemas } from '../../app/api'
import { readDraft, useDraft } from '../../app/drafts'
import { ErrandPicker } from '../../parts/ErrandPicker'
import { NewEngine } from './NewEngine'

interface Slip {
    sheet: string
    owner: string
    complaint: string
    condition: 'whole' | 'apart' | 'half'
    promised: string
    errands: Schemas['Errand']['name'][]
    off: string[]
}

const EMPTY: Slip = {
    sheet: '',
    owner: '',
    complaint: '',
    condition: 'whole',
    promised: '',
    errands: ['top end'],
    off: [],
}

/** A machine comes in: which engine, whose, what is wrong, when it was promised. What is typed is kept until it is taken in. */
export function Intake() {
    const { value: kept, change: keep, take, id } = useDraft<Slip>('intake', EMPTY)
    const slip = { ...EMPTY, ...kept }
    const [refusal, setRefusal] = useState<{ field: string; message: string } | null>(null)
    const sheets = useQuery({ queryKey: ['sheets'], queryFn: () => call<Schemas['Sheet'][]>('GET', '/sheets') })
    const [isNew, setIsNew] = useState(false)
    const client = useQueryClient()
    const navigate = useNavigate()
    // onto what stands there now: an answer that comes late takes nothing away that was typed meanwhile
    const set = (part: Partial<Slip>) => keep({ ...EMPTY, ...readDraft<Slip>('intake')?.value, ...part })
    const submit = async (event: FormEvent) => {
        event.preventDefault()
        try {
            const half = slip.condition === 'half'
            const sent = { ...slip, condition: half ? 'whole' : slip.condition, off: half ? slip.off : [] }
            const filled = Object.fromEntries(Object.entries(sent).filter(([, value]) => value.length > 0))
            // under the id of what was typed, so that a machine taken in twice comes in once
            const job = await call<Job>('POST', '/jobs', { ...filled, ...(id ? { id } : {}) })
            take()
            await client.invalidateQueries({ queryKey: ['floor'] })
            navigate(`/jobs/${job.number}`)
        } catch (problem) {
            setRefusal({
                field: problem instanceof Problem ? problem.field : '',
                message: problem instanceof Error ? problem.message : 'The job was not opened.',
            })
        }
    }
    const engine = sheets.data?.find((sheet) => sheet.slug === slip.sheet)
    const wrong = (field: string) =>
        (refusal?.field === field || refusal?.field.startsWith(`${field}.`)) && (
            <span role="alert" className="mt-1 block text-error">
                {refusal.message}
            </span>
        )
    return (
        <main className="mx-auto w-full max-w-[60rem] px-4 py-4 md:px-6">
            <h1 className="text-2xl font-bold">A machine comes in</h1>
            <form onSubmit={submit} className="mt-3 grid gap-5 bg-base-100 p-5">
                <fieldset>
                    <legend className="font-bold">Which engine</legend>
                    <div className="mt-1 grid gap-2 sm:grid-cols-2">
                        {sheets.data?.map((sheet) => (
                            <label
                                key={sheet.slug}
                                className={`flex min-h-13 cursor-pointer items-center gap-3 rounded-field border-2 px-3 py-1.5 ${slip.sheet === sheet.slug ? 'border-base-content' : 'border-line'}`}
                            >
                                <input
                                    type="radio"
                                    name="sheet"
                                    className="size-5"
                                    checked={slip.sheet === sheet.slug}
                                    onChange={() => set({ sheet: sheet.slug, errands: ['top end'], off: [] })}
                                />
                                <span className="leading-tight">
                                    <b>{sheet.title}</b>
                                    <span className="block text-sm text-quiet">{sheet.facts}</span>
                                </span>
                            </label>
                        ))}
                    </div>
                    {wrong('sheet')}
                    {!isNew && (
                        <button type="button" className="btn mt-2 h-12 px-5" onClick={() => setIsNew(true)}>
                            Not in the spec book
                        </button>
                    )}
                </fieldset>
                {isNew && (
                    <NewEngine
                        onKept={(sheet) => {
                            setIsNew(false)
                            set({ sheet, errands: ['top end'], off: [] })
                        }}
                    />
                )}
                {engine && (
                    <fieldset>
                        <legend className="font-bold">What it is for</legend>
                        <ErrandPicker
                            offered={engine.errands}
                            chosen={slip.errands}
                            onChange={(errands) => set({ errands })}
                        />
                        {wrong('errands')}
                    </fieldset>
                )}
                <div className="grid gap-4 sm:grid-cols-[1fr_14rem]">
                    <label className="block">
                        <span className="font-bold">Whose it is</span>
                        <input
                            className="input mt-1 h-12 w-full"
                            value={slip.owner}
                            onChange={(event) => set({ owner: event.target.value })}
                        />
                        {wrong('owner')}
                    </label>
                    <label className="block">
                        <span className="font-bold">Promised for</span>
                        <input
                            type="date"
                            className="input mt-1 h-12 w-full"
                            value={slip.promised}
                            onChange={(event) => set({ promised: event.target.value })}
                        />
                        {wrong('promised')}
                    </label>
                </div>
                <label className="block">
                    <span className="font-bold">What is wrong, in the owner’s words</span>
                    <textarea
                        rows={3}
                        className="textarea mt-1 w-full text-base"
                        value={slip.complaint}
                        onChange={(event) => set({ complaint: event.target.value })}
                    />
                    {wrong('complaint')}
                </label>
                <fieldset className="flex flex-wrap gap-x-8 gap-y-2">
                    <legend className="font-bold">It stands here</legend>
                    {(
                        [
                            ['whole', 'whole'],
                            ['apart', 'apart, all that the job takes off'],
                            ['half', 'already opened by somebody'],
                        ] as const
                    ).map(([condition, words]) => (
                        <label key={condition} className="flex min-h-12 items-center gap-2">
                            <input
                                type="radio"
                                name="condition"
                                className="size-5"
                                checked={slip.condition === condition}
                                onChange={() => set({ condition })}
                            />
                            {words}
                        </label>
                    ))}
                </fieldset>
                {engine && slip.condition === 'half' && (
                    <fieldset>
                        <legend className="font-bold">What is off already</legend>
                        <div className="mt-1 flex flex-wrap gap-x-6">
                            {engine.slabs.map((slab) => (
                                <label key={slab.id} className="flex min-h-12 items-center gap-2">
                                    <input
                                        type="checkbox"
                                        className="size-5"
                                        checked={slip.off.includes(slab.id)}
                                        onChange={() =>
                                            set({
                                                off: slip.off.includes(slab.id)
                                                    ? slip.off.filter((each) => each !== slab.id)
                                                    : [...slip.off, slab.id],
                                            })
                                        }
                                    />
                                    {slab.name}
                                </label>
                            ))}
                        </div>
                        {wrong('off')}
                    </fieldset>
                )}
                {refusal &&
                    !['sheet', 'owner', 'promised', 'complaint', 'errands', 'off'].includes(
                        refusal.field.split('.')[0] ?? '',
                    ) && (
                        <p role="alert" className="text-error">
                            {refusal.message}
                        </p>
                    )}
                <button
                    type="submit"
                    className="btn btn-primary h-13 px-8 text-lg sm:justify-self-start"
                    disabled={slip.sheet === '' || slip.owner.trim() === '' || slip.errands.length === 0}
                >
                    Take it in
                </button>
            </form>
        </main>
    )
}
