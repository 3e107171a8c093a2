import { useState } from 'react'
import { Link } from 'react-router'
import type { Schemas } from '../../app/api'
import { figure } from '../../app/printed'
import {
    type FastenerText,
    fastenersCsv,
    finalOf,
    fromCsv,
    type GroupText,
    groupsOf,
    printed,
    programmesCsv,
    type SheetText,
    withFasteners,
    withProgramme,
} from '../../app/sheetTorque'
import { useCalculation } from '../../app/useCalculation'
import { useKeepSheet } from '../../app/useSheets'
import { BoltMap } from '../../drawings/BoltMap'
import { saveAs } from '../../parts/saveAs'
import { ProgrammeForm } from './ProgrammeForm'

/** The torque of a sheet: its groups of fasteners, each with its programme as the manual prints it and whether it can be meant. */
export function TorqueSection({ sheet }: { sheet: Schemas['Sheet'] }) {
    const { keep, error } = useKeepSheet()
    const [refused, setRefused] = useState('')
    const document = JSON.parse(sheet.document) as SheetText
    const groups = groupsOf(document)
    const store = (changed: SheetText) => keep(JSON.stringify(changed, null, 4))
    const readIn = async (file: File | undefined) => {
        try {
            setRefused('')
            if (file) {
                await store(fromCsv(document, await file.text()))
            }
        } catch (problem) {
            setRefused(problem instanceof Error ? problem.message : String(problem))
        }
    }
    const link = 'no-print inline-flex min-h-11 cursor-pointer items-center underline decoration-1 underline-offset-3'
    return (
        <section id="torque" aria-label="Torque" className="mt-6 border-t-2 border-base-content pt-2">
            <div className="flex flex-wrap items-baseline gap-x-5">
                <h3 className="flex-1 text-lg font-bold">Torque</h3>
                <button
                    type="button"
                    className={link}
                    onClick={() => saveAs(`${sheet.slug}-fasteners.csv`, 'text/csv', fastenersCsv(document))}
                >
                    Fasteners as CSV
                </button>
                <button
                    type="button"
                    className={link}
                    onClick={() => saveAs(`${sheet.slug}-programmes.csv`, 'text/csv', programmesCsv(document))}
                >
                    Programmes as CSV
                </button>
                <label className={link}>
                    Read in a CSV
                    <input
                        type="file"
                        accept=".csv,text/csv"
                        className="sr-only"
                        onChange={(event) => void readIn(event.target.files?.[0])}
                    />
                </label>
            </div>
            {(error || refused) && (
                <p role="alert" className="font-bold text-error">
                    {refused || error}
                </p>
            )}
            {groups.length === 0 && (
                <p className="text-quiet">No fasteners yet. They are typed in the document, or read in as a CSV.</p>
            )}
            {groups.map((group) => (
                <Group
                    key={group.group}
                    slug={sheet.slug}
                    group={group}
                    mirrored={groups.find((each) => each.group === group.programme?.mirrors) ?? null}
                    onKeep={async (programme, bolts) =>
                        (await store(withFasteners(withProgramme(document, programme), bolts))) !== null
                    }
                />
            ))}
        </section>
    )
}

function Group({
    slug,
    group,
    mirrored,
    onKeep,
}: {
    slug: string
    group: GroupText
    mirrored: GroupText | null
    onKeep: (programme: NonNullable<GroupText['programme']>, bolts: FastenerText[]) => Promise<boolean>
}) {
    const [editing, setEditing] = useState(false)
    const { programme, bolts } = group
    const stages = programme?.stages ?? mirrored?.programme?.stages ?? []
    const link = 'no-print inline-flex min-h-11 items-center text-sm underline decoration-1 underline-offset-3'
    return (
        <div className="break-inside-avoid border-t border-line py-2">
            <div className="flex flex-wrap items-baseline gap-x-4">
                <h4 className="font-bold">{programme?.name ?? group.group}</h4>
                <p className="flex-1 text-sm text-quiet">
                    {bolts.length} × {bolts[0]?.thread} {String(bolts[0]?.class ?? '')}
                    {bolts[0]?.thread_is ? `, thread ${String(bolts[0].thread_is)}` : ''}
                    {programme ? ` · ${programme.source}` : ''}
                </p>
                <Link className={link} to={`/pattern?sheet=${slug}&group=${encodeURIComponent(group.group)}`}>
                    places and order
                </Link>
                <button type="button" className={link} onClick={() => setEditing(!editing)}>
                    {editing ? 'leave as it is' : programme ? 'change' : 'type its programme'}
                </button>
            </div>
            {editing ? (
                <ProgrammeForm
                    group={group}
                    onKeep={async (changed, bolts) => {
                        if (await onKeep(changed, bolts)) {
                            setEditing(false)
                        }
                    }}
                />
            ) : (
                <>
                    {mirrored && (
                        <p className="text-sm">as {mirrored.programme?.name ?? mirrored.group}, in a mirror</p>
                    )}
                    {!programme && <p className="font-bold">no programme: it is asked for at the pull</p>}
                    <ol className="flex flex-wrap gap-x-5">
                        {stages.map((stage, index) => (
                            // biome-ignore lint/suspicious/noArrayIndexKey: stages have no other name
                            <li key={index}>
                                <span className="text-quiet">{index + 1}</span> <b>{inWords(stage)}</b>
                            </li>
                        ))}
                    </ol>
                </>
            )}
            <Places group={group} order={stages[0]?.order ?? []} />
            <Sane group={group} final={finalOf(programme?.mirrors ? (mirrored?.programme ?? null) : programme)} />
        </div>
    )
}

/** On paper: where they lie, from above, and in which order they are pulled. */
function Places({ group, order }: { group: GroupText; order: string[] }) {
    const bolts = group.bolts.flatMap(({ id, x, y }) => {
        const [across, along] = [figure(x), figure(y)]
        return across === null || along === null ? [] : [{ id, x: across, y: along }]
    })
    return bolts.length < 2 ? null : (
        <div className="hidden w-[7cm] print:block">
            <BoltMap bolts={bolts} order={order} done={0} onTap={() => {}} onMove={() => {}} />
        </div>
    )
}

const inWords = (stage: Parameters<typeof printed>[0]): string =>
    stage.kind === 'torque' ? printed(stage) : [stage.kind, stage.how, printed(stage)].filter(Boolean).join(' ')

const conditionOf = (text: unknown): string => {
    const said = String(text ?? '')
    return said.includes('oil') || said.includes('greas') ? 'oiled' : said.includes('anti') ? 'anti-seize' : 'dry'
}

interface Sanity {
    guide: { value: number }
    ratio: number
    doubtful: boolean
    perhaps: string | null
}

/** Whether the figure can be meant for its thread: beside it, not in its way. */
function Sane({ group, final }: { group: GroupText; final: string | null }) {
    const bolt = group.bolts[0]
    const { answer } = useCalculation<Sanity>(
        'torque-sanity',
        final === null || !bolt?.class
            ? null
            : {
                  torque: final,
                  thread: bolt.thread,
                  class: bolt.class,
                  condition: conditionOf(bolt.thread_is),
              },
    )
    if (!answer) {
        return null
    }
    return answer.doubtful ? (
        <p className="font-bold text-error">
            ⚠ {final} is {answer.ratio.toFixed(1)} times what this thread is usually drawn to (
            {answer.guide.value.toFixed(0)} N·m){answer.perhaps && `: perhaps ${answer.perhaps} is meant`}
        </p>
    ) : (
        <p className="text-sm text-quiet">
            ✓ {final}: {answer.ratio.toFixed(2)} of what this thread is usually drawn to
        </p>
    )
}
