import type { Schemas } from '../app/api'

type Name = Schemas['Errand']['name']

/** What a machine is brought for: several together, each with what it does and opens. */
export function ErrandPicker({
    offered,
    chosen,
    onChange,
}: {
    offered: Schemas['Errand'][]
    chosen: Name[]
    onChange: (errands: Name[]) => void
}) {
    const turn = (name: Name) =>
        onChange(chosen.includes(name) ? chosen.filter((each) => each !== name) : [...chosen, name])
    return (
        <div className="mt-1 grid gap-2 sm:grid-cols-2">
            {offered.map(({ name, words }) => (
                <label
                    key={name}
                    className={`flex min-h-13 cursor-pointer items-center gap-3 rounded-field border-2 px-3 py-1.5 ${chosen.includes(name) ? 'border-base-content' : 'border-line'}`}
                >
                    <input
                        type="checkbox"
                        className="size-5 shrink-0"
                        checked={chosen.includes(name)}
                        onChange={() => turn(name)}
                    />
                    <span className="leading-tight">
                        <b>{name}</b>
                        <span className="block text-sm text-quiet">{words}</span>
                    </span>
                </label>
            ))}
        </div>
    )
}
