import { useState } from 'react'
import { Controller, useFieldArray, useFormContext, useWatch } from 'react-hook-form'
import { BOX, Labelled } from './Labelled'
import { LimitBand } from './LimitBand'
import { Printed } from './Printed'
import { itemsOf, resolved, type Schema, schemaAt, sortOf, valuesOf } from './schema'
import { Texts } from './Texts'
import { isRefused, saidOf, useEditing } from './useSheetEditor'
import { describedAt, hintOf, isLimit, isTyped, labelOf, namedAt, summaryOf, titleOf } from './words'

interface At {
    path: string
    schema?: Schema
}

/** Whatever stands at a place of the sheet, typed by what the schema says of it. */
export function Field({ path, schema = schemaAt(path) }: At) {
    if (!isTyped(path)) {
        return null
    }
    switch (sortOf(schema)) {
        case 'list':
            return <Members path={path} schema={schema} />
        case 'map':
            return <Entries path={path} schema={schema} />
        case 'group':
            return <Group path={path} schema={schema} />
        case 'texts':
            return <Texts path={path} />
        case 'printed':
            return <Printed path={path} />
        case 'choice':
            return <Choosing path={path} schema={schema} />
        case 'flag':
            return <Choosing path={path} schema={{ ...schema, enum: [true, false] }} />
        default:
            return <Text path={path} schema={schema} />
    }
}

/** The fields of one thing, small ones side by side. */
export function Fields({ path, schema }: { path: string; schema: Schema }) {
    const properties = resolved(schema).properties ?? {}
    const { known } = useEditing()
    const id = useWatch({ name: `${path}.id` })
    const keys = Object.keys(properties).filter(
        // what stands in logs by its id keeps it
        (key) => key !== 'id' || !known.has(`${path.replace(/\.\d+$/, '')}/${id}`),
    )
    // of a limit it is said first what it limits, and who says so
    const first = isLimit(path) ? ['quantity', 'of', 'source'] : []
    const isPrinted = first.length > 0 || properties.figure !== undefined
    const field = (key: string) => <Field key={key} path={`${path}.${key}`} schema={properties[key] ?? {}} />
    return (
        <div className="grid grid-cols-1 gap-x-4 gap-y-3 sm:grid-cols-2">
            {first.map(field)}
            {isPrinted && <Printed path={path} />}
            {keys.filter((key) => !first.includes(key)).map(field)}
        </div>
    )
}

function Text({ path, schema }: { path: string; schema: Schema }) {
    const { register } = useFormContext()
    const { refused, choices } = useEditing()
    const named = namedAt(path)
    const isLong = /(^notes|\.(note|why|caution|text|question|consequences))$/.test(path)
    const border = refused.has(path) ? 'border-error' : 'border-line'
    if (named === 'slabs' || named === 'cylinders' || named === 'judged' || named === 'marks') {
        return (
            <Labelled path={path}>
                {(id) => (
                    <select id={id} className={`${BOX} ${border}`} {...register(path)}>
                        <option value="">not said</option>
                        {choices[named].map((each) => (
                            <option key={each.id} value={each.id}>
                                {each.name}
                            </option>
                        ))}
                    </select>
                )}
            </Labelled>
        )
    }
    return (
        <Labelled path={path} wide={isLong} hint={describedAt(path, schema)}>
            {(id) =>
                isLong ? (
                    <textarea
                        id={id}
                        rows={2}
                        className={`textarea min-h-11 w-full leading-snug ${border}`}
                        {...register(path)}
                    />
                ) : (
                    <input
                        id={id}
                        className={`${BOX} ${border} font-bold`}
                        placeholder={hintOf(path, schema)}
                        list={named ? `named-${named}` : undefined}
                        autoComplete="off"
                        {...register(path)}
                    />
                )
            }
        </Labelled>
    )
}

const NOT_SAID = ''

/** One of a few; "not said" takes what is usual. */
function Choosing({ path, schema }: { path: string; schema: Schema }) {
    const { refused } = useEditing()
    const choices = resolved(schema).enum ?? []
    const said = (choice: unknown): string => (choice === true ? 'yes' : choice === false ? 'no' : String(choice))
    return (
        <Labelled path={path} hint={describedAt(path, schema)}>
            {(id) => (
                <Controller
                    name={path}
                    render={({ field }) => (
                        <select
                            id={id}
                            className={`${BOX} ${refused.has(path) ? 'border-error' : 'border-line'}`}
                            value={field.value === undefined ? NOT_SAID : said(field.value)}
                            onChange={(event) =>
                                field.onChange(choices.find((choice) => said(choice) === event.target.value))
                            }
                        >
                            <option value={NOT_SAID}>not said</option>
                            {choices.map((choice) => (
                                <option key={said(choice)} value={said(choice)}>
                                    {said(choice)}
                                </option>
                            ))}
                        </select>
                    )}
                />
            )}
        </Labelled>
    )
}

/** A part with parts of its own; where the sheet has none, it is put in with a touch. */
function Group({ path, schema }: { path: string; schema: Schema }) {
    const { setValue } = useFormContext()
    const value = useWatch({ name: path })
    if (value === undefined || value === null) {
        return (
            <button
                type="button"
                className="btn min-h-11 justify-self-start px-3 sm:col-span-2"
                onClick={() => setValue(path, {}, { shouldDirty: true })}
            >
                + {labelOf(path)}
            </button>
        )
    }
    return (
        <fieldset className="border-l-4 border-line pl-3 sm:col-span-2">
            <legend className="flex items-center gap-2 pt-2 font-bold first-letter:uppercase">
                {labelOf(path)}
                <button
                    type="button"
                    aria-label={`Take ${labelOf(path)} out`}
                    className="size-11"
                    onClick={() => setValue(path, undefined, { shouldDirty: true })}
                >
                    ✕
                </button>
            </legend>
            <Fields path={path} schema={schema} />
        </fieldset>
    )
}

const slug = (name: string): string =>
    name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, '-')
        .replace(/^-|-$/g, '')

/** The one that was put in last. */
const LAST = 'last'

/** A list: each of its members a line that opens; up, down, out, and one more. */
export function Members({ path, schema = schemaAt(path) }: At) {
    const { fields, append, remove, move } = useFieldArray({ name: path, keyName: 'rowKey' })
    const { getValues, setValue } = useFormContext()
    const [open, setOpen] = useState<string | null>(null)
    const { refused, known } = useEditing()
    const rows = (useWatch({ name: path }) ?? []) as Record<string, unknown>[]
    // what stands on what is listed as it stands: the lowest below
    const isFromBelow = path === 'slabs'
    const hasIds = resolved(itemsOf(schema)).properties?.id !== undefined
    const nameIt = () => {
        // one that is new is known by its name; one that stands in logs keeps what it is called there
        rows.forEach((row, index) => {
            const name = String(getValues(`${path}.${index}.name`) ?? '')
            if (hasIds && name !== '' && !known.has(`${path}/${row.id}`) && !row.id) {
                const taken = new Set(rows.map((each) => each.id))
                let id = slug(name)
                for (let more = 2; taken.has(id); more++) {
                    id = `${slug(name)}-${more}`
                }
                setValue(`${path}.${index}.id`, id, { shouldDirty: true })
            }
        })
    }
    const more = (
        <button
            type="button"
            className="btn mt-1 h-11 px-4"
            onClick={() => {
                append({}, { shouldFocus: false })
                setOpen(LAST)
            }}
        >
            One more
        </button>
    )
    return (
        <section className="sm:col-span-2" aria-label={labelOf(path)} onBlur={nameIt} data-place={path}>
            <h3 className="pt-3 font-bold first-letter:uppercase">{labelOf(path)}</h3>
            {refused.has(path) && <p className="text-sm font-bold text-error">{saidOf(refused.get(path))}</p>}
            {isFromBelow && more}
            <ol className={`mt-1 flex ${isFromBelow ? 'flex-col-reverse' : 'flex-col'}`}>
                {fields.map((row, index) => {
                    const here = `${path}.${index}`
                    const isOpen = open === row.rowKey || (open === LAST && index === fields.length - 1)
                    const member = rows[index] ?? {}
                    return (
                        <li key={row.rowKey} className="border-t border-line" data-place={here}>
                            <div className="flex items-center">
                                <button
                                    type="button"
                                    aria-expanded={isOpen}
                                    className="min-h-12 flex-1 py-1.5 text-left leading-tight"
                                    onClick={() => setOpen(isOpen ? null : row.rowKey)}
                                >
                                    <b
                                        className={
                                            isRefused(refused, here)
                                                ? 'text-error before:mr-1.5 before:content-["✕"]'
                                                : ''
                                        }
                                    >
                                        {titleOf(member)}
                                    </b>
                                    <span className="block text-sm text-quiet">{summaryOf(member)}</span>
                                </button>
                                {path === 'limits' && (
                                    <span className="max-sm:hidden">
                                        <LimitBand of={member} />
                                    </span>
                                )}
                                {[
                                    ['↑', 'up', isFromBelow ? index + 1 : index - 1],
                                    ['↓', 'down', isFromBelow ? index - 1 : index + 1],
                                ].map(([sign, way, to]) => (
                                    <button
                                        key={way}
                                        type="button"
                                        aria-label={`${titleOf(member)} ${way}`}
                                        className="size-11 text-lg disabled:opacity-25"
                                        disabled={Number(to) < 0 || Number(to) >= fields.length}
                                        onClick={() => move(index, Number(to))}
                                    >
                                        {sign}
                                    </button>
                                ))}
                                <button
                                    type="button"
                                    aria-label={`Take ${titleOf(member)} out`}
                                    className="size-11"
                                    onClick={() => remove(index)}
                                >
                                    ✕
                                </button>
                            </div>
                            {isOpen && (
                                <div className="border-l-4 border-primary pb-4 pl-3">
                                    <Fields path={here} schema={itemsOf(schema)} />
                                </div>
                            )}
                        </li>
                    )
                })}
            </ol>
            {!isFromBelow && more}
        </section>
    )
}

/** What is kept by free names: a name and what stands for it, a line each. */
function Entries({ path, schema }: { path: string; schema: Schema }) {
    const { fields, append, remove } = useFieldArray({ name: path, keyName: 'rowKey' })
    const { register } = useFormContext()
    const list = namedAt(path)
    return (
        <fieldset className="sm:col-span-2" data-place={path}>
            <legend className="pt-2 font-bold first-letter:uppercase">{labelOf(path)}</legend>
            {fields.map((row, index) => (
                <div key={row.rowKey} className="flex flex-wrap items-end gap-2 border-t border-line py-1.5">
                    <input
                        aria-label={`${labelOf(path)}, ${index + 1}, of what`}
                        list={list ? `named-${list}` : undefined}
                        className={`${BOX} max-w-56 border-line font-bold`}
                        {...register(`${path}.${index}.key`)}
                    />
                    <div className="min-w-40 flex-1">
                        {sortOf(valuesOf(schema)) === 'texts' ? (
                            <Texts path={`${path}.${index}.value`} />
                        ) : (
                            <input
                                aria-label={`${labelOf(path)}, ${index + 1}`}
                                className={`${BOX} border-line`}
                                {...register(`${path}.${index}.value`)}
                            />
                        )}
                    </div>
                    <button
                        type="button"
                        aria-label={`Take it out: ${labelOf(path)}, ${index + 1}`}
                        className="size-11"
                        onClick={() => remove(index)}
                    >
                        ✕
                    </button>
                </div>
            ))}
            <button
                type="button"
                className="btn h-11 px-4"
                onClick={() => append({ key: '', value: sortOf(valuesOf(schema)) === 'texts' ? [''] : '' })}
            >
                One more
            </button>
        </fieldset>
    )
}
