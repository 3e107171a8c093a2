import type { RecordDocument } from '../../app/queries'
import { JointMap } from '../../drawings/JointMap'

type Joint = RecordDocument['joints'][number]

/** Every joint that was pulled: its map, its programme, every pull at its bolt and stage, and who made the check pass. */
export function Joints({ joints, time }: { joints: Joint[]; time: (instant: string) => string }) {
    if (joints.length === 0) {
        return null
    }
    return (
        <section aria-label="Torque">
            <h2 className="mt-6 border-b-2 border-base-content text-lg font-bold">Torque</h2>
            {joints.map((joint, index) => (
                // biome-ignore lint/suspicious/noArrayIndexKey: a joint may have been pulled twice
                <JointPulled key={index} joint={joint} time={time} />
            ))}
        </section>
    )
}

function JointPulled({ joint, time }: { joint: Joint; time: (instant: string) => string }) {
    const order = joint.stages.at(0)?.order ?? []
    const isVoid = joint.state === 'void'
    return (
        <article aria-label={joint.name} className="break-inside-avoid pt-2">
            <h3 className="font-bold">
                {isVoid ? <s>{joint.name}</s> : joint.name}
                <span className="font-normal text-quiet">
                    {' '}
                    · {joint.sources.join(', ')}
                    {joint.void_because
                        ? ` · void: ${joint.void_because}`
                        : joint.checked_at
                          ? ` · check pass stands, ${joint.checked_by} ${time(joint.checked_at)}`
                          : ' · not finished'}
                </span>
            </h3>
            <div
                className={`grid gap-4 md:grid-cols-[15rem_1fr] print:grid-cols-[6cm_1fr] ${isVoid ? 'opacity-70' : ''}`}
            >
                <div className="max-h-60">
                    <JointMap
                        bolts={joint.bolts.map((bolt) => ({
                            id: bolt.id,
                            x: bolt.x.value,
                            y: bolt.y.value,
                            thread: bolt.thread,
                            condition: bolt.condition,
                            leftHand: bolt.left_hand,
                            reached: 'straight',
                            oneUse: false,
                            document: null,
                        }))}
                        place={joint.place}
                        order={order}
                        marks={{}}
                    />
                </div>
                <div className="overflow-x-auto">
                    <table className="w-full text-left text-sm leading-tight">
                        <thead>
                            <tr className="border-b border-line align-bottom">
                                <th className="py-1 pr-2 font-normal text-quiet">bolt</th>
                                {joint.stages.map((stage, index) => (
                                    // biome-ignore lint/suspicious/noArrayIndexKey: stages have no other name
                                    <th key={index} className="py-1 pr-2">
                                        {index + 1} · {stage.asked}
                                    </th>
                                ))}
                            </tr>
                        </thead>
                        <tbody>
                            {joint.bolts.map((bolt) => (
                                <tr key={bolt.id} className="border-b border-line align-top">
                                    <td className="py-0.5 pr-2 font-bold">{bolt.id}</td>
                                    {joint.stages.map((_, index) => (
                                        // biome-ignore lint/suspicious/noArrayIndexKey: stages have no other name
                                        <td key={index} className="py-0.5 pr-2">
                                            <Pulls joint={joint} bolt={bolt.id} stage={index + 1} />
                                        </td>
                                    ))}
                                </tr>
                            ))}
                        </tbody>
                    </table>
                </div>
            </div>
            {[...joint.owed.map((owed) => `owed its torque: ${owed}`), ...joint.remarks, ...wrenches(joint)].map(
                (line) => (
                    <p key={line} className="text-sm">
                        {line}
                    </p>
                ),
            )}
        </article>
    )
}

/** The pulls of one bolt in one stage, as they came. */
function Pulls({ joint, bolt, stage }: { joint: Joint; bolt: string; stage: number }) {
    const pulls = joint.pulls.filter((pull) => pull.bolt === bolt && pull.stage === stage)
    return (
        <>
            {pulls.map((pull) => (
                <span key={pull.at + pull.outcome} className="block">
                    {pull.outcome === 'done' ? '✓' : pull.outcome}
                    {pull.figure && ` ${pull.figure}`}{' '}
                    <span className="text-quiet">
                        {pull.by} {pull.at.slice(11, 16)}
                    </span>
                </span>
            ))}
        </>
    )
}

/** With what it was pulled, each setting once. */
const wrenches = (joint: Joint): string[] => {
    const said = [...new Set(joint.pulls.map((pull) => pull.with).filter((each) => each !== null))]
    return said.length === 0 ? [] : [`with ${said.join(' · ')}`]
}
