import { type CSSProperties, memo, useRef } from 'react'
import type { Job, Schemas } from '../../app/api'
import { useWidth } from '../../app/useWidth'
import { CylinderRow } from '../../drawings/CylinderRow'
import { FrameDrawing } from '../../drawings/FrameDrawing'
import { StackDrawing } from '../../drawings/StackDrawing'
import { layoutStack, type Row, type StackSlab, waterline } from '../../drawings/stackLayout'
import { VERDICT_COUNT, VerdictMark } from '../../drawings/VerdictMark'

/** The engine as a column: touch a slab, work on it. */
export const Stack = memo(function Stack({
    job,
    selected,
    cylinder,
    onSelect,
}: {
    job: Job
    selected: string
    /** The cylinder in hand, which stands for its row where there are more than the column has room for. */
    cylinder: string | null
    onSelect: (slab: string) => void
}) {
    const column = useRef<HTMLElement>(null)
    const width = Math.min(340, useWidth(column, 264))
    const inColumns = job.stack.slabs.some((slab) => slab.column !== null)
    const drawn = inColumns ? width : Math.round(width * 0.53)
    const slabs = new Map(job.stack.slabs.map((slab) => [slab.id, slab]))
    const drawing = enlarged(job.engine.drawing, cylinder)
    const layout = layoutStack(
        drawing,
        job.stack.slabs,
        drawn,
        (slab) => (inColumns ? 0 : leastHeight(slabs.get(slab.id), width < 230)),
        {
            tallest: inColumns ? 120 : 170,
            below: (slab) => (inColumns ? written(slabs.get(slab.id)) : 0),
            togetherUpTo: job.stack.togetherUpTo,
            strip: 22,
        },
    )
    const line = waterline(layout, job.stack.togetherUpTo)
    return (
        <nav ref={column} aria-label="The engine, from the top" className="min-h-0 overflow-y-auto bg-base-300 pt-2">
            {drawing !== job.engine.drawing && (
                <CylinderRow drawing={job.engine.drawing} shown={drawing.cylinders[0]?.id ?? ''} />
            )}
            {inFrame(job) && <FrameDrawing width={drawn} />}
            <div className="relative" style={{ height: layout.height }}>
                {layout.rows.flatMap((row) =>
                    row.slabs.map((each) => {
                        const slab = slabs.get(each.id)
                        return (
                            slab && (
                                <SlabButton
                                    key={slab.id}
                                    slab={slab}
                                    place={placeOf(row, each, width, drawn, inColumns)}
                                    selected={slab.id === selected}
                                    onSelect={() => onSelect(slab.id)}
                                />
                            )
                        )
                    }),
                )}
                <svg
                    width={width}
                    height={layout.height}
                    className="pointer-events-none absolute inset-0 text-base-content"
                    aria-hidden="true"
                >
                    <StackDrawing drawing={drawing} layout={layout} selected={selected} />
                    {line !== null && (
                        <path
                            d={`M4 ${line - 3}H${width - 4}`}
                            className="stroke-primary"
                            strokeWidth="2"
                            strokeDasharray="3 3"
                        />
                    )}
                </svg>
                {line !== null && (
                    <p
                        className="pointer-events-none absolute right-2 -translate-y-full text-xs font-bold text-primary"
                        style={{ top: line - 4 }}
                    >
                        together to here
                    </p>
                )}
            </div>
            <p className="px-3 pt-2 pb-4 text-sm text-quiet">
                {job.engine.facts}
                {inFrame(job) && ' · worked on in the frame'}
            </p>
        </nav>
    )
})

/** More than two in a row are too small to read beside each other: the one in hand is drawn for all of them. */
function enlarged(drawing: Schemas['Drawing'], cylinder: string | null): Schemas['Drawing'] {
    if (drawing.form === 'vee' || drawing.cylinders.length < 3) {
        return drawing
    }
    const one = drawing.cylinders.find((each) => each.id === cylinder) ?? drawing.cylinders[0]
    return one ? { ...drawing, cylinders: [one] } : drawing
}

const inFrame = (job: Job) =>
    job.planning.schools.some((school) => school.matter === 'worked' && school.chosen === 'in the frame')

/** Room for the name, the state and one line a kind of verdict. */
function leastHeight(slab: Schemas['Slab'] | undefined, narrow: boolean): number {
    const lines = (slab?.verdicts.length ?? 0) + (slab && slab.toDo > 0 ? 1 : 0)
    if (slab?.drawnAs === 'barrel') {
        return narrow ? 112 + lines * 32 : 92 + lines * 22
    }
    const counts = slab?.verdicts.length ?? 0
    return (narrow ? 74 : 62) + counts * 24
}

/** Where a slab is touched: across the column, or, of a V, the half in which its bank leans. */
function placeOf(row: Row, slab: StackSlab, width: number, drawn: number, inColumns: boolean): CSSProperties {
    if (!inColumns) {
        return { top: row.y, height: row.height, left: 4, right: 4, paddingLeft: drawn + 4, justifyContent: 'center' }
    }
    const half = row.slabs.length > 1
    const right = half && slab.column === 0
    return {
        top: row.y,
        height: row.height,
        left: right ? width / 2 + 2 : 4,
        width: half ? width / 2 - 6 : width - 8,
        padding: '0 8px 6px',
        justifyContent: 'flex-end',
        alignItems: right || !half ? 'flex-end' : 'flex-start',
        textAlign: right || !half ? 'right' : 'left',
    }
}

/** What a slab's words take under its part, in half the column. */
function written(slab: Schemas['Slab'] | undefined): number {
    const names = Math.ceil((slab?.name.length ?? 0) / (slab?.column === null ? 28 : 13))
    const lines = (slab?.verdicts.length ?? 0) + (slab && slab.toDo > 0 && slab.drawnAs === 'barrel' ? 1 : 0)
    return 32 + names * 18 + lines * 23
}

function SlabButton({
    slab,
    place,
    selected,
    onSelect,
}: {
    slab: Schemas['Slab']
    place: CSSProperties
    selected: boolean
    onSelect: () => void
}) {
    return (
        <button
            type="button"
            aria-current={selected}
            onClick={onSelect}
            style={place}
            className={`absolute flex flex-col rounded-md border-3 pr-1 text-left ${
                selected ? 'border-primary bg-tint' : 'border-transparent hover:border-line'
            }`}
        >
            <span className={`text-[0.92rem] leading-tight ${selected ? 'font-bold' : ''}`}>{slab.name}</span>
            <span className="text-sm leading-tight text-quiet">{slab.lies}</span>
            {slab.verdicts.map((verdict) => (
                <span key={verdict.state} className="mt-1 flex items-center gap-1.5 text-sm leading-tight">
                    <VerdictMark state={verdict.state} size={16} />
                    {verdict.count} {VERDICT_COUNT[verdict.state]}
                </span>
            ))}
            {slab.toDo > 0 && slab.drawnAs === 'barrel' && (
                <span className="mt-1 flex items-center gap-1.5 text-sm leading-tight">
                    <VerdictMark state={null} size={16} />
                    {slab.toDo} to do
                </span>
            )}
        </button>
    )
}
