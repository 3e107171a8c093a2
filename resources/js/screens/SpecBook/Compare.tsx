import { useQuery } from '@tanstack/react-query'
import { useState } from 'react'
import { call, type Schemas } from '../../app/api'
import { plural } from '../../app/format'
import { Differences } from '../../parts/Differences'

type Sheet = Schemas['Sheet']

/** The versions of a sheet and every other engine: what is different from any of them. */
export function Compare({ sheet, sheets }: { sheet: Sheet; sheets: Sheet[] }) {
    const [from, setFrom] = useState<{ key: string; name: string } | null>(null)
    const { data } = useQuery({
        queryKey: ['differences', sheet.slug, sheet.version, from?.key],
        queryFn: () =>
            call<Schemas['Difference'][]>('GET', `/sheets/${sheet.slug}/differences?from=${from?.key ?? ''}`),
        enabled: from !== null,
    })
    return (
        <section aria-label="Versions" className="mt-5">
            <h3 className="font-bold">Versions</h3>
            {sheet.versions.map((version) => (
                <p key={version.version} className="flex min-h-12 items-center gap-4 border-t border-line py-1">
                    <span>
                        version {version.version}, {version.at}
                        <span className="text-quiet">
                            {version.jobs > 0 ? `, kept by ${plural(version.jobs, 'job')}` : ', no job'}
                        </span>
                    </span>
                    {version.version !== sheet.version && (
                        <button
                            type="button"
                            className="underline"
                            onClick={() =>
                                setFrom({ key: String(version.version), name: `version ${version.version}` })
                            }
                        >
                            what has changed since
                        </button>
                    )}
                </p>
            ))}
            <label className="mt-2 flex flex-wrap items-center gap-2">
                Beside another engine
                <select
                    className="h-12 rounded-field border border-line bg-base-100 px-3"
                    value={from?.key ?? ''}
                    onChange={({ target }) =>
                        setFrom(
                            target.value === ''
                                ? null
                                : { key: target.value, name: target.selectedOptions[0]?.text ?? '' },
                        )
                    }
                >
                    <option value="">none</option>
                    {sheets
                        .filter((each) => each.slug !== sheet.slug)
                        .map((each) => (
                            <option key={each.slug} value={each.slug}>
                                {each.title}
                            </option>
                        ))}
                </select>
            </label>
            {from && data && (
                <Differences
                    title={`Different from ${from.name}`}
                    differences={data}
                    before={from.name}
                    after={sheet.title}
                />
            )}
        </section>
    )
}
