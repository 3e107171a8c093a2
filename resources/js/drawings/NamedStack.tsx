import type { Schemas } from '../app/api'
import { StackDrawing } from './StackDrawing'
import { layoutStack } from './stackLayout'

const WIDTH = 250
const NAMES = 150

/** An engine as it stands by its sheet; its slabs bear their names where they are to be read or touched. */
export function NamedStack({
    drawn,
    names,
    onSlab,
}: {
    drawn: Schemas['FirstSheet']
    /** By slab; without them the engine stands alone. */
    names?: Map<string, string>
    onSlab?: (slab: string) => void
}) {
    const layout = layoutStack(drawn.drawing, drawn.slabs, WIDTH, () => 24, { tallest: 130 })
    const isVee = layout.banks.length > 0
    return (
        <svg
            viewBox={`0 0 ${layout.width + (names ? NAMES : 0)} ${layout.height}`}
            className="max-h-[68dvh] w-full"
            role="img"
            aria-label={`${drawn.description}, drawn`}
        >
            <StackDrawing drawing={drawn.drawing} layout={layout} selected={null} weight={1.5} />
            {names &&
                layout.rows.flatMap((row) =>
                    row.slabs.map((slab, at) => {
                        const y = row.y + (row.height * (at + 0.5)) / row.slabs.length
                        return (
                            <g key={slab.id} {...(onSlab ? touched(() => onSlab(slab.id)) : {})}>
                                <rect
                                    x={at === 0 ? 0 : layout.width}
                                    y={row.y}
                                    width={layout.width + NAMES}
                                    height={row.height}
                                    fill="transparent"
                                />
                                <path
                                    d={`M${isVee ? layout.width - 8 : layout.right + 4} ${y}H${layout.width + 6}`}
                                    className="stroke-line"
                                    strokeWidth="1.2"
                                />
                                <text fontSize="11.5" className="fill-base-content">
                                    {inLines(names.get(slab.id) ?? slab.id).map((line, index, lines) => (
                                        <tspan
                                            key={line}
                                            x={layout.width + 10}
                                            y={y + 4 + (index - (lines.length - 1) / 2) * 12}
                                        >
                                            {line}
                                        </tspan>
                                    ))}
                                </text>
                            </g>
                        )
                    }),
                )}
        </svg>
    )
}

/** What makes a part of a drawing a button. */
const touched = (onTouch: () => void) => ({
    role: 'button',
    tabIndex: 0,
    className: 'cursor-pointer',
    onClick: onTouch,
    onKeyDown: (event: { key: string }) => event.key === 'Enter' && onTouch(),
})

const LONGEST = 22

/** A long name in two lines, parted where a word ends. */
function inLines(name: string): string[] {
    const at = name.length <= LONGEST ? -1 : name.lastIndexOf(' ', LONGEST)
    return at < 0 ? [name] : [name.slice(0, at), name.slice(at + 1)]
}
