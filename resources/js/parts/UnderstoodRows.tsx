interface Row {
    line: number
    understood: string | null
    refused: string | null
    what?: string
}

/** What was understood of each line, or why nothing was. */
export function UnderstoodRows({ rows, className }: { rows: Row[]; className: string }) {
    return (
        <ol aria-live="polite" className={className}>
            {rows.map((row) => (
                <li key={row.line} className="border-t border-line py-1.5 leading-snug">
                    {row.understood ?? (
                        <span className="font-bold text-error">
                            <span aria-hidden="true">✕ </span>
                            line {row.line}
                            {row.what === undefined ? '' : `, ${row.what || 'nothing'}`}: {row.refused}
                        </span>
                    )}
                </li>
            ))}
        </ol>
    )
}
