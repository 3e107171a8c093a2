import { useState } from 'react'
import type { Job } from '../../app/api'
import type { ValveOnBench } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { Dialog } from '../../parts/Dialog'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'

const BLANK = { reason: '', hours: '5', days: '30' }

/** A valve left loose on purpose while new seats bed in: taken upon oneself, and looked at again on a day. */
export function LeaveLoose({ job, valve }: { job: Job; valve: ValveOnBench }) {
    const [open, setOpen] = useState(false)
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `loose:${valve.id}`, BLANK, 'valves')
    return (
        <>
            <button
                type="button"
                className="min-h-11 text-sm underline decoration-1 underline-offset-3"
                onClick={() => setOpen(true)}
            >
                Left loose on purpose
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title={`${valve.id} left loose for running in`}>
                <form
                    className="grid gap-3"
                    onSubmit={(event) => {
                        event.preventDefault()
                        if (typed.reason.trim() !== '' && !isSending) {
                            void enter(
                                'left_loose',
                                {
                                    valves: [valve.id],
                                    reason: typed.reason.trim(),
                                    recheck: {
                                        what: `Clearance of ${valve.id}, cold`,
                                        ...(typed.hours.trim() === '' ? {} : { hours: `${typed.hours.trim()} h` }),
                                        ...(typed.days.trim() === '' ? {} : { days: Number(typed.days) }),
                                    },
                                },
                                `${valve.id} left loose: ${typed.reason}`,
                            )
                        }
                    }}
                >
                    <label className="block">
                        <span className="font-bold">Why</span>
                        <input
                            className="input mt-1 h-12 w-full"
                            placeholder="seats just cut, they will bed in"
                            value={typed.reason}
                            onChange={(event) => setTyped({ ...typed, reason: event.target.value })}
                        />
                    </label>
                    <div className="flex gap-3">
                        <Field
                            label="read again after, hours"
                            value={typed.hours}
                            onChange={(hours) => setTyped({ ...typed, hours })}
                        />
                        <Field label="or days" value={typed.days} onChange={(days) => setTyped({ ...typed, days })} />
                    </div>
                    <Refused refusal={refusal} />
                    <button type="submit" className="btn btn-primary h-12" disabled={isSending}>
                        It stays loose
                    </button>
                </form>
            </Dialog>
        </>
    )
}
