import type { Schemas } from '../../app/api'
import type { Thickness } from '../../app/useThickness'
import { MovedRuler } from '../../drawings/MovedRuler'
import { VerdictMark } from '../../drawings/VerdictMark'

/** Everything that thickness moves: as it is, and as it would be, each against its limit. */
export function Figures({ stack, moved }: { stack: Thickness; moved: boolean }) {
    return (
        <section aria-label="What it makes of everything">
            <p className="flex items-center gap-4 text-sm text-quiet">
                <span>
                    <Triangle /> as it is
                </span>
                <span>
                    <Bar /> {moved ? 'with these pieces' : 'the same, until you try other pieces'}
                </span>
            </p>
            {!stack.figures.some((figure) => figure.key === 'squish' || figure.key === 'deck') && (
                <p className="border-t border-line py-1 leading-snug">
                    Neither deck nor squish is limited on this sheet, and neither is read: read on the barrel’s page,
                    they stand here.
                </p>
            )}
            <ul>
                {stack.figures.map((figure) => (
                    <Figure key={figure.key} figure={figure} />
                ))}
            </ul>
        </section>
    )
}

function Figure({ figure }: { figure: Schemas['StackFigure'] }) {
    const after = figure.words ?? figure.after?.toFixed(figure.decimals)
    const changed =
        figure.before !== null &&
        figure.after !== null &&
        Math.abs(figure.after - figure.before) > 0.5 * 10 ** -figure.decimals
    return (
        <li className="grid grid-cols-[minmax(0,1fr)_9.5rem] items-center gap-x-3 border-t border-line py-1">
            <div className="min-w-0">
                <p className="flex items-center gap-1.5 text-sm leading-tight">
                    {figure.verdict && <VerdictMark state={figure.verdict.state} size={16} />}
                    <b>{figure.name}</b>
                    {figure.fromBelow && <span className="text-quiet">moved from below the barrel only</span>}
                </p>
                {figure.ruler ? (
                    <MovedRuler
                        ruler={figure.ruler}
                        was={figure.wasWhiskers}
                        decimals={figure.decimals}
                        label={`${figure.name}: ${after ?? 'not known'} ${unit(figure.unit)}, limit ${figure.limit}, ${figure.verdict?.words ?? ''}`}
                    />
                ) : (
                    <p className="text-sm leading-tight text-quiet">
                        {figure.note ?? (figure.limit ? `limit ${figure.limit}` : 'no limit on the sheet')}
                    </p>
                )}
                {figure.ruler && figure.note && <p className="text-sm leading-tight text-quiet">{figure.note}</p>}
            </div>
            <p className="text-right leading-none whitespace-nowrap">
                {changed && (
                    <span className="mr-1.5 text-sm text-quiet">{figure.before?.toFixed(figure.decimals)} →</span>
                )}
                <b className={(after?.length ?? 0) > 6 ? 'text-lg' : 'text-[1.7rem]'}>{after ?? '–'}</b>
                <span className="ml-1 text-sm text-quiet">{unit(figure.unit)}</span>
            </p>
        </li>
    )
}

const unit = (symbol: string) => (symbol === 'deg' ? '°' : symbol)

const Triangle = () => (
    <svg viewBox="0 0 14 12" className="inline h-3 w-3.5" aria-hidden="true">
        <path d="M1 1h12L7 11z" className="fill-base-100 stroke-base-content" strokeWidth="1.5" />
    </svg>
)

const Bar = () => (
    <svg viewBox="0 0 6 14" className="inline h-3.5 w-1.5" aria-hidden="true">
        <path d="M1 0h4v14h-4z" className="fill-base-content" />
    </svg>
)
