import type { Schemas } from '../../app/api'
import { VerdictMark } from '../../drawings/VerdictMark'

/** What the readings say of a mark: nothing more where they agree, the reason and the way out where they do not. */
export function Proof({ proof }: { proof: Schemas['Verdict'] | null }) {
    return proof ? (
        <div className="mt-1 text-sm leading-tight">
            <p className="flex items-center gap-1.5 font-bold">
                <VerdictMark state={proof.state} size={18} />
                {proof.state === 'within' ? 'The reading agrees' : proof.words}
            </p>
            {proof.state !== 'within' && proof.state !== 'unsure' && (
                <p className="mt-0.5 text-quiet">
                    {proof.reason} {proof.action}
                </p>
            )}
        </div>
    ) : null
}
