import type { Job, Schemas } from '../../app/api'
import { dayKey } from '../../app/format'
import type { Closing } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { Refused } from '../../parts/Refused'
import { StrikeOut } from '../../parts/StrikeOut'

const BLANK = { trial: '', variant: '', conditions: '', found: '', figure: '' }

const FIELDS = [
    ['trial', 'What is tried', 'Head insert, reed, main jet, gasket'],
    ['variant', 'Variant', '12.2 cm³'],
    ['conditions', 'Conditions', '4 °C, dry, same hill'],
    ['found', 'What came of it', 'pulls from low down, no pinking'],
    ['figure', 'A figure', '1180 kPa'],
] as const

/** Variants tried against each other, under which conditions, and why one of them stays. */
export function Trials({ job, closing }: { job: Job; closing: Closing }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, 'trial', BLANK, 'closing')
    const isWhole = ['trial', 'variant', 'found'].every((key) => typed[key as 'trial'].trim() !== '')
    return (
        <div className="max-w-[64rem]">
            {closing.trials.length === 0 && (
                <p className="mb-3 max-w-prose text-quiet">
                    One thing changed at a time, the rest as it was: then two variants can be told apart.
                </p>
            )}
            {closing.trials.map((trial) => (
                <Trial key={trial.trial} job={job} trial={trial} />
            ))}
            <form
                aria-label="A variant tried"
                className="mt-4 grid gap-2 border-t-2 border-base-content pt-2 md:grid-cols-5"
                onSubmit={(event) => {
                    event.preventDefault()
                    if (isWhole && !isSending) {
                        const { conditions, figure, ...rest } = typed
                        const said = {
                            ...rest,
                            ...(conditions.trim() === '' ? {} : { conditions }),
                            ...(figure.trim() === '' ? {} : { figure }),
                        }
                        void enter('trial_made', said, `${typed.trial}, ${typed.variant}: ${typed.found}`)
                    }
                }}
            >
                {FIELDS.map(([key, label, example]) => (
                    <label key={key} className="block">
                        <span className="block text-xs text-quiet">{label}</span>
                        <input
                            className="input h-12 w-full"
                            placeholder={example}
                            value={typed[key]}
                            onChange={(event) => setTyped({ ...typed, [key]: event.target.value })}
                        />
                    </label>
                ))}
                <button type="submit" className="btn btn-primary h-12 md:col-start-5" disabled={isSending || !isWhole}>
                    Tried
                </button>
                <div className="md:col-span-5">
                    <Refused refusal={refusal} />
                </div>
            </form>
        </div>
    )
}

function Trial({ job, trial }: { job: Job; trial: Schemas['Trial'] }) {
    return (
        <section aria-label={trial.trial} className="mb-4">
            <h2 className="text-xl font-bold">{trial.trial}</h2>
            <table className="w-full border-t-2 border-base-content text-left">
                <thead>
                    <tr className="text-sm text-quiet">
                        <th className="py-1 font-normal">variant</th>
                        <th className="font-normal">conditions</th>
                        <th className="font-normal">what came of it</th>
                        <th className="font-normal">by</th>
                        <th />
                    </tr>
                </thead>
                <tbody>
                    {trial.variants.map((variant) => (
                        <tr
                            key={variant.entry}
                            className={`border-t border-line align-top ${variant.variant === trial.winner ? 'bg-tint' : ''}`}
                        >
                            <th scope="row" className="py-2 pr-2 text-lg font-bold">
                                {variant.variant}
                            </th>
                            <td className="py-2 pr-2">{variant.conditions}</td>
                            <td className="py-2 pr-2">
                                {variant.found}
                                {variant.figure && <b className="block text-lg">{variant.figure}</b>}
                            </td>
                            <td className="py-2 pr-2 text-quiet">
                                {variant.by}, {dayKey(variant.at, job.zone)}{' '}
                                <StrikeOut job={job.number} entry={variant.entry} what={variant.variant} />
                            </td>
                            <td className="py-1">
                                {variant.variant === trial.winner ? (
                                    <b>stays: {trial.because}</b>
                                ) : (
                                    <Stays job={job} trial={trial.trial} variant={variant.variant} />
                                )}
                            </td>
                        </tr>
                    ))}
                </tbody>
            </table>
        </section>
    )
}

function Stays({ job, trial, variant }: { job: Job; trial: string; variant: string }) {
    const { typed, setTyped, enter, isSending, refusal } = useEntering(
        job.number,
        `stays:${trial}:${variant}`,
        { because: '' },
        'closing',
    )
    return (
        <form
            aria-label={`${variant} stays`}
            className="flex gap-2"
            onSubmit={(event) => {
                event.preventDefault()
                if (typed.because.trim() !== '' && !isSending) {
                    void enter(
                        'trial_decided',
                        { trial, variant, because: typed.because.trim() },
                        `${trial}: ${variant} stays`,
                    )
                }
            }}
        >
            <input
                className="input h-12 w-40"
                placeholder="because"
                aria-label={`Why ${variant} stays`}
                value={typed.because}
                onChange={(event) => setTyped({ because: event.target.value })}
            />
            <button type="submit" className="btn h-12 px-3" disabled={isSending}>
                It stays
            </button>
            <Refused refusal={refusal} />
        </form>
    )
}
