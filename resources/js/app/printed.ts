type Statement = Record<string, unknown>

/** The keys that what is printed may fill. */
export const ENDS = ['min', 'max', 'nominal', 'plus', 'minus', 'service_min', 'service_max', 'rule', 'figure'] as const

const text = (value: unknown): string => (typeof value === 'string' ? value.trim() : '')

function range(from: Statement): string {
    const [min, max] = [text(from.min), text(from.max)]
    return min && max ? `${min} to ${max}` : max ? `up to ${max}` : min ? `at least ${min}` : ''
}

function nominal(from: Statement): string {
    const [figure, plus, minus] = [text(from.nominal) || text(from.figure), text(from.plus), text(from.minus)]
    return figure === '' || (plus === '' && minus === '')
        ? figure
        : plus === minus
          ? `${figure} ± ${plus}`
          : `${figure} + ${plus || '0'} − ${minus || '0'}`
}

/** A limit or a stated figure in a line: "0.05 mm to 0.08 mm, worn up to 0.12 mm". */
export function stated(from: unknown): string {
    if (typeof from === 'string') {
        return from
    }
    if (typeof from !== 'object' || from === null) {
        return ''
    }
    const said = from as Statement
    const rule = said.rule as Statement | undefined
    const worn = text(said.service_max) || text(said.service_min)
    return [
        range(said) || nominal(said),
        rule && `${range(rule)} for every ${text(rule.per)} of bore`,
        worn && `worn ${said.service_max ? 'up' : 'down'} to ${worn}`,
    ]
        .filter(Boolean)
        .join(', ')
}

/** A length or an angle as typed, in mm or degrees; null while it cannot be read. */
export function figure(typed: unknown): number | null {
    const found = /^\s*([+−-]?[\d.,]+)(?:\s+(\d+)\/(\d+))?\s*(\S*)/.exec(text(typed).replace('−', '-'))
    const value = Number((found?.[1] ?? '').replace(',', '.')) + Number(found?.[2] ?? 0) / Number(found?.[3] ?? 1)
    const unit = found?.[4] ?? ''
    return found && Number.isFinite(value) ? value * (/^(in|inch|")/.test(unit) ? 25.4 : unit === 'cm' ? 10 : 1) : null
}
