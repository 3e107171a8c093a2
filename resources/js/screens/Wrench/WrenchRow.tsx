import type { ReactNode } from 'react'
import type { Tool } from '../../app/api'
import { dayAndYear } from '../../app/format'
import { useCalculation } from '../../app/useCalculation'
import type { Setting } from './wanted'

/** One wrench of the shop: what would be set on it, or why it cannot be used. */
export function WrenchRow({
    tool,
    document,
    first,
    children,
}: {
    tool: Tool
    document: unknown
    first: boolean
    children: ReactNode
}) {
    const { answer, refusal } = useCalculation<Setting>('wrench-setting', document)
    return (
        <li
            className={`grid items-center gap-x-5 gap-y-1 border-t py-2 md:grid-cols-[1fr_9rem_1fr] ${first ? 'border-t-2 border-base-content' : 'border-line'}`}
        >
            <div className="leading-tight">
                <p className={first ? 'font-bold' : ''}>{tool.name}</p>
                <p className={`text-sm ${tool.isOverdue ? 'font-bold text-error' : 'text-quiet'}`}>
                    {tool.range}, steps of {tool.resolution}
                    {tool.nextCheck &&
                        `; ${tool.isOverdue ? 'check was due' : 'checked until'} ${dayAndYear(tool.nextCheck)}`}
                </p>
            </div>
            {children}
            <div className="leading-tight">
                {refusal && <p className="text-sm">✕ {why(refusal)}</p>}
                {answer && (
                    <>
                        <p>
                            <b className="text-2xl">{answer.dial_text}</b>{' '}
                            <span className="text-sm">gives {answer.delivered.value.toFixed(1)} N·m</span>
                        </p>
                        {!answer.inside && (
                            <p className="text-sm font-bold">Its steps are too coarse to land inside.</p>
                        )}
                        {answer.cautions.map((caution) => (
                            <p key={caution} className="text-sm">
                                ⚠ {caution}
                            </p>
                        ))}
                    </>
                )}
            </div>
        </li>
    )
}

const why = (refusal: { field: string; message: string }): string =>
    refusal.field === 'wrench.length' ? 'With an adapter its length from hand to square is needed.' : refusal.message
