import { create } from 'qrcode'

const QUIET = 4

/** A square that a camera reads, drawn module by module, with white around it. */
export function QrCode({ text, label, className }: { text: string; label: string; className?: string }) {
    const { modules } = create(text, { errorCorrectionLevel: 'M' })
    const rows = Array.from({ length: modules.size }, (_, row) =>
        Array.from({ length: modules.size }, (_, column) =>
            modules.get(row, column) ? `M${column + QUIET} ${row + QUIET}h1v1h-1z` : '',
        ).join(''),
    )
    const side = modules.size + 2 * QUIET
    return (
        <svg viewBox={`0 0 ${side} ${side}`} role="img" aria-label={label} className={className}>
            <path d={`M0 0h${side}v${side}h-${side}z`} fill="#fff" />
            <path d={rows.join('')} fill="#000" shapeRendering="crispEdges" />
        </svg>
    )
}
