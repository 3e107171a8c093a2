import { useQueryClient } from '@tanstack/react-query'
import { useNavigate } from 'react-router'
import { call, type Schemas } from '../../app/api'
import { withUnit } from '../../app/format'
import { useServerForm } from '../../app/useServerForm'
import { Dialog } from '../../parts/Dialog'
import { FormField } from '../../parts/FormField'
import { ServerForm } from '../../parts/ServerForm'

/** Another engine begins as this one: who made it and two figures are asked, everything else is looked up as it is needed. */
export function LikeThis({ sheet, onClose }: { sheet: Schemas['Sheet']; onClose: () => void }) {
    const client = useQueryClient()
    const navigate = useNavigate()
    const form = useServerForm(
        { make: '', model: '', kind: '', bore: '', stroke: '' },
        async ({ bore, stroke, ...said }) => {
            const made = await call<Schemas['Sheet']>('POST', `/sheets/${sheet.slug}/like`, {
                ...said,
                bore: withUnit(bore, 'mm'),
                stroke: withUnit(stroke, 'mm'),
            })
            await client.invalidateQueries({ queryKey: ['sheets'] })
            navigate(`/spec-book/${made.slug}`)
            onClose()
        },
    )
    const { errors } = form.formState
    const field = (name: 'make' | 'model' | 'kind' | 'bore' | 'stroke', label: string) => (
        <FormField label={label} required error={errors[name]?.message} {...form.register(name)} />
    )
    return (
        <Dialog open onClose={onClose} title={`An engine like ${sheet.title}`}>
            <ServerForm form={form} className="grid grid-cols-2 gap-3">
                {field('make', 'Make')}
                {field('model', 'Model')}
                <div className="col-span-2">{field('kind', 'What it is')}</div>
                {field('bore', 'Bore, mm')}
                {field('stroke', 'Stroke, mm')}
                <p className="col-span-2 text-sm text-quiet">
                    Every other figure is taken over and is that engine’s until it has been looked up: the new sheet
                    says so, and shows what differs.
                </p>
                <p role="alert" className="col-span-2 font-bold text-error empty:hidden">
                    {form.problem}
                </p>
                <button type="submit" disabled={form.isSending} className="btn btn-primary col-span-2 h-12">
                    Into the spec book
                </button>
            </ServerForm>
        </Dialog>
    )
}
