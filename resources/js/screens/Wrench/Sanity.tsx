import { type Quantity, useCalculation } from '../../app/useCalculation'
import { Choice } from '../../parts/Choice'
import type { PartOfWanted } from './wanted'

interface Likely {
    preload: Quantity
    guide: Quantity
    ratio: number
    doubtful: boolean
    perhaps: string | null
}

const CLASSES = ['8.8', '10.9', '12.9', 'A2-70'].map((said): [string, string] => [said, said])
const CONDITIONS: [string, string][] = [
    ['dry', 'dry'],
    ['oiled', 'oiled'],
    ['anti-seize', 'anti-seize'],
]

/** Whether the figure can be meant for this bolt: a misread unit is found before it is pulled. */
export function Sanity({ wanted, onChange }: Omit<PartOfWanted, 'wrong'>) {
    const { thread = '', strength = '8.8', condition = 'oiled' } = wanted
    const figure = (wanted.to.trim() || wanted.from.trim()).replace(',', '.')
    const { answer, refusal } = useCalculation<Likely>(
        'torque-sanity',
        thread.trim() === '' || figure === ''
            ? null
            : { torque: `${figure} ${wanted.unit}`, thread, class: strength, condition },
    )
    return (
        <fieldset>
            <legend className="font-bold">Can it be meant for this bolt?</legend>
            <label className="block">
                <span className="block text-sm text-quiet">thread; empty to leave this out</span>
                <input
                    aria-label="Thread"
                    placeholder="M8x1.25"
                    aria-invalid={refusal?.field === 'thread'}
                    className={`h-12 w-36 rounded-field border bg-base-100 px-2 text-lg font-bold placeholder:font-normal placeholder:text-quiet ${refusal?.field === 'thread' ? 'border-error' : 'border-base-content'}`}
                    value={thread}
                    onChange={(event) => onChange({ thread: event.target.value })}
                />
            </label>
            {thread.trim() !== '' && (
                <div className="mt-2 space-y-2">
                    <Choice
                        label="Strength class"
                        options={CLASSES}
                        chosen={strength}
                        onChoose={(chosen) => onChange({ strength: chosen })}
                    />
                    <Choice
                        label="Condition of the thread"
                        options={CONDITIONS}
                        chosen={condition}
                        onChoose={(chosen) => onChange({ condition: chosen })}
                    />
                    <p role="status" className={answer?.doubtful || refusal ? 'font-bold text-error' : ''}>
                        {refusal?.field === 'thread' && refusal.message}
                        {answer && <Said answer={answer} figure={`${figure} ${wanted.unit}`} />}
                    </p>
                </div>
            )}
        </fieldset>
    )
}

function Said({ answer, figure }: { answer: Likely; figure: string }) {
    const guide = `${answer.guide.value.toFixed(answer.guide.value < 20 ? 1 : 0)} N·m`
    if (!answer.doubtful) {
        return (
            <>
                ✓ It can: three quarters of what the bolt bears is near <b>{guide}</b>; here it holds{' '}
                {(answer.preload.value / 1000).toFixed(1)} kN.
            </>
        )
    }
    return (
        <>
            ⚠ {figure} is {answer.ratio > 1 ? 'far too much' : 'very little'} for this bolt; near {guide} would be
            usual.
            {answer.perhaps && ` Was it printed in ${answer.perhaps}?`} Look in the service manual again.
        </>
    )
}
