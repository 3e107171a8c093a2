import { useEffect, useRef } from 'react'

const typing = (target: EventTarget | null): boolean =>
    target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName))

/** Single keys within a screen. They rest while somebody types, while a dialog is open, and with Ctrl, Alt or Meta held. */
export function useKeys(keys: Record<string, (event: KeyboardEvent) => void>): void {
    const latest = useRef(keys)
    latest.current = keys
    useEffect(() => {
        const onKey = (event: KeyboardEvent) => {
            if (event.ctrlKey || event.altKey || event.metaKey || event.defaultPrevented || typing(event.target)) {
                return
            }
            if (document.querySelector('dialog[open]')) {
                return
            }
            const act =
                latest.current[event.key] ?? (/^[0-9.,\-+−]$/.test(event.key) ? latest.current.digit : undefined)
            if (act) {
                act(event)
            }
        }
        window.addEventListener('keydown', onKey)
        return () => window.removeEventListener('keydown', onKey)
    }, [])
}
