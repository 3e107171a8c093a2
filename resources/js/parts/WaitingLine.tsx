import type { ReactNode } from 'react'
import { addToDraft, noteKey } from '../app/drafts'
import { clock } from '../app/format'
import { outbox } from '../app/outbox'
import type { Waiting } from '../app/waiting'

/** An entry that is kept here: waiting, or refused with its reason; its text can be taken up, sent again or dropped. */
export function WaitingLine({ entry, zone, job = false }: { entry: Waiting; zone?: string; job?: boolean }) {
    return (
        <div className="grid grid-cols-[3.2rem_1fr] gap-x-2 border-t border-dashed border-line py-2">
            <time className="text-sm text-quiet">{clock(entry.happenedAt, zone)}</time>
            <div className="min-w-0">
                <p className="leading-snug break-words">
                    {job && <b>Job {entry.job}: </b>}
                    {entry.label}
                </p>
                {entry.refusal ? (
                    <>
                        <p role="alert" className="text-sm font-bold text-error">
                            Refused: {entry.refusal.message} {entry.refusal.read && `Read: ${entry.refusal.read}. `}
                            Accepted: {entry.refusal.allowed}.
                        </p>
                        <p className="mt-1 flex flex-wrap gap-2">
                            <RefusedAction onPress={() => takeUp(entry)}>Take up its text</RefusedAction>
                            <RefusedAction onPress={() => void outbox.resend(entry.id)}>Send again</RefusedAction>
                            <RefusedAction onPress={() => void outbox.drop(entry.id)}>Seen, drop it</RefusedAction>
                        </p>
                    </>
                ) : (
                    <p className="text-sm text-quiet">waiting to be sent{entry.by ? `, typed by ${entry.by}` : ''}</p>
                )}
            </div>
        </div>
    )
}

function RefusedAction({ onPress, children }: { onPress: () => void; children: ReactNode }) {
    return (
        <button
            type="button"
            className="h-11 rounded-field border-2 border-base-content px-3 font-bold"
            onClick={onPress}
        >
            {children}
        </button>
    )
}

/** What a refused entry says goes back into the note of the job, where it can be mended and written again. */
function takeUp(entry: Waiting) {
    const { text } = (entry.payload ?? {}) as { text?: unknown }
    addToDraft(noteKey(entry.job), typeof text === 'string' ? text : entry.label)
    void outbox.drop(entry.id)
}
