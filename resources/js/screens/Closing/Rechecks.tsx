import type { Job } from '../../app/api'
import { dayAndYear } from '../../app/format'
import type { Closing } from '../../app/useBenches'
import { EntryForm } from '../../parts/EntryForm'

/** What is looked at again, by when; ticked off when the machine has been back. */
export function Rechecks({ job, closing }: { job: Job; closing: Closing }) {
    const all = closing.runIn.rechecks
    if (all.length === 0) {
        return null
    }
    return (
        <section aria-label="Looked at again" className="mt-4">
            <h3 className="text-lg font-bold">Comes back to be looked at</h3>
            <ul className="border-t-2 border-base-content">
                {all.map((recheck) => (
                    <li
                        key={`${recheck.id}:${recheck.what}:${recheck.when}`}
                        className="flex flex-wrap items-center justify-between gap-3 border-b border-line py-2"
                    >
                        <p className={recheck.done ? 'text-quiet' : ''}>
                            <b className="text-lg first-letter:uppercase">{recheck.what}</b> {recheck.when}
                            <span className="block text-sm">
                                {recheck.done
                                    ? `looked at, ${recheck.by}`
                                    : recheck.due
                                      ? `by ${dayAndYear(recheck.due)}`
                                      : 'counted from the day it goes out'}
                            </span>
                        </p>
                        {!recheck.done && recheck.due !== null && (
                            <Done job={job} id={recheck.id} what={recheck.what} />
                        )}
                    </li>
                ))}
            </ul>
        </section>
    )
}

function Done({ job, id, what }: { job: Job; id: string; what: string }) {
    return (
        <EntryForm
            job={job.number}
            kind="recheck_done"
            keep={`recheck:${id}`}
            bench="closing"
            name={`Looked at: ${what}`}
            className="no-print flex items-end gap-2"
            said={{ recheck: id }}
            fields={{ note: { label: 'what was found', className: 'w-44' } }}
            words={() => `Looked at again: ${what}`}
            button="Looked at"
        />
    )
}
