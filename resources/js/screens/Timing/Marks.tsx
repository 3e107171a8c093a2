import type { Job } from '../../app/api'
import { outbox } from '../../app/outbox'
import type { TimingMark } from '../../app/useTiming'

/** The marks that an ignition point may be read by: which is trusted, and a new one punched where one is off. */
export function Marks({ job, marks }: { job: Job; marks: TimingMark[] }) {
    if (marks.length === 0) {
        return <p className="text-sm text-quiet">The sheet names no mark: what is read by dial counts.</p>
    }
    return (
        <ul>
            {marks.map((mark) => {
                const { off } = mark
                return (
                    <li key={mark.id} className="border-b border-line py-1.5 leading-tight">
                        <b>{mark.name}</b>{' '}
                        <span className={mark.trusted ? 'font-bold text-primary' : 'text-quiet'}>
                            {mark.punched ? 'punched anew' : mark.trusted ? 'trusted' : ''}
                        </span>
                        <span className="block text-sm text-quiet">
                            {(-mark.meets).toFixed(1)}° before top{mark.against && `, against ${mark.against}`}
                            {mark.mirrored && `, seen from ${mark.seenFrom}`}
                        </span>
                        {off !== null && !mark.punched && !mark.trusted && (
                            <button
                                type="button"
                                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                                onClick={() =>
                                    void outbox.add(
                                        job.number,
                                        'mark_punched',
                                        { mark: mark.id, off: `${off.toFixed(1)} deg` },
                                        `New mark beside the ${mark.name}`,
                                    )
                                }
                            >
                                {off.toFixed(1)}° off: a new one was punched
                            </button>
                        )}
                    </li>
                )
            })}
        </ul>
    )
}
