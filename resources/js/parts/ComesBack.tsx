import { Link } from 'react-router'
import type { Schemas } from '../app/api'
import { dayAndYear } from '../app/format'

/** Machines that went out and are due to be looked at again, the earliest first. */
export function ComesBack({ all }: { all: Schemas['ComesBack'][] }) {
    return all.length === 0 ? null : (
        <section aria-label="Comes back" className="mt-5">
            <h2 className="mb-1.5 text-sm font-bold text-quiet">Comes back to be looked at</h2>
            <ul className="border-t-2 border-base-content">
                {all.map((each) => (
                    <li key={each.id} className="border-b border-line">
                        <Link
                            className="grid min-h-12 items-center gap-x-4 py-1.5 md:grid-cols-[9rem_1fr_auto]"
                            to={`/jobs/${each.job}/closing/run-in`}
                        >
                            <b className={each.late ? 'text-error' : ''}>{dayAndYear(each.due)}</b>
                            <span className="leading-tight">
                                <b className="first-letter:uppercase">{each.what}</b>
                                <span className="block text-sm text-quiet">
                                    {each.machine} of {each.owner}, job {each.job}
                                </span>
                            </span>
                            <span className={each.late ? 'font-bold text-error' : 'text-quiet'}>{each.inWords}</span>
                        </Link>
                    </li>
                ))}
            </ul>
        </section>
    )
}
