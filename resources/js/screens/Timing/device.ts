import { useQuery } from '@tanstack/react-query'
import { call } from '../../app/api'

/** A degree wheel that says itself where it stands: a real one’s adapter is built like this, and so is the simulated one. */
export interface TurningDevice {
    name: string
    /** What it loses between the two directions, in degrees. */
    play: number
    /** At how many degrees from the top the piston meets its stop. */
    stop: number
    /** What it reads with the crank so far after the first top, come up to one way or the other. */
    reads: (crank: number, forward: boolean) => number
}

/** The simulated wheel: the core knows where it was put on and what play it has, here it is read off. */
export function useStandIn(job: number, wanted: boolean): TurningDevice | null {
    const { data } = useQuery({
        queryKey: ['stand-in-wheel', job],
        queryFn: () =>
            call<{ forward: number[]; back: number[]; play: number; stop: number }>(
                'GET',
                `/jobs/${job}/stand-in-wheel`,
            ),
        enabled: wanted,
        staleTime: Number.POSITIVE_INFINITY,
    })
    if (!wanted || !data) {
        return null
    }
    const reads = (crank: number, forward: boolean) => {
        const within = ((crank % 360) + 360) % 360
        const table = forward ? data.forward : data.back
        const whole = Math.floor(within)
        return Math.round((((table[whole] ?? 0) + (within - whole)) % 360) * 10) / 10
    }
    return { name: 'simulated wheel', play: data.play, stop: data.stop, reads }
}
