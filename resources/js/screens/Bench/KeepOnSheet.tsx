import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Job, type Schemas, type Step } from '../../app/api'

/** A step of this job's own is offered to the sheet, for the next engine of its kind. */
export function KeepOnSheet({ job, step }: { job: Job; step: Step }) {
    const [said, setSaid] = useState('')
    const client = useQueryClient()
    const keep = async () => {
        try {
            const sheet = await call<Schemas['Sheet']>('POST', `/jobs/${job.number}/own-steps`, { step: step.id })
            setSaid(`kept in version ${sheet.version} of the sheet`)
            await client.invalidateQueries({ queryKey: ['job', job.number] })
            await client.invalidateQueries({ queryKey: ['sheets'] })
        } catch (problem) {
            setSaid(problem instanceof Error ? problem.message : 'It was not kept.')
        }
    }
    if (said !== '') {
        return (
            <p role="status" className="text-sm">
                {said}
            </p>
        )
    }
    return (
        <button
            type="button"
            className="min-h-11 text-sm underline decoration-1 underline-offset-3"
            onClick={() => void keep()}
        >
            keep it on the sheet
        </button>
    )
}
