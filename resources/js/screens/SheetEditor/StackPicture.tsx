import { StackDrawing } from '../../drawings/StackDrawing'
import { layoutStack } from '../../drawings/stackLayout'
import type { Draft } from './useSheetEditor'

const WIDTH = 250
const NAMES = 150

/** The engine as it stands by what is typed, each slab with its name; touched, its line is gone to. */
export function StackPicture({
    drawn,
    names,
    onSlab,
}: {
    drawn: NonNullable<Draft['drawn']>
    names: Map<string, string>
    onSlab?: (slab: string) => void
}) {
    const layout = layoutStack(drawn.drawing, drawn.slabs, WIDTH, () => 24, { tallest: 130 })
    const isVee = layout.banks.length > 0
    return (
        <svg
            viewBox={`0 0 ${layout.width + (onSlab ? NAMES : 0)} ${layout.height}`}
            className="max-h-[68dvh] w-full"
            role="img"
            aria-label={`${drawn.description}, drawn`}
        >
            <StackDrawing drawing={drawn.drawing} layout={layout} selected={null} weight={1.5} />
            {onSlab &&
                layout.rows.flatMap((row) =>
                    row.slabs.map((slab, at) => {
                        const y = row.y + (row.height * (at + 0.5)) / row.slabs.length
                        return (
                            // biome-ignore lint/a11y/useSemanticElements: it lies within a drawing
                            <g
                                key={slab.id}
                                role="button"
                                tabIndex={0}
                                className="cursor-pointer"
                                onClick={() => onSlab(slab.id)}
                                onKeyDown={(event) => event.key === 'Enter' && onSlab(slab.id)}
                            >
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

const LONGEST = 22

/** A long name in two lines, parted where a word ends. */
function inLines(name: string): string[] {
    const at = name.length <= LONGEST ? -1 : name.lastIndexOf(' ', LONGEST)
    return at < 0 ? [name] : [name.slice(0, at), name.slice(at + 1)]
}
