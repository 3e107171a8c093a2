import { keepPreviousData, useQuery, useQueryClient } from '@tanstack/react-query'
import { useEffect, useMemo, useState } from 'react'
import { FormProvider, useForm, useWatch } from 'react-hook-form'
import { useNavigate, useParams } from 'react-router'
import { call, Problem, type Schemas } from '../../app/api'
import { type Drafted, useDraft } from '../../app/drafts'
import { editKey, type Typed } from '../../app/sheetDrafts'
import { useSheets } from '../../app/useSheets'
import { useStill } from '../../app/useStill'
import { choicesOf, idsOf } from './choices'
import { Field, Fields } from './Fields'
import { KeepBar } from './KeepBar'
import { PartsNav } from './PartsNav'
import { Report } from './Report'
import { fromForm, schemaAt, sortOf, toForm } from './schema'
import { SECTIONS, type Section, sectionOf } from './sections'
import { type Draft, EditingContext, useEditing } from './useSheetEditor'

type Values = Record<string, unknown>

/** A sheet typed part by part beside its pictures; it becomes the next version when it is kept. */
export function SheetEditor() {
    const { slug = '', section = '' } = useParams()
    const sheets = useSheets()
    const typed = useDraft<Typed | null>(editKey(slug), null)
    const [begun] = useState(typed.value)
    const [again, setAgain] = useState(0)
    if (!sheets.data) {
        return (
            <p className="p-6">{sheets.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
        )
    }
    const sheet = sheets.data.find((each) => each.slug === slug) ?? null
    if (!sheet && !typed.value) {
        return <p className="p-6">The spec book has no such sheet.</p>
    }
    const document = sheet ? (JSON.parse(sheet.document) as Values) : {}
    const taken = again === 0 ? begun : null
    const start = {
        base: taken?.base ?? sheet?.version ?? null,
        values: taken?.values ?? (toForm(taken?.document ?? document) as Values),
    }
    return (
        <Editor
            key={`${slug}/${again}`}
            slug={slug}
            section={section}
            sheet={sheet}
            original={document}
            start={start}
            typed={typed}
            onAgain={() => {
                typed.clear()
                setAgain(again + 1)
            }}
        />
    )
}

function Editor({
    slug,
    section,
    sheet,
    original,
    start,
    typed,
    onAgain,
}: {
    slug: string
    section: string
    sheet: Schemas['Sheet'] | null
    original: Values
    start: { base: number | null; values: Values }
    typed: Drafted<Typed | null>
    onAgain: () => void
}) {
    const form = useForm<Values>({ defaultValues: start.values })
    const navigate = useNavigate()
    const client = useQueryClient()
    const [refusal, setRefusal] = useState('')
    const [base, setBase] = useState(start.base)
    const values = useWatch({ control: form.control }) as Values
    const written = useStill(JSON.stringify(values), 250)
    const text = useMemo(() => JSON.stringify(fromForm(JSON.parse(written)) ?? {}), [written])
    const { data: draft } = useQuery({
        queryKey: ['sheet-draft', sheet?.version ?? 0, text],
        queryFn: () => call<Draft>('POST', '/sheets/draft', { document: text }),
        placeholderData: keepPreviousData,
        retry: false,
    })
    // the last picture stands while what is typed cannot be drawn
    const drawn = useLast(draft?.drawn ?? null)
    const shown = draft && { ...draft, drawn: draft.drawn ?? drawn }
    const isTyped = text !== JSON.stringify(fromForm(toForm(original)) ?? {})
    const { change, clear } = typed
    useEffect(() => {
        if (isTyped) {
            change({ base, values: JSON.parse(written) })
        } else {
            clear()
        }
    }, [written, isTyped, base, change, clear])
    const refused = useMemo(() => new Map((draft?.refusals ?? []).map((each) => [each.field, each])), [draft])
    const known = useMemo(() => idsOf(original), [original])
    const editing = useMemo(
        () => ({ refused, known, choices: choicesOf(values, draft) }),
        [refused, known, values, draft],
    )
    const current = SECTIONS.find((each) => each.id === section)
    const go = (id: string) => navigate(`/spec-book/${slug}/edit/${id}`, { replace: true })
    const goTo = (place: string) => {
        go(sectionOf(place)?.id ?? 'report')
        setTimeout(() => nearest(place)?.scrollIntoView({ block: 'center' }), 50)
    }
    const keep = async () => {
        setRefusal('')
        try {
            const kept = await call<Schemas['Sheet']>('POST', '/sheets', {
                document: JSON.stringify(fromForm(form.getValues()), null, 4),
                ...(base === null ? {} : { base }),
            })
            typed.clear()
            await client.invalidateQueries({ queryKey: ['sheets'] })
            void client.invalidateQueries({ queryKey: ['job'] })
            navigate(`/spec-book/${kept.slug}`)
        } catch (problem) {
            setRefusal(
                problem instanceof Problem
                    ? `${problem.message} ${problem.allowed ? `Accepted: ${problem.allowed}.` : ''}`
                    : 'The shop’s server does not answer; what you typed stays here.',
            )
        }
    }
    const hasNewer = sheet !== null && base !== null && sheet.version !== base
    return (
        <FormProvider {...form}>
            <EditingContext value={editing}>
                <main className="flex min-h-0 flex-1 flex-col bg-base-100 lg:h-[calc(100dvh-3.25rem)] lg:flex-none">
                    <div
                        className={`grid min-h-0 flex-1 ${current?.isWide ? 'lg:grid-cols-[11.5rem_minmax(0,1fr)_34rem]' : 'lg:grid-cols-[11.5rem_minmax(0,1fr)_24rem]'}`}
                    >
                        <PartsNav
                            title={sheet?.title ?? shown?.drawn?.title ?? slug}
                            current={current?.id ?? 'report'}
                            onGo={go}
                        />
                        <div className="order-2 min-w-0 overflow-y-auto px-5 py-3 lg:order-none">
                            {hasNewer && (
                                <Newer version={sheet.version} onTake={onAgain} onOver={() => setBase(sheet.version)} />
                            )}
                            <h2 className="text-xl font-bold">{current?.title ?? 'At a glance'}</h2>
                            {current ? (
                                <SectionFields key={current.id} section={current} />
                            ) : (
                                shown && <Report draft={shown} version={sheet?.version ?? null} onGo={goTo} />
                            )}
                        </div>
                        {current && shown && (
                            <aside
                                aria-label="Picture"
                                className="border-line bg-base-100 p-3 max-lg:border-b lg:border-l max-lg:max-h-[44dvh] max-lg:overflow-y-auto lg:overflow-y-auto"
                            >
                                {current.picture({
                                    draft: shown,
                                    values,
                                    names: new Map(editing.choices.slabs.map((each) => [each.id, each.name])),
                                    onSlab: (slab) =>
                                        goTo(
                                            `slabs.${((values.slabs ?? []) as Values[]).findIndex((each) => each.id === slab)}`,
                                        ),
                                })}
                            </aside>
                        )}
                    </div>
                    <Offered />
                    <KeepBar
                        sheet={sheet}
                        draft={draft}
                        isTyped={isTyped}
                        mayKeep={!hasNewer}
                        refusal={refusal}
                        onShow={goTo}
                        onKeep={() => void keep()}
                        onLeave={() => {
                            typed.clear()
                            navigate(`/spec-book/${sheet?.slug ?? ''}`)
                        }}
                    />
                </main>
            </EditingContext>
        </FormProvider>
    )
}

function SectionFields({ section }: { section: Section }) {
    return (
        <div className="grid grid-cols-1 gap-x-4 gap-y-3 pb-8 sm:grid-cols-2">
            {section.keys.map((key) =>
                // what the section is about is typed at once; what else there may be is put in with a touch
                sortOf(schemaAt(key)) === 'group' && section.keys[0] === key ? (
                    <div key={key} className="sm:col-span-2">
                        <Fields path={key} schema={schemaAt(key)} />
                    </div>
                ) : (
                    <Field key={key} path={key} />
                ),
            )}
        </div>
    )
}

function Newer({ version, onTake, onOver }: { version: number; onTake: () => void; onOver: () => void }) {
    return (
        <div role="alert" className="mb-3 flex flex-wrap items-center gap-3 border-2 border-base-content p-3">
            <p className="flex-1 font-bold">Version {version} was kept while you typed.</p>
            <button type="button" className="btn h-11 px-4" onClick={onTake}>
                Begin again from it
            </button>
            <button type="button" className="btn h-11 px-4" onClick={onOver}>
                Mine over it
            </button>
        </div>
    )
}

/** What fields that name something of the sheet offer while one types. */
function Offered() {
    const { choices } = useEditing()
    return (['groups', 'steps', 'places', 'fasteners'] as const).map((named) => (
        <datalist key={named} id={`named-${named}`}>
            {choices[named].map(({ id, name }) => (
                <option key={id} value={id}>
                    {name}
                </option>
            ))}
        </datalist>
    ))
}

function useLast<T>(value: T | null): T | null {
    const [last, setLast] = useState(value)
    if (value !== null && value !== last) {
        setLast(value)
    }
    return value ?? last
}

/** What is on the page of a place: the field, else what holds it. */
function nearest(place: string): Element | null {
    const keys = place.split('.')
    for (let length = keys.length; length > 0; length--) {
        const found = document.querySelector(`[data-place="${CSS.escape(keys.slice(0, length).join('.'))}"]`)
        if (found) {
            return found
        }
    }
    return null
}
