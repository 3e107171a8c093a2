import { useQuery, useQueryClient } from '@tanstack/react-query'
import { type FormEvent, useState } from 'react'
import { Link } from 'react-router'
import { call, type Schemas, type Tool } from '../../app/api'
import { dayAndYear } from '../../app/format'
import { Dialog } from '../../parts/Dialog'
import { FromTable } from '../../parts/FromTable'
import { Shelf } from './Shelf'

/** The shop's measuring tools: what each is good for, how far it is trusted, when it was checked. */
export function Toolbox() {
    const tools = useQuery({ queryKey: ['tools'], queryFn: () => call<Tool[]>('GET', '/tools') })
    const kinds = useQuery({
        queryKey: ['tool-kinds'],
        queryFn: () => call<Schemas['ToolKind'][]>('GET', '/tools/kinds'),
        staleTime: Number.POSITIVE_INFINITY,
    })
    const [editing, setEditing] = useState<Tool | 'new' | null>(null)
    const [table, setTable] = useState(false)
    const client = useQueryClient()
    if (!tools.data || !kinds.data) {
        return (
            <p className="p-6">{tools.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const overdue = tools.data.filter((tool) => tool.isOverdue).length
    return (
        <main className="mx-auto w-full max-w-[1320px] px-4 py-4 md:px-6">
            <div className="mb-3 flex flex-wrap items-baseline gap-x-4">
                <h1 className="text-2xl font-bold">Toolbox</h1>
                <p className="text-quiet">
                    {tools.data.length} tools
                    {overdue > 0 && ` · ${overdue} overdue for a check, trusted half as far until then`}
                </p>
                <Link className="btn ml-auto h-12 px-4" to="/pattern">
                    The order of the bolts
                </Link>
                <Link className="btn h-12 px-4" to="/wrench">
                    What to set on the wrench
                </Link>
                <button type="button" className="btn h-12 px-4" onClick={() => setEditing('new')}>
                    Enter a tool
                </button>
            </div>
            {kindsOf(tools.data, kinds.data).map((kind) => (
                <section key={kind} aria-label={kind} className="mt-3">
                    <h2 className="mb-1 text-sm font-bold text-quiet">
                        {kind.charAt(0).toUpperCase() + kind.slice(1)}
                    </h2>
                    <ul className="bg-base-100">
                        {tools.data
                            .filter((tool) => tool.kind === kind)
                            .map((tool) => (
                                <ToolRow key={tool.id} tool={tool} onEdit={() => setEditing(tool)} />
                            ))}
                    </ul>
                </section>
            ))}
            <Shelf />
            {table && (
                <FromTable
                    title="Tools from a table"
                    path="/tools/table"
                    example={
                        'name\tkind\trange\tdoubt\tchecked_on\tnext_check\nmicrometer M5\tmicrometer\t25 to 50 mm\t0.002 mm\t2026-10-01\t2027-10-01'
                    }
                    onKept={() => void client.invalidateQueries({ queryKey: ['tools'] })}
                    onClose={() => setTable(false)}
                />
            )}
            <Dialog
                open={editing !== null}
                onClose={() => setEditing(null)}
                title={editing === 'new' ? 'A tool' : 'Change a tool'}
            >
                {editing === 'new' && (
                    <button
                        type="button"
                        className="mb-2 min-h-11 underline"
                        onClick={() => {
                            setEditing(null)
                            setTable(true)
                        }}
                    >
                        Several at once, from a table
                    </button>
                )}
                <ToolForm
                    tool={editing === 'new' ? null : editing}
                    kinds={kinds.data}
                    onClose={() => setEditing(null)}
                />
            </Dialog>
        </main>
    )
}

/** The kinds that the shop has tools of, in the trade's order; what a tool is of an unknown kind comes last. */
function kindsOf(tools: Tool[], kinds: Schemas['ToolKind'][]): string[] {
    const known: string[] = kinds.map((each) => each.kind)
    const others = tools.map((tool) => tool.kind).filter((kind) => !known.includes(kind))
    return [...known, ...new Set(others)].filter((kind) => tools.some((tool) => tool.kind === kind))
}

function ToolRow({ tool, onEdit }: { tool: Tool; onEdit: () => void }) {
    return (
        <li className="border-b border-line last:border-0">
            <button
                type="button"
                onClick={onEdit}
                className="grid min-h-16 w-full grid-cols-2 items-center gap-x-4 px-4 py-2 text-left hover:bg-base-200 lg:grid-cols-[15rem_12rem_10rem_1fr_13rem]"
            >
                <span className="font-bold">
                    {tool.name}
                    {tool.simulated && <span className="font-normal text-quiet"> simulated</span>}
                </span>
                <span>{tool.range ?? tool.length}</span>
                <span>
                    {tool.doubt && (
                        <>
                            <b className="text-lg">± {tool.doubt.split(' ')[0]}</b> {tool.doubt.split(' ')[1]}
                        </>
                    )}
                </span>
                <Leaves leaves={tool.leaves} />
                <span className={`text-sm lg:text-right ${tool.isOverdue ? 'font-bold text-error' : 'text-quiet'}`}>
                    {tool.nextCheck
                        ? tool.isOverdue
                            ? `⚠ check was due ${dayAndYear(tool.nextCheck)}`
                            : `next check ${dayAndYear(tool.nextCheck)}`
                        : 'no check planned'}
                </span>
            </button>
        </li>
    )
}

/** The leaves of a set fanned out, thin to thick. */
function Leaves({ leaves }: { leaves: string[] }) {
    if (leaves.length === 0) {
        return <span />
    }
    const most = Math.max(...leaves.map((leaf) => Number.parseFloat(leaf)))
    return (
        <svg
            viewBox={`0 0 ${leaves.length * 9} 30`}
            className="h-8 w-full"
            preserveAspectRatio="xMinYMid meet"
            role="img"
            aria-label={`leaves ${leaves.join(', ')}`}
        >
            {leaves.map((leaf, index) => (
                <path
                    key={leaf}
                    d={`M${index * 9 + 4} 28V4`}
                    className="stroke-base-content"
                    strokeWidth={0.8 + (Number.parseFloat(leaf) / most) * 5}
                />
            ))}
        </svg>
    )
}

function ToolForm({ tool, kinds, onClose }: { tool: Tool | null; kinds: Schemas['ToolKind'][]; onClose: () => void }) {
    const client = useQueryClient()
    const [kind, setKind] = useState(tool?.kind ?? kinds[0]?.kind ?? '')
    const {
        units: [unit = 'mm'] = [],
        hasLeaves = false,
        length = null,
    } = kinds.find((each) => each.kind === kind) ?? {}
    const withUnit = (text: string | null) => (text === null ? null : /[a-zµ"°]/i.test(text) ? text : `${text} ${unit}`)
    const [error, setError] = useState('')
    const submit = async (event: FormEvent<HTMLFormElement>) => {
        event.preventDefault()
        const form = new FormData(event.currentTarget)
        const text = (name: string) => String(form.get(name) ?? '').trim() || null
        const leaves = (text('leaves') ?? '').split(/[;\s]+/).filter(Boolean)
        const id =
            tool?.id ??
            (text('name') ?? '')
                .toLowerCase()
                .replace(/[^a-z0-9]+/g, '-')
                .slice(0, 20)
        try {
            const after = await call<Tool[]>('POST', `/tools/${id}`, {
                name: text('name'),
                kind: text('kind'),
                doubt: withUnit(text('doubt')),
                range: text('range'),
                resolution: withUnit(text('resolution')),
                length: /[a-z"]$/i.test(text('length') ?? 'x') ? text('length') : `${text('length')} mm`,
                leaves: leaves.map((leaf) => withUnit(leaf)),
                checked_on: text('checked_on'),
                next_check: text('next_check'),
            })
            client.setQueryData(['tools'], after)
            void client.invalidateQueries({ queryKey: ['job'] })
            onClose()
        } catch (problem) {
            setError(problem instanceof Error ? problem.message : 'This did not work.')
        }
    }
    const field = (name: string, label: string, value: string | null | undefined, type = 'text') => (
        <label className="block">
            <span className="text-sm">{label}</span>
            <input name={name} type={type} defaultValue={value ?? ''} className="input h-12 w-full" />
        </label>
    )
    return (
        <form onSubmit={(event) => void submit(event)} className="grid grid-cols-2 gap-3">
            {field('name', 'Name', tool?.name)}
            <label className="block">
                <span className="text-sm">Kind</span>
                <select
                    name="kind"
                    value={kind}
                    onChange={(event) => setKind(event.target.value)}
                    className="h-12 w-full rounded-field border border-line bg-base-100 px-3"
                >
                    {kinds.map((each) => (
                        <option key={each.kind}>{each.kind}</option>
                    ))}
                </select>
            </label>
            {field('range', 'Range', tool?.range)}
            {field('resolution', 'Resolution', tool?.resolution)}
            {field('doubt', `Doubt at its last check, ± ${unit}`, tool?.doubt)}
            {length !== null && field('length', `Length, ${length}, mm`, tool?.length)}
            {hasLeaves &&
                field('leaves', 'Leaves, thin to thick', tool?.leaves.map((leaf) => leaf.replace(' ', '')).join(' '))}
            {field('checked_on', 'Checked on', tool?.checkedOn, 'date')}
            {field('next_check', 'Next check', tool?.nextCheck, 'date')}
            <p role="alert" className="col-span-2 min-h-6 text-sm font-bold text-error">
                {error}
            </p>
            <button type="submit" className="btn btn-primary col-span-2 h-12">
                Keep it
            </button>
        </form>
    )
}
