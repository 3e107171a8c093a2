import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Job, type Schemas } from '../../app/api'
import { useKept } from '../../app/kept'

type Lies = Schemas['ShelfPart']

/** The shims that nobody got are counted onto the shelf, once for a plan. */
export function ToShelf({ job, shims }: { job: Job; shims: Schemas['Shims'] }) {
    const [done, setDone] = useKept<boolean>(`shims-to-shelf:${job.number}:${shims.decided}`, false)
    const [failed, setFailed] = useState(false)
    const client = useQueryClient()
    if (done) {
        return <span className="block text-sm text-quiet">on the shelf</span>
    }
    const put = async () => {
        try {
            const shelf = await call<Lies[]>('GET', '/shelf')
            const fits = job.engine.sheet
            for (const [part, count] of counted(shims.spare.map((size) => `Shim ${size}`))) {
                const there = shelf.find((lies) => lies.part === part && lies.fits === fits)?.count ?? 0
                await call('POST', '/shelf', { part, fits, count: there + count })
            }
            setDone(true)
            await client.invalidateQueries({ queryKey: ['valves', job.number] })
        } catch {
            setFailed(true)
        }
    }
    return (
        <>
            <button type="button" className="btn no-print mt-1 block h-12 px-4" onClick={() => void put()}>
                Onto the shelf
            </button>
            {failed && (
                <span role="alert" className="block text-sm">
                    The shelf does not answer; count them in the toolbox.
                </span>
            )}
        </>
    )
}

const counted = (parts: string[]) =>
    [...new Set(parts)].map((part) => [part, parts.filter((each) => each === part).length] as const)
