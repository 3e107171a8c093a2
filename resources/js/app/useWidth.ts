import { type RefObject, useEffect, useState } from 'react'

/** The width an element has on screen, for drawings that keep their figures' size. */
export function useWidth(element: RefObject<Element | null>, initial: number): number {
    const [width, setWidth] = useState(initial)
    useEffect(() => {
        if (!element.current || typeof ResizeObserver === 'undefined') {
            return
        }
        const watch = new ResizeObserver(([entry]) => entry && setWidth(Math.round(entry.contentRect.width)))
        watch.observe(element.current)
        return () => watch.disconnect()
    }, [element])
    return width
}
