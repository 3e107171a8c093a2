import type { Tool } from '../../app/api'
import { Choice } from '../../parts/Choice'
import { Figure } from '../../parts/Figure'
import { millimetres, type PartOfWanted } from './wanted'

/** What is on the square: its length from square to bolt, and the angle it makes with the handle. */
export function Adapter({ wanted, adapters, onChange, wrong }: PartOfWanted & { adapters: Tool[] }) {
    return (
        <fieldset>
            <legend className="font-bold">Adapter</legend>
            {adapters.length > 0 && (
                <div className="my-1">
                    <Choice
                        label="Adapter of the toolbox"
                        options={[
                            ['', 'none'],
                            ...adapters.map((tool): [string, string] => [millimetres(tool.length), tool.name]),
                        ]}
                        chosen={wanted.adapter}
                        onChoose={(length) => onChange({ adapter: length })}
                    />
                </div>
            )}
            <Figure
                label="Length of the adapter"
                shown="square to bolt; empty without one"
                unit="mm"
                value={wanted.adapter}
                onChange={(adapter) => onChange({ adapter })}
                wrong={wrong}
            />
            {wanted.adapter.trim() !== '' && (
                <label className="mt-2 block">
                    <span className="block text-sm text-quiet">
                        angle to the handle: straight out 0°, square 90°{' '}
                        <b className="text-base-content">{wanted.angle}°</b>
                    </span>
                    <input
                        type="range"
                        aria-label="Angle of the adapter"
                        className="mt-1 h-12 w-full accent-base-content"
                        min={0}
                        max={180}
                        step={5}
                        value={wanted.angle}
                        onChange={(event) => onChange({ angle: Number(event.target.value) })}
                    />
                </label>
            )}
        </fieldset>
    )
}
