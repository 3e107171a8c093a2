import type { Schemas } from '../app/api'
import { StackDrawing } from './StackDrawing'
import { layoutStack, waterline } from './stackLayout'

/** The engine as a small stack with its waterline: how far it is together. */
export function MiniStack({ job }: { job: Schemas['FloorJob'] }) {
    const layout = layoutStack(job.drawing, job.slabs, 112, () => 7, { tallest: 48 })
    const line = waterline(layout, job.togetherUpTo)
    return (
        <svg
            viewBox={`0 0 ${layout.width} ${layout.height}`}
            className="h-full max-h-32 w-full"
            role="img"
            aria-label={`${job.title}, ${Math.round(job.progress * 100)} % of the measuring and fitting done`}
        >
            <StackDrawing drawing={job.drawing} layout={layout} selected={null} weight={1.25} />
            {line !== null && (
                <path
                    d={`M0 ${line}H${layout.width}`}
                    className="stroke-primary"
                    strokeWidth="1.6"
                    strokeDasharray="2 2.4"
                />
            )}
        </svg>
    )
}
