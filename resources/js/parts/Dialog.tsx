import { type ReactNode, useEffect, useRef } from 'react'

/** A dialog over the screen: closes with Escape, gives the focus back. */
export function Dialog({
    open,
    onClose,
    title,
    children,
}: {
    open: boolean
    onClose: () => void
    title: string
    children: ReactNode
}) {
    const dialog = useRef<HTMLDialogElement>(null)
    useEffect(() => {
        const element = dialog.current
        if (open && element && !element.open) {
            element.showModal()
        } else if (!open && element?.open) {
            element.close()
        }
    }, [open])
    return (
        <dialog
            ref={dialog}
            onClose={onClose}
            aria-label={title}
            className="m-auto w-[min(36rem,94vw)] rounded-box border border-line bg-base-100 p-0 text-base-content backdrop:bg-black/50"
        >
            {open && (
                <div className="p-5">
                    <h2 className="mb-3 text-xl font-bold">{title}</h2>
                    {children}
                </div>
            )}
        </dialog>
    )
}
