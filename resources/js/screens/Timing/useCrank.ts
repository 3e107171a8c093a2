import { type KeyboardEvent, type PointerEvent, useCallback, useEffect, useRef, useState } from 'react'
import type { Timing } from '../../app/useTiming'

const KEYS: Record<string, number> = {
    ArrowRight: 1,
    ArrowUp: 1,
    ArrowLeft: -1,
    ArrowDown: -1,
    PageUp: 15,
    PageDown: -15,
}

/** Half a degree: finer than a finger turns, and no dust in the figures. */
const tidy = (angle: number) => Math.round(angle * 10) / 10

/**
 * The crank under one’s hand: turned by finger, wheel or keys, over the two turns of a four-stroke. Where the sheet says that
 * turning back does harm it only goes the way it runs.
 */
export function useCrank(timing: Timing) {
    const whole = timing.cycle === 'two-stroke' ? 360 : 720
    const [crank, setCrank] = useState(0)
    const [refused, setRefused] = useState(false)
    const held = useRef<number | null>(null)
    const sense = timing.runs === 'anticlockwise' ? -1 : 1
    const turn = useCallback(
        (by: number) => {
            const isBack = by < 0 && !timing.mayTurnBack
            setRefused(isBack)
            if (!isBack && by !== 0) {
                setCrank((from) => tidy((((from + by) % whole) + whole) % whole))
            }
        },
        [timing.mayTurnBack, whole],
    )
    const to = useCallback(
        (angle: number) => {
            setRefused(false)
            setCrank(tidy(((angle % whole) + whole) % whole))
        },
        [whole],
    )
    const frame = useRef<HTMLDivElement>(null)
    useEffect(() => {
        const element = frame.current
        // React listens to wheels passively, and the page would scroll along
        const scroll = (event: WheelEvent) => {
            event.preventDefault()
            turn((event.deltaY > 0 ? 1 : -1) * (event.shiftKey ? 0.2 : 1))
        }
        element?.addEventListener('wheel', scroll, { passive: false })
        return () => element?.removeEventListener('wheel', scroll)
    }, [turn])
    const under = (event: PointerEvent, centre: [number, number]) => {
        const box = event.currentTarget.getBoundingClientRect()
        const [x, y] = [
            event.clientX - box.left - box.width * centre[0],
            event.clientY - box.top - box.height * centre[1],
        ]
        return (Math.atan2(x, -y) * 180) / Math.PI
    }
    return {
        crank,
        whole,
        refused,
        turn,
        to,
        /** @param centre where the crank’s centre lies in the element, as shares of its width and height */
        handles: (centre: [number, number]) => ({
            ref: frame,
            role: 'slider',
            tabIndex: 0,
            'aria-label': 'Crank',
            'aria-valuemin': 0,
            'aria-valuemax': whole,
            'aria-valuenow': crank,
            'aria-valuetext': `${crank} degrees`,
            onKeyDown: (event: KeyboardEvent) => {
                const step = KEYS[event.key]
                if (step !== undefined) {
                    event.preventDefault()
                    turn(event.shiftKey ? step / 10 : step)
                }
            },
            onPointerDown: (event: PointerEvent) => {
                event.currentTarget.setPointerCapture(event.pointerId)
                held.current = under(event, centre)
            },
            onPointerMove: (event: PointerEvent) => {
                if (held.current !== null) {
                    const now = under(event, centre)
                    const by = ((now - held.current + 540) % 360) - 180
                    held.current = now
                    turn(by * sense)
                }
            },
            onPointerUp: () => {
                held.current = null
            },
        }),
    }
}
