import type { Refusal } from '../app/api'

/** Why an entry was not taken, and what would be. */
export function Refused({ refusal }: { refusal: Refusal | null }) {
    return refusal ? (
        <p role="alert" className="mt-1 leading-snug font-bold">
            {refusal.message}
            {refusal.allowed && ` Accepted: ${refusal.allowed}.`}
        </p>
    ) : null
}
