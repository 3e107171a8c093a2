import { useState } from 'react'
import { Link, useParams } from 'react-router'
import type { Job } from '../../app/api'
import { useJob } from '../../app/queries'
import { type Thickness as Stack, type StackJoint, type Tried, useThickness } from '../../app/useThickness'
import { StackCut } from '../../drawings/StackCut'
import { Choices } from './Choices'
import { cutOf, laidIn } from './cut'
import { Decision } from './Decision'
import { Figures } from './Figures'
import { Joints } from './Joints'
import { Pages } from './Pages'

/** The stack of thicknesses of one cylinder: everything that a gasket, a spacer or an insert moves, before it is fitted. */
export function Thickness() {
    const { number, cylinder = '' } = useParams()
    const job = useJob(Number(number))
    if (!job.data) {
        return <p className="p-6">{job.isError ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    return <Trying key={cylinder} job={job.data} cylinder={cylinder} />
}

function Trying({ job, cylinder }: { job: Job; cylinder: string }) {
    const [tried, setTried] = useState<Tried>({})
    const { data: stack, isError } = useThickness(job.number, cylinder, job.log.lastSeq, tried)
    if (!stack) {
        return <p className="p-6">{isError ? 'This engine has no such cylinder.' : 'One moment.'}</p>
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
        <main data-seq={job.log.lastSeq} className="flex-1 bg-base-100 px-4 pt-3 pb-6 md:px-6">
            <div className="mx-auto max-w-[1360px]">
                <Heading job={job} stack={stack} />
                <div className="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1.02fr)]">
                    <div className="min-w-0">
                        <StackCut cut={cut} onDrag={(joint, thickness) => drag(joint.id, thickness)} />
                        <Choices
                            stack={stack}
                            tried={tried}
                            onTry={(pieces) => setTried({ ...tried, ...laidIn(stack, pieces) })}
                        />
                        <Decision job={job} stack={stack} tried={tried} onDecided={() => setTried({})} />
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
                        <Joints job={job} stack={stack} tried={tried} onLay={lay} onReset={() => setTried({})} />
                    </div>
                </div>
            </div>
        </main>
    )
}

function Heading({ job, stack }: { job: Job; stack: Stack }) {
    const several = job.engine.drawing.cylinders.length > 1
    return (
        <div className="mb-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
            <div>
                <h1 className="text-2xl leading-tight font-bold">Thickness{several && `, ${stack.name}`}</h1>
                <p className="text-quiet">
                    <Link className="underline decoration-1 underline-offset-3" to={`/jobs/${job.number}`}>
                        {job.title} · job {job.number}
                    </Link>{' '}
                    · cut at top dead centre, thickness enlarged
                </p>
            </div>
            <Pages job={job} cylinder={stack.cylinder} page="thickness" isTwoStroke={stack.isTwoStroke} />
        </div>
    )
}
