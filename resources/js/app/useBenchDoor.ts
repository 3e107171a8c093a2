import { useQuery } from '@tanstack/react-query'
import { useEffect } from 'react'
import { call, type Schemas } from './api'

/** Whether this tablet is one of the shop’s, and who may take it over. */
export const useBenchDoor = () =>
    useQuery({
        queryKey: ['bench-door'],
        queryFn: () => call<Schemas['BenchDoor']>('GET', '/bench'),
        staleTime: 300_000,
    })

const TOUCHES = ['pointerdown', 'keydown', 'wheel', 'touchmove']

/** A tablet that somebody took over by a PIN, and that nobody has touched for a while, locks itself. */
export function useLock(seconds: number | null, lock: () => void): void {
    useEffect(() => {
        if (seconds === null) {
            return
        }
        // what could not be locked for want of the server is tried again
        let timer = setInterval(lock, seconds * 1000)
        const touched = () => {
            clearInterval(timer)
            timer = setInterval(lock, seconds * 1000)
        }
        for (const touch of TOUCHES) {
            window.addEventListener(touch, touched, { passive: true })
        }
        return () => {
            clearInterval(timer)
            for (const touch of TOUCHES) {
                window.removeEventListener(touch, touched)
            }
        }
    }, [seconds, lock])
}
