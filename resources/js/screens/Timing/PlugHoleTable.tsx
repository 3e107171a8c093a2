import type { Ways } from './ways'

const LAST = 40

/** The piston's way and the dial's reading for each degree before the top: to be printed and kept with the engine. */
export function PlugHoleTable({ ways }: { ways: Ways }) {
    const rows = ways.at.slice(0, LAST + 1)
    const column = Math.ceil(rows.length / 3)
    return (
        <section aria-label="Plug-hole table" className="border-t-2 border-base-content pt-1 print:break-before-page">
            <h2 className="font-bold">Plug-hole table: degrees from the top against the piston’s way</h2>
            <div className="mt-1 grid items-start gap-x-10 sm:grid-cols-3 lg:grid-cols-2 print:grid-cols-3">
                {[0, 1, 2].map((part) => (
                    <table key={part} className="w-full text-right">
                        <thead>
                            <tr className="text-sm text-quiet">
                                <th className="text-left font-normal">°</th>
                                <th className="font-normal">mm</th>
                                <th className="font-normal">in</th>
                                <th className="font-normal">dial, mm</th>
                            </tr>
                        </thead>
                        <tbody>
                            {rows.slice(part * column, (part + 1) * column).map((row) => (
                                <tr key={row.degrees.value} className="border-t border-line">
                                    <th scope="row" className="text-left font-bold">
                                        {row.degrees.value.toFixed(0)}
                                    </th>
                                    <td>{row.below_tdc.value.toFixed(2)}</td>
                                    <td>{(row.below_tdc.value / 25.4).toFixed(4)}</td>
                                    <td>{row.dial.value.toFixed(2)}</td>
                                </tr>
                            ))}
                        </tbody>
                    </table>
                ))}
            </div>
        </section>
    )
}
