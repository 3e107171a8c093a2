import type { Job } from '../../app/api'
import { useKept } from '../../app/kept'
import { type StackJoint, type Tried, useThickness } from '../../app/useThickness'
import { StackCut } from '../../drawings/StackCut'
import { ChamberPage } from './ChamberPage'
import { Choices } from './Choices'
import { cutOf, laidIn } from './cut'
import { Decision } from './Decision'
import { Figures } from './Figures'
import { Joints } from './Joints'

/** The stack of thicknesses of one cylinder: everything that a gasket, a spacer or an insert moves, before it is fitted. */
export function Thickness() {
    return (
        <ChamberPage page="thickness" sub={() => 'cut at top dead centre, thickness enlarged'}>
            {(job, cylinder) => <Trying key={cylinder} job={job} cylinder={cylinder} />}
        </ChamberPage>
    )
}

function Trying({ job, cylinder }: { job: Job; cylinder: string }) {
    const [tried, setTried] = useKept<Tried>(`tried:${job.number}:${cylinder}`, {})
    const { data: stack, isError, isOfThis } = useThickness(job.number, cylinder, job.log.lastSeq, tried)
    if (!stack) {
        return <p>{isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const lay = (joint: StackJoint, pieces: Tried[string]) => setTried({ ...tried, [joint.slab]: pieces })
    const drag = (slab: string, thickness: number) => {
        const joint = stack.joints.find((each) => each.slab === slab)
        if (joint) {
            lay(joint, [{ name: `${joint.name} ${thickness.toFixed(2)}`, thickness, volume: null }])
        }
    }
    const cut = cutOf(stack, tried)
    return (
        <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.02fr)]">
            <div className="min-w-0">
                <StackCut cut={cut} onDrag={(joint, thickness) => drag(joint.id, thickness)} />
                <Choices
                    stack={stack}
                    tried={tried}
                    onTry={(pieces) => setTried({ ...tried, ...laidIn(stack, pieces) })}
                />
                <Decision job={job} stack={stack} isOfThis={isOfThis} tried={tried} onDecided={() => setTried({})} />
                <Joints job={job} stack={stack} tried={tried} onLay={lay} onReset={() => setTried({})} />
            </div>
            <div className="min-w-0">
                <Figures stack={stack} moved={Object.keys(tried).length > 0} />
                {stack.remarks.map((remark) => (
                    <p
                        key={remark}
                        role="status"
                        className="mt-2 border-l-4 border-base-content pl-3 leading-snug font-bold"
                    >
                        {remark}
                    </p>
                ))}
            </div>
        </div>
    )
}
