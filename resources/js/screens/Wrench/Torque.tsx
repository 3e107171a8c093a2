import { TYPED_UNITS } from '../../app/words'
import { Choice } from '../../parts/Choice'
import { Figure } from '../../parts/Figure'
import type { PartOfWanted } from './wanted'

const each = (said: string): [string, string] => [said, said]
const UNITS = TYPED_UNITS.torque.map(each)
const AIMS = ['low', 'middle', 'high'].map(each)

/** The torque as the manual prints it: one figure or a range, in its own unit, and where in a range one aims. */
export function Torque({ wanted, onChange, wrong }: PartOfWanted) {
    return (
        <fieldset>
            <legend className="font-bold">Torque wanted</legend>
            <div className="mt-1 flex gap-3">
                <Figure
                    label="Torque"
                    shown="figure, or from"
                    unit=""
                    value={wanted.from}
                    onChange={(from) => onChange({ from })}
                    wrong={wrong}
                />
                <Figure
                    label="Up to"
                    shown="to, if a range"
                    unit={wanted.unit}
                    value={wanted.to}
                    onChange={(to) => onChange({ to })}
                />
            </div>
            <div className="mt-2 space-y-2">
                <Choice label="Unit" options={UNITS} chosen={wanted.unit} onChoose={(unit) => onChange({ unit })} />
                {wanted.to.trim() !== '' && (
                    <Choice label="Aim" options={AIMS} chosen={wanted.aim} onChoose={(aim) => onChange({ aim })} />
                )}
            </div>
        </fieldset>
    )
}
