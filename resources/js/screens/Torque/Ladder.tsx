import { doneIn, type Pass, type Run } from './run'

/** The stages one above the other, each with how far it has come. */
export function Ladder({ passes, run }: { passes: Pass[]; run: Run | null }) {
    return (
        <section aria-label="Stages">
            <h2 className="font-bold">Stages</h2>
            <ol className="mt-1 space-y-1.5">
                {passes.map((pass, index) => {
                    const stage = index + 1
                    const isNow = run?.next?.stage === stage || (run?.next === null && run?.asked?.stage === stage)
                    const done = run ? doneIn(run, stage).length : 0
                    const isNewGroup = index > 0 && passes[index - 1]?.group !== pass.group
                    return (
                        // biome-ignore lint/suspicious/noArrayIndexKey: stages have no other name
                        <li key={index}>
                            {isNewGroup && <p className="mt-2 text-sm text-quiet">then {pass.name.toLowerCase()}</p>}
                            <div
                                aria-current={isNow ? 'step' : undefined}
                                className={`flex min-h-11 items-center gap-3 rounded-field border px-3 ${
                                    isNow ? 'border-2 border-primary bg-tint' : 'border-line bg-base-100'
                                }`}
                            >
                                <b className={`w-5 ${isNow ? 'text-primary' : ''}`}>{stage}</b>
                                <span className="flex-1 leading-tight font-bold">{pass.words}</span>
                                {run && (
                                    <span className="text-sm whitespace-nowrap text-quiet">
                                        {done === pass.order.length ? '✓ ' : ''}
                                        {done} of {pass.order.length}
                                    </span>
                                )}
                            </div>
                        </li>
                    )
                })}
            </ol>
        </section>
    )
}
