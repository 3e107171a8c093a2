let speaker: AudioContext | null = null

/** Tones made here: nothing is loaded for them. A browser that allows no sound stays silent; word and shape say the same. */
export function sound(tones: readonly (readonly [at: number, pitch: number, long: number])[]): void {
    try {
        speaker ??= new AudioContext()
        for (const [at, pitch, long] of tones) {
            const tone = speaker.createOscillator()
            const loudness = speaker.createGain()
            loudness.gain.value = 0.15
            tone.frequency.value = pitch
            tone.connect(loudness).connect(speaker.destination)
            tone.start(speaker.currentTime + at)
            tone.stop(speaker.currentTime + at + long)
        }
    } catch {
        // no sound to be had
    }
}

/** A wait is over. */
export const RING = [
    [0, 660, 0.2],
    [0.25, 880, 0.2],
] as const

/** A pull is taken. */
export const CLICK = [[0, 1200, 0.05]] as const

/** Something is wrong with a pull. */
export const WRONG = [
    [0, 220, 0.25],
    [0.3, 220, 0.25],
] as const
