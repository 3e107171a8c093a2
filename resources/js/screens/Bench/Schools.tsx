import { useState } from 'react'
import { call, type Job, type Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { useSession } from '../../app/queries'
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
                    {job.planning.schools.map((school) => (
                        <Matter key={school.matter} job={job} school={school} />
                    ))}
                </div>
            </Dialog>
        </>
    )
}

const WHOSE: Record<Schemas['School']['whose'], string> = {
    usual: '',
    sheet: 'as the sheet of this engine has it',
    shop: 'the shop’s habit',
    chosen: 'chosen on this build',
}

/** Where the school comes from; the owner may make it the habit of the shop, for jobs opened from then on. */
function Whose({ school }: { school: Schemas['School'] }) {
    const { data: session } = useSession()
    const [said, setSaid] = useState('')
    const keep = async () => {
        try {
            await call('POST', '/habits', { [school.matter]: school.chosen })
            setSaid('Kept: jobs opened from now on begin so.')
        } catch (problem) {
            setSaid(problem instanceof Error ? problem.message : 'The habit was not kept.')
        }
    }
    return (
        <p className="flex flex-wrap items-center gap-x-3 text-sm text-quiet">
            {WHOSE[school.whose]}
            {session?.person?.role === 'owner' && school.whose === 'chosen' && (
                <button
                    type="button"
                    className="min-h-11 underline decoration-1 underline-offset-3"
                    onClick={() => void keep()}
                >
                    make it the shop’s habit
                </button>
            )}
            <span role="status">{said}</span>
        </p>
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
            <Whose school={school} />
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
