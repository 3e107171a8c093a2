import { type FormEvent, useState } from 'react'
import {
    type FastenerText,
    figureOf,
    type GroupText,
    orderOf,
    type ProgrammeText,
    printed,
    type StageText,
} from '../../app/sheetTorque'
import { commonOf, FastenerFields, withCommon } from './FastenerFields'

const KINDS: [string, string][] = [
    ['torque', 'to a torque'],
    ['angle', 'by an angle'],
    ['loosen', 'loosen'],
    ['snug', 'snug, no figure'],
    ['check', 'check pass'],
]

interface Row {
    kind: string
    figure: string
    how: string
    order: string
}

const rowOf = (stage: StageText): Row => ({
    kind: stage.kind,
    figure: printed(stage),
    how: stage.how ?? 'all',
    order: (stage.order ?? []).join(' ') || (stage.pattern ?? ''),
})

function stageOf(row: Row, before: StageText | undefined): StageText {
    return {
        kind: row.kind,
        ...figureOf(row.figure),
        ...(row.kind === 'loosen' ? { how: row.how } : {}),
        ...orderOf(row.order),
        ...(before?.between ? { between: before.between } : {}),
        ...(before?.note ? { note: before.note } : {}),
    }
}

/** A programme typed as the manual prints it, stage under stage. */
export function ProgrammeForm({
    group,
    onKeep,
}: {
    group: GroupText
    onKeep: (programme: ProgrammeText, bolts: FastenerText[]) => Promise<void>
}) {
    const stated = group.programme
    const [rows, setRows] = useState<Row[]>(
        stated?.stages?.map(rowOf) ?? [{ kind: 'torque', figure: '', how: 'all', order: '' }],
    )
    const [name, setName] = useState(stated?.name ?? '')
    const [source, setSource] = useState(stated?.source ?? '')
    const before = commonOf(group.bolts)
    const [common, setCommon] = useState(before)
    const [over, setOver] = useState(stated?.over ?? 'slacken and restart the stage')
    const change = (at: number, part: Partial<Row>) =>
        setRows(rows.map((row, index) => (index === at ? { ...row, ...part } : row)))
    const submit = (event: FormEvent) => {
        event.preventDefault()
        const programme = {
            group: group.group,
            ...(name.trim() === '' ? {} : { name: name.trim() }),
            stages: rows.map((row, index) => stageOf(row, stated?.stages?.[index])),
            source: source.trim(),
            over,
        }
        void onKeep(programme, withCommon(group.bolts, before, common))
    }
    const field = 'h-11 rounded-field border border-line bg-base-100 px-2'
    return (
        <form aria-label={`Programme of ${stated?.name ?? group.group}`} onSubmit={submit} className="space-y-2 py-2">
            <div className="flex flex-wrap gap-2">
                <input
                    aria-label="Name"
                    placeholder="name"
                    className={field}
                    value={name}
                    onChange={(event) => setName(event.target.value)}
                />
                <input
                    aria-label="Source"
                    placeholder="who says so"
                    className={`${field} min-w-56 flex-1`}
                    value={source}
                    onChange={(event) => setSource(event.target.value)}
                />
                <select
                    aria-label="Past its limit"
                    className={field}
                    value={over}
                    onChange={(event) => setOver(event.target.value)}
                >
                    <option>slacken and restart the stage</option>
                    <option>replace the fastener</option>
                </select>
            </div>
            <FastenerFields common={common} onChange={(part) => setCommon({ ...common, ...part })} />
            {rows.map((row, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: stages have no other name
                <div key={index} className="flex flex-wrap items-center gap-2">
                    <b className="w-5">{index + 1}</b>
                    <select
                        aria-label={`Stage ${index + 1}`}
                        className={field}
                        value={row.kind}
                        onChange={(event) => change(index, { kind: event.target.value })}
                    >
                        {KINDS.map(([kind, said]) => (
                            <option key={kind} value={kind}>
                                {said}
                            </option>
                        ))}
                    </select>
                    {row.kind === 'loosen' && (
                        <select
                            aria-label={`Stage ${index + 1}, how`}
                            className={field}
                            value={row.how}
                            onChange={(event) => change(index, { how: event.target.value })}
                        >
                            <option>all</option>
                            <option>one at a time</option>
                        </select>
                    )}
                    {row.kind !== 'snug' && (
                        <input
                            aria-label={`Stage ${index + 1}, figure`}
                            placeholder={row.kind === 'angle' ? '85 to 95 deg' : '24 N·m or 22 to 26 N·m'}
                            className={`${field} w-52 font-bold`}
                            value={row.figure}
                            onChange={(event) => change(index, { figure: event.target.value })}
                        />
                    )}
                    <input
                        aria-label={`Stage ${index + 1}, order`}
                        placeholder={index === 0 ? 'order: h1 h4 … or cross' : 'order: as before'}
                        className={`${field} min-w-40 flex-1`}
                        value={row.order}
                        onChange={(event) => change(index, { order: event.target.value })}
                    />
                    <button
                        type="button"
                        aria-label={`Take stage ${index + 1} out`}
                        className="size-11"
                        onClick={() => setRows(rows.filter((_, at) => at !== index))}
                    >
                        ✕
                    </button>
                </div>
            ))}
            <div className="flex gap-2">
                <button
                    type="button"
                    className="btn h-12"
                    onClick={() => setRows([...rows, { kind: 'torque', figure: '', how: 'all', order: '' }])}
                >
                    One more stage
                </button>
                <button type="submit" className="btn btn-primary h-12 px-6">
                    Keep as a new version
                </button>
            </div>
        </form>
    )
}
