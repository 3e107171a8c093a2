import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { Dialog } from '../../parts/Dialog'

/** Matters on which good mechanics differ: what speaks for and against each, and which is chosen on this build. */
export function SchoolsButton({ job }: { job: Job }) {
    const [open, setOpen] = useState(false)
    return (
        <>
            <button type="button" className="btn h-12 px-4" onClick={() => setOpen(true)}>
                Schools
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="How it is done here">
                <div className="max-h-[68dvh] space-y-4 overflow-y-auto">
                    {job.schools.map((school) => (
                        <Matter key={school.matter} job={job} school={school} />
                    ))}
                </div>
            </Dialog>
        </>
    )
}

function Matter({ job, school }: { job: Job; school: Schemas['School'] }) {
    const choose = (name: string) =>
        void outbox.add(
            job.number,
            'school_chosen',
            { matter: school.matter, school: name },
            `${school.question}: ${name}`,
        )
    return (
        <fieldset disabled={school.isFixed}>
            <legend className="font-bold">
                {school.question}{' '}
                {school.isFixed && <span className="font-normal text-quiet">done, no longer to be changed</span>}
            </legend>
            {school.options.map((option) => (
                <label key={option.name} className="flex min-h-12 items-center gap-3 border-t border-line py-1">
                    <input
                        type="radio"
                        className="size-5 shrink-0"
                        name={school.matter}
                        checked={school.chosen === option.name}
                        onChange={() => choose(option.name)}
                    />
                    <span className="leading-tight">
                        <b>{option.name}</b>
                        <span className="block text-sm text-quiet">
                            + {option.speaksFor} − {option.against}
                        </span>
                    </span>
                </label>
            ))}
        </fieldset>
    )
}
