import { useState } from 'react'
import { Dialog } from '../parts/Dialog'
import { WaitingLine } from '../parts/WaitingLine'
import { plural } from './format'
import type { Line } from './outbox'
import { person } from './person'
import { useKeptFrom } from './seen'
import { useLine, useWaiting } from './useOutbox'
import { isOf } from './waiting'

/** Whether everything typed has reached the server, and if not, why and what helps; behind it, all that is kept here. */
export function LineState() {
    const [open, setOpen] = useState(false)
    const waiting = useWaiting()
    const line = useLine()
    const mine = person.current()
    const refused = waiting.filter((entry) => entry.refusal !== null).length
    const unsent = waiting.filter((entry) => entry.refusal === null && isOf(entry, mine)).length
    const others = new Map<string, number>()
    for (const entry of waiting.filter((each) => each.refusal === null && !isOf(each, mine))) {
        others.set(entry.by, (others.get(entry.by) ?? 0) + 1)
    }
    const from = useKeptFrom()
    const words = [
        ...lineWords(from !== null && line === 'online' ? 'offline' : line, unsent),
        ...(from === null ? [] : [`as last seen ${timeOf(from)}`]),
        ...(refused > 0 ? [`${plural(refused, 'entry', 'entries')} refused`] : []),
        ...[...others].map(([who, theirs]) => `${who} must sign in to send ${plural(theirs, 'entry', 'entries')}`),
    ]
    return (
        <span role="status" data-waiting={waiting.length}>
            {words.length > 0 && (
                <button
                    type="button"
                    className="min-h-10 rounded bg-white/15 px-3 py-1.5 text-left text-sm font-bold"
                    onClick={() => setOpen(true)}
                >
                    {words.join(' · ')}
                </button>
            )}
            <Dialog
                open={open && waiting.length > 0}
                onClose={() => setOpen(false)}
                title="Kept here, not yet in the log"
            >
                <div className="max-h-[60dvh] overflow-y-auto">
                    {waiting.map((entry) => (
                        <WaitingLine key={entry.id} entry={entry} job />
                    ))}
                </div>
            </Dialog>
        </span>
    )
}

function lineWords(line: Line, unsent: number): string[] {
    const kept = plural(unsent, 'entry', 'entries')
    switch (line) {
        case 'signed-out':
            return [`Signed out: ${kept} kept, sign in to send`]
        case 'other-person':
            return ['Somebody else has signed in here: reload the page']
        case 'fault':
            return [unsent > 0 ? `Server fault: ${kept} kept here, tried again` : 'Server fault']
        case 'starting':
            return [unsent > 0 ? `Server starting: ${kept} kept here, sent by itself` : 'Server starting']
        case 'disk-full':
            return [unsent > 0 ? `Disk of the server full: ${kept} kept here` : 'Disk of the server full']
        case 'offline':
            return [unsent > 0 ? `No network: ${kept} kept here` : 'No network']
        default:
            return unsent > 0 ? [`Sending ${kept}`] : []
    }
}

const timeOf = (instant: string) =>
    new Date(instant).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' })
