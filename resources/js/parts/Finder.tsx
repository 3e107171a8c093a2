import { useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { useNavigate, useParams } from 'react-router'
import type { Job } from '../app/api'
import { useFloor } from '../app/queries'
import { Dialog } from './Dialog'

interface Found {
    to: string
    text: string
    of: string
}

/** Finds a job by number, machine or owner, and a measuring place or step of the job that is open. */
export function Finder({ open, onClose }: { open: boolean; onClose: () => void }) {
    return (
        <Dialog open={open} onClose={onClose} title="Find">
            <FinderBody onClose={onClose} />
        </Dialog>
    )
}

function FinderBody({ onClose }: { onClose: () => void }) {
    const [text, setText] = useState('')
    const navigate = useNavigate()
    const found = useFound(text)
    const go = (to: string) => {
        onClose()
        navigate(to)
    }
    return (
        <form
            onSubmit={(event) => {
                event.preventDefault()
                if (found[0]) {
                    go(found[0].to)
                }
            }}
        >
            <label className="block text-sm text-quiet" htmlFor="find">
                Job number, machine, owner, or what is to be measured
            </label>
            <input
                id="find"
                className="input mt-1 h-12 w-full text-lg"
                value={text}
                onChange={(event) => setText(event.target.value)}
                autoComplete="off"
            />
            <ul className="mt-3 max-h-80 overflow-y-auto">
                {found.map((item) => (
                    <li key={item.to}>
                        <button
                            type="button"
                            className="flex min-h-12 w-full items-baseline gap-3 rounded px-3 py-2 text-left hover:bg-tint focus-visible:bg-tint"
                            onClick={() => go(item.to)}
                        >
                            <span className="font-bold">{item.text}</span>
                            <span className="ml-auto text-sm text-quiet">{item.of}</span>
                        </button>
                    </li>
                ))}
            </ul>
            {found.length === 0 && <p className="py-3 text-quiet">Nothing of that name. Try fewer letters.</p>}
        </form>
    )
}

function useFound(text: string): Found[] {
    const floor = useFloor()
    const { number } = useParams()
    const job = useQueryClient().getQueryData<Job>(['job', Number(number)])
    const jobs = (floor.data?.jobs ?? []).map((item) => ({
        to: `/jobs/${item.number}`,
        text: `${item.title} · job ${item.number}`,
        of: item.owner,
    }))
    const spots = (job?.measuring.spots ?? []).map((spot) => ({
        to: `/jobs/${job?.number}?at=${spot.id}`,
        text: spot.name,
        of: spot.reading?.text ?? 'not measured',
    }))
    const words = text.toLowerCase().split(/\s+/).filter(Boolean)
    return [...jobs, ...spots]
        .filter((item) => words.every((word) => `${item.text} ${item.of}`.toLowerCase().includes(word)))
        .slice(0, 12)
}
