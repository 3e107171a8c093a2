import type { FormEvent } from 'react'
import { useDraft } from '../app/drafts'

interface Props {
    /** Under which key what is typed is kept, over a reload and while the form moves about the screen. */
    keep: string
    /** What the reason is for. */
    label: string
    hint: string
    confirm: string
    /** The reason, and the id that its entry bears. */
    onReason: (reason: string, id: string) => void
    /** Words for giving it up, and what that does. */
    cancel?: string
    /** Whether the field asks for the keyboard at once; not where several stand in a list. */
    eager?: boolean
    onCancel?: () => void
}

/** A reason in one line and the button that stands for it; nothing happens without a reason. */
export function ReasonForm({ keep, label, hint, confirm, onReason, cancel, onCancel, eager = true }: Props) {
    const draft = useDraft(keep, '')
    const reason = draft.value.trim()
    const submit = (event: FormEvent) => {
        event.preventDefault()
        if (reason !== '') {
            onReason(reason, draft.take())
        }
    }
    return (
        <form onSubmit={submit} className="flex flex-wrap gap-2 pb-2">
            <input
                aria-label={label}
                placeholder={hint}
                // biome-ignore lint/a11y/noAutofocus: the button just pressed asks for this
                autoFocus={eager}
                className="input h-12 min-w-48 flex-1"
                value={draft.value}
                onChange={(event) => draft.change(event.target.value)}
            />
            <button type="submit" className="btn btn-neutral h-12" disabled={reason === ''}>
                {confirm}
            </button>
            {onCancel && (
                <button
                    type="button"
                    className="btn h-12"
                    onClick={() => {
                        draft.clear()
                        onCancel()
                    }}
                >
                    {cancel}
                </button>
            )}
        </form>
    )
}
