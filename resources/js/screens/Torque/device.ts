import { call } from '../../app/api'

/** What a wrench feels at one moment: ms and degrees since the first touch, N·m. */
export interface Sample {
    time: number
    angle: number
    torque: number
}

/** What it says when the pull has ended; nothing where it only clicked. */
export interface Felt {
    torque: string | null
    angle: string | null
    yielded: boolean
}

/** A torque wrench that streams its pulls: a real one's adapter is built like this, and so is the simulated one. */
export interface TorqueDevice {
    name: string
    pull(bolt: string, stage: number, onSample: (sample: Sample) => void): Promise<Felt>
}

/** How much faster than a hand the simulated wrench pulls. */
const SPEED = 3

/** The simulated wrench: the core makes the pull from the job's seed, here it is played back. */
export const standIn = (job: number, step: string): TorqueDevice => ({
    name: 'simulated wrench',
    async pull(bolt, stage, onSample) {
        const felt = await call<Felt & { samples: [number, number, number][] }>(
            'GET',
            `/jobs/${job}/stand-in-pull/${step}?bolt=${encodeURIComponent(bolt)}&stage=${stage}`,
        )
        let before = 0
        for (const [time, angle, torque] of felt.samples) {
            await new Promise((resolve) => setTimeout(resolve, (time - before) / SPEED))
            before = time
            onSample({ time, angle, torque })
        }
        return felt
    },
})
