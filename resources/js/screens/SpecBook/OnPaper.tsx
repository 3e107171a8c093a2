import { useQuery } from '@tanstack/react-query'
import { call, type Schemas } from '../../app/api'
import { NamedStack } from '../../drawings/NamedStack'

/** What a printed sheet has beside its tables: the engine with the names of its slabs, and what the sheet says in short. */
export function OnPaper({ sheet }: { sheet: Schemas['Sheet'] }) {
    const { data } = useQuery({
        queryKey: ['sheet-draft', sheet.version, sheet.document],
        queryFn: () => call<Schemas['SheetDraft']>('POST', '/sheets/draft', { document: sheet.document }),
        staleTime: Number.POSITIVE_INFINITY,
        retry: false,
    })
    const document = JSON.parse(sheet.document) as { slabs?: { id: string; name: string }[] }
    if (!data?.drawn) {
        return null
    }
    return (
        <section aria-label="In short" className="hidden gap-6 print:grid print:grid-cols-[7.5cm_1fr]">
            <NamedStack
                drawn={data.drawn}
                names={new Map((document.slabs ?? []).map((slab) => [slab.id, slab.name]))}
            />
            <div className="text-sm">
                <ul>
                    {data.says.slice(2).map((each) => (
                        <li key={each} className="border-b border-line py-0.5 first-letter:uppercase">
                            {each}
                        </li>
                    ))}
                </ul>
                {data.lacks.length > 0 && (
                    <>
                        <p className="mt-2 font-bold">It does not say</p>
                        <ul>
                            {data.lacks.map((each) => (
                                <li key={each} className="border-b border-line py-0.5 first-letter:uppercase">
                                    {each}
                                </li>
                            ))}
                        </ul>
                    </>
                )}
            </div>
        </section>
    )
}
