import { useEffect, useState } from 'react'
import { clockOffset } from './shopClock'

/** What the shop's clock says, whatever this tablet's does. */
const shopNow = () => Date.now() + (clockOffset() ?? 0)

/** "06:40", counted down by the second; null once it is due. */
export function useLeft(due: string): string | null {
    const [now, setNow] = useState(shopNow)
    useEffect(() => {
        const timer = setInterval(() => setNow(shopNow()), 1000)
        return () => clearInterval(timer)
    }, [])
    const seconds = Math.ceil((new Date(due).getTime() - now) / 1000)
    if (seconds <= 0) {
        return null
    }
    const two = (part: number) => String(part).padStart(2, '0')
    const hours = Math.floor(seconds / 3600)
    return `${hours > 0 ? `${hours}:` : ''}${two(Math.floor(seconds / 60) % 60)}:${two(seconds % 60)}`
}
