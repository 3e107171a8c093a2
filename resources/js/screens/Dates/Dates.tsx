import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { clock, day, dayKey } from '../../app/format'
import { ComesBack } from '../../parts/ComesBack'
import { Dialog } from '../../parts/Dialog'

type DateJob = Schemas['DateJob']

const HEIGHT = 58
const LABEL = 190

/** What finishes when: one lane a job over days, the people's work as bars, promises as flags; a late part can be tried. */
export function Dates() {
    const [trial, setTrial] = useState<{ job: number; days: number } | null>(null)
    const dates = useQuery({
        queryKey: ['dates', trial?.job, trial?.days],
        queryFn: () =>
            call<Schemas['Dates']>('GET', trial ? `/dates?late_job=${trial.job}&days=${trial.days}` : '/dates'),
        placeholderData: (previous) => previous,
    })
    if (!dates.data) {
        return (
            <p className="p-6">{dates.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const late = dates.data.jobs.filter((job) => (job.daysLate ?? 0) > 0)
    return (
        <main className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6">
            <div className="mb-3 flex flex-wrap items-baseline gap-x-4 gap-y-2">
                <h1 className="text-2xl font-bold">
                    {late.length === 0
                        ? 'Every promise can be kept'
                        : `${late.map((job) => job.title).join(', ')} will be late`}
                </h1>
                <div className="text-quiet">
                    {dates.data.people.length} people, opening hours, waits and parts counted ·{' '}
                    <Calendar address={dates.data.calendar} />
                </div>
            </div>
            <Chart dates={dates.data} />
            <section aria-label="Try a late part" className="mt-4 bg-base-100 p-4">
                <h2 className="font-bold">If a part comes later</h2>
                <p className="text-sm text-quiet">Tried only; nothing is saved.</p>
                <ul className="mt-2">
                    {dates.data.jobs.flatMap((job) =>
                        job.parts.map((part) => (
                            <li
                                key={job.number + part.part}
                                className="flex flex-wrap items-center gap-3 border-t border-line py-2"
                            >
                                <span className="min-w-64 flex-1">
                                    <b>{part.part}</b> for {job.title}
                                    {part.promised && `, promised for ${day(part.promised)}`}
                                </span>
                                {[0, 3, 7, 14].map((days) => {
                                    const pressed = trial?.job === job.number ? trial.days === days : days === 0
                                    return (
                                        <button
                                            key={days}
                                            type="button"
                                            aria-pressed={pressed}
                                            onClick={() => setTrial(days === 0 ? null : { job: job.number, days })}
                                            className={`h-12 rounded-field border-2 px-4 ${
                                                pressed
                                                    ? 'border-base-content bg-base-content text-base-100'
                                                    : 'border-line'
                                            }`}
                                        >
                                            {days === 0
                                                ? 'as promised'
                                                : days === 7
                                                  ? 'a week late'
                                                  : `${days} days late`}
                                        </button>
                                    )
                                })}
                            </li>
                        )),
                    )}
                </ul>
                {dates.data.jobs.every((job) => job.parts.length === 0) && (
                    <p className="text-quiet">No part is on order.</p>
                )}
            </section>
            <ComesBack all={dates.data.comesBack} />
        </main>
    )
}

function Chart({ dates }: { dates: Schemas['Dates'] }) {
    const from = new Date(`${dayKey(dates.start, dates.zone)}T00:00:00Z`).getTime()
    const last = Math.max(
        new Date(dates.finish).getTime(),
        ...dates.jobs.map((job) => (job.promised ? new Date(`${job.promised}T23:00:00Z`).getTime() : 0)),
    )
    const days = Math.min(24, Math.ceil((last - from) / 86_400_000) + 1)
    const width = 1240
    const x = (instant: string) =>
        LABEL + (Math.max(0, new Date(instant).getTime() - from) / (days * 86_400_000)) * (width - LABEL)
    return (
        <div className="overflow-x-auto bg-base-100">
            <svg viewBox={`0 0 ${width} ${34 + dates.jobs.length * HEIGHT}`} className="w-full min-w-[56rem]">
                <title>What finishes when, a lane a job</title>
                {Array.from({ length: days }, (_, index) => {
                    const at = new Date(from + index * 86_400_000)
                    const closed = dates.closedWeekdays.includes(at.getUTCDay())
                    const left = x(at.toISOString())
                    return (
                        <g key={at.toISOString()}>
                            {closed && (
                                <rect
                                    x={left}
                                    y={28}
                                    width={(width - LABEL) / days}
                                    height={6 + dates.jobs.length * HEIGHT}
                                    className="fill-base-200"
                                />
                            )}
                            <path
                                d={`M${left} 28V${34 + dates.jobs.length * HEIGHT}`}
                                className="stroke-line"
                                strokeWidth="1"
                            />
                            <text x={left + 4} y={20} fontSize="12.5" className="fill-quiet">
                                {days > 14
                                    ? at.getUTCDate()
                                    : day(at.toISOString().slice(0, 10)).split(' ').slice(0, 2).join(' ')}
                            </text>
                        </g>
                    )
                })}
                {dates.jobs.map((job, index) => (
                    <Lane key={job.number} job={job} y={34 + index * HEIGHT} x={x} dates={dates} width={width} />
                ))}
            </svg>
        </div>
    )
}

function Lane({
    job,
    y,
    x,
    dates,
    width,
}: {
    job: DateJob
    y: number
    x: (instant: string) => number
    dates: Schemas['Dates']
    width: number
}) {
    const late = (job.daysLate ?? 0) > 0
    const promised = job.promised ? x(`${job.promised}T17:00:00Z`) : null
    const here = dates.people.filter((who) => job.bars.some((bar) => bar.who === who))
    const high = Math.min(24, (HEIGHT - 22) / Math.max(1, here.length))
    return (
        <g>
            <path d={`M0 ${y + HEIGHT}H${width}`} className="stroke-line" strokeWidth="1" />
            <foreignObject x="0" y={y} width={LABEL - 8} height={HEIGHT}>
                <Link to={`/jobs/${job.number}`} className="block px-3 py-1.5 leading-tight hover:underline">
                    <b className="block truncate">{job.title}</b>
                    <span className={`block text-sm ${late ? 'font-bold text-error' : 'text-quiet'}`}>
                        {day(dayKey(job.finish, dates.zone))} {clock(job.finish, dates.zone)}
                        {late && `, ${job.daysLate} d late`}
                    </span>
                </Link>
            </foreignObject>
            {job.bars.map((bar) => {
                const row = bar.who === null ? here.length : here.indexOf(bar.who)
                const top = y + 8 + row * high
                const full = bar.who === null ? 8 : high - 3
                // of a V the first column is the upper half of its bar, the second the lower
                const half = bar.column === null ? full : full / 2 - 0.5
                const wide = Math.max(2.5, x(bar.finish) - x(bar.start))
                return (
                    <g key={`${bar.who}/${bar.start}/${bar.text}`}>
                        <rect
                            x={x(bar.start)}
                            y={bar.column === 1 ? top + full / 2 + 0.5 : top}
                            width={wide}
                            height={half}
                            rx="1.5"
                            className={
                                bar.who === null
                                    ? 'fill-none stroke-base-content'
                                    : bar.critical
                                      ? 'fill-base-content'
                                      : 'fill-quiet'
                            }
                            strokeDasharray={bar.who === null ? '3 2' : undefined}
                        >
                            <title>{`${bar.who ?? 'wait'}${bar.columnName ? `, ${bar.columnName}` : ''}: ${bar.text}, ${clock(bar.start, dates.zone)} to ${clock(bar.finish, dates.zone)}`}</title>
                        </rect>
                        {bar.who !== null && bar.column === null && wide > 26 && high > 14 && (
                            <text
                                x={x(bar.start) + 4}
                                y={top + (high - 3) / 2 + 4.5}
                                fontSize="13"
                                fontWeight="700"
                                className="fill-base-100"
                            >
                                {bar.who}
                            </text>
                        )}
                    </g>
                )
            })}
            {promised !== null && (
                <path
                    d={`M${promised} ${y + 4}V${y + HEIGHT - 3}M${promised} ${y + 4}l11 5l-11 5`}
                    className={late ? 'fill-error stroke-error' : 'fill-base-content stroke-base-content'}
                    strokeWidth="2"
                >
                    <title>{`promised for ${day(job.promised ?? '')}`}</title>
                </path>
            )}
        </g>
    )
}

/** The address under which a telephone reads these dates: a key of its own, made anew when somebody has it who should not. */
function Calendar({ address }: { address: string }) {
    const client = useQueryClient()
    const [open, setOpen] = useState(false)
    const renew = useMutation({
        mutationFn: () => call<{ calendar: string }>('POST', '/calendar', {}),
        onSuccess: () => client.invalidateQueries({ queryKey: ['dates'] }),
    })
    return (
        <>
            <a className="underline" href={address}>
                calendar for a telephone
            </a>{' '}
            ·{' '}
            <button type="button" className="min-h-11 underline" onClick={() => setOpen(true)}>
                its address
            </button>
            <Dialog open={open} onClose={() => setOpen(false)} title="Calendar for a telephone">
                <p>Whoever has this address reads your dates, and changes nothing.</p>
                <p className="mt-2 bg-base-200 p-3 text-sm break-all">{new URL(address, location.origin).href}</p>
                <button
                    type="button"
                    className="btn mt-3 h-13 w-full"
                    disabled={renew.isPending}
                    onClick={() => renew.mutate()}
                >
                    Make a new address
                </button>
                <p role="status" className="mt-2 min-h-6 text-sm text-quiet">
                    {renew.isSuccess &&
                        'Made. The old address shows nothing any more: enter the new one in the telephone.'}
                    {renew.isError && 'The shop’s server does not answer: the address is as it was.'}
                </p>
            </Dialog>
        </>
    )
}
