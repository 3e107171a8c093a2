import { useEffect, useState } from 'react'

/** A value once it has stood still for a moment. */
export function useStill<T>(value: T, after: number): T {
    const [still, setStill] = useState(value)
    useEffect(() => {
        const timer = setTimeout(() => setStill(value), after)
        return () => clearTimeout(timer)
    }, [value, after])
    return still
}
