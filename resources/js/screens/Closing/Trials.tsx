import type { Job, Schemas } from '../../app/api'
import { dayKey } from '../../app/format'
import type { Closing } from '../../app/useBenches'
import { EntryForm } from '../../parts/EntryForm'
import { StrikeOut } from '../../parts/StrikeOut'

const wide = (label: string, placeholder: string) => ({ label, placeholder, className: '' })

const FIELDS = {
    trial: wide('What is tried', 'Head insert, reed, main jet, gasket'),
    variant: wide('Variant', '12.2 cm³'),
    conditions: wide('Conditions', '4 °C, dry, same hill'),
    found: wide('What came of it', 'pulls from low down, no pinking'),
    figure: wide('A figure', '1180 kPa'),
}

/** Variants tried against each other, under which conditions, and why one of them stays. */
export function Trials({ job, closing }: { job: Job; closing: Closing }) {
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
            <EntryForm
                job={job.number}
                kind="trial_made"
                keep="trial"
                bench="closing"
                name="A variant tried"
                className="mt-4 grid items-end gap-2 border-t-2 border-base-content pt-2 md:grid-cols-[repeat(5,minmax(0,1fr))_auto]"
                said={{}}
                fields={FIELDS}
                words={({ trial, variant, found }) => `${trial}, ${variant}: ${found}`}
                button="Tried"
                isNext
            />
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
    return (
        <EntryForm
            job={job.number}
            kind="trial_decided"
            keep={`stays:${trial}:${variant}`}
            bench="closing"
            name={`${variant} stays`}
            className="flex items-end gap-2"
            said={{ trial, variant }}
            fields={{ because: { label: `Why ${variant} stays`, className: 'w-40' } }}
            words={() => `${trial}: ${variant} stays`}
            button="It stays"
        />
    )
}
