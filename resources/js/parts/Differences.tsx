import type { Schemas } from '../app/api'

/** Fact by fact what two sheets have otherwise. */
export function Differences({
    title,
    differences,
    before,
    after,
}: {
    title: string
    differences: Schemas['Difference'][]
    before: string
    after: string
}) {
    return (
        <section aria-label={title} className="mt-4">
            <h3 className="font-bold">{title}</h3>
            {differences.length === 0 ? (
                <p>Nothing is different.</p>
            ) : (
                <table className="mt-1 w-full text-left">
                    <thead className="text-sm text-quiet">
                        <tr>
                            <th className="py-1 pr-4 font-normal">where</th>
                            <th className="py-1 pr-4 font-normal">{before}</th>
                            <th className="py-1 font-normal">{after}</th>
                        </tr>
                    </thead>
                    <tbody>
                        {differences.map((each) => (
                            <tr key={each.where} className="border-t border-line align-top">
                                <td className="py-1.5 pr-4">{each.where}</td>
                                <td className="py-1.5 pr-4 text-quiet">{each.before ?? '–'}</td>
                                <td className="py-1.5 font-bold">{each.after ?? '–'}</td>
                            </tr>
                        ))}
                    </tbody>
                </table>
            )}
        </section>
    )
}
