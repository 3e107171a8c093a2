import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'

/** What good mechanics differ on, and how it is done here: jobs that are opened from now on begin so. */
export function Habits() {
    const habits = useQuery({ queryKey: ['habits'], queryFn: () => call<Schemas['School'][]>('GET', '/habits') })
    const client = useQueryClient()
    const [failed, setFailed] = useState('')
    const choose = async (matter: string, school: string) => {
        try {
            await call('POST', '/habits', { [matter]: school })
            setFailed('')
            await client.invalidateQueries({ queryKey: ['habits'] })
        } catch (problem) {
            setFailed(problem instanceof Error ? problem.message : 'The habit was not kept.')
        }
    }
    return (
        <section aria-labelledby="habits" className="bg-base-100 p-4">
            <h2 id="habits" className="text-lg font-bold">
                How it is done here
            </h2>
            <p className="text-sm text-quiet">
                Jobs that are opened from now on begin so; a sheet, or somebody on the build, may say otherwise.
            </p>
            <ul className="mt-2">
                {habits.data?.map((school) => {
                    const chosen = school.options.find((option) => option.name === school.chosen)
                    return (
                        <li key={school.matter} className="border-t border-line py-2">
                            <label className="grid items-center gap-x-4 sm:grid-cols-[1fr_15rem]">
                                <span className="leading-tight">
                                    <b>{school.question}</b>
                                    {chosen && (
                                        <span className="block text-sm text-quiet">
                                            + {chosen.speaksFor} − {chosen.against}
                                        </span>
                                    )}
                                </span>
                                <select
                                    className="h-11 w-full rounded-field border border-line bg-base-100 px-2"
                                    value={school.chosen}
                                    onChange={(event) => void choose(school.matter, event.target.value)}
                                >
                                    {school.options.map((option) => (
                                        <option key={option.name}>{option.name}</option>
                                    ))}
                                </select>
                            </label>
                        </li>
                    )
                })}
            </ul>
            <p role="alert" className="font-bold text-error empty:hidden">
                {failed}
            </p>
        </section>
    )
}
