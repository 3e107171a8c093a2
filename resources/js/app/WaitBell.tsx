import { useEffect, useRef } from 'react'
import { Link } from 'react-router'
import { RING, sound } from '../parts/sound'
import { useFloor } from './queries'
import { useLeft } from './useLeft'

/** The wait that is due next, always in sight; it calls when its time has come: by sound, by title, and by notification if allowed. */
export function WaitBell() {
    const floor = useFloor()
    const waits = (floor.data?.jobs ?? []).flatMap((job) =>
        job.waits.map((wait) => ({ ...wait, job: job.number, title: job.title })),
    )
    const first = waits.sort((one, other) => one.due.localeCompare(other.due))[0]
    return first ? <Bell key={first.id + first.due} wait={first} count={waits.length} /> : null
}

function Bell({
    wait,
    count,
}: {
    wait: { id: string; due: string; name: string; job: number; title: string }
    count: number
}) {
    const left = useLeft(wait.due)
    const called = useRef(left === null)
    useEffect(() => {
        if (left !== null || called.current) {
            return
        }
        called.current = true
        sound(RING)
        const before = document.title
        document.title = `${wait.name} is due`
        if (window.Notification?.permission === 'granted') {
            new Notification(`${wait.name} is due`, { body: wait.title })
        }
        return () => {
            document.title = before
        }
    }, [left, wait])
    return (
        <Link
            to={`/jobs/${wait.job}`}
            onClick={() => void window.Notification?.requestPermission?.()}
            title={`${wait.name}, ${wait.title}`}
            className="rounded bg-white/15 px-3 py-1.5 text-sm font-bold whitespace-nowrap"
        >
            {count === 1 ? '1 wait' : `${count} waits`} · {left ?? 'due'}
        </Link>
    )
}
