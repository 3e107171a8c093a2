import { useEffect, useState } from 'react'
import { useNavigate, useParams, useSearchParams } from 'react-router'
import { type Job, Problem } from '../../app/api'
import { useJob } from '../../app/queries'
import { useKeys } from '../../app/useKeys'
import { Deck } from './Deck'
import { Slip } from './Slip'
import { Stack } from './Stack'
import { useDesk } from './useDesk'
import { Work } from './Work'

/** One job: the stack on the left, the work in the middle, the slip on the right, the deck under the work. */
export function Bench() {
    const number = Number(useParams().number)
    const job = useJob(number)
    if (job.data) {
        return <BuildOf key={number} job={job.data} />
    }
    const missing = job.error instanceof Problem && job.error.status === 404
    return (
        <p className="p-6">
            {missing
                ? `There is no job ${number}. Press f for the floor.`
                : job.isError
                  ? 'The shop’s server does not answer. Trying again.'
                  : 'One moment.'}
        </p>
    )
}

function BuildOf({ job }: { job: Job }) {
    const [params, setParams] = useSearchParams()
    const [chosen, setChosen] = useState<string | null>(null)
    const navigate = useNavigate()
    const desk = useDesk(job)
    const barrel = job.stack.slabs.find((slab) => slab.drawnAs === 'barrel')?.id ?? job.stack.slabs[0]?.id ?? ''
    const slab = chosen ?? job.planning.next.slab ?? barrel
    const goNext = () => {
        setChosen(job.planning.next.slab ?? barrel)
        const spot =
            job.planning.next.kind === 'spot' && job.measuring.spots.find((item) => item.id === job.planning.next.id)
        if (spot) {
            desk.focus(spot)
        } else {
            document.getElementById('next-move')?.focus()
        }
    }

    const asked = params.get('at')
    // biome-ignore lint/correctness/useExhaustiveDependencies: the address asks once
    useEffect(() => {
        const spot = job.measuring.spots.find((item) => item.id === asked)
        if (spot) {
            setChosen(spot.slab)
            desk.focus(spot)
            setParams({}, { replace: true })
        }
    }, [asked])

    useKeys({
        n: (event) => {
            event.preventDefault()
            goNext()
        },
        r: () => navigate(`/jobs/${job.number}/record`),
        digit: () => {
            const spot = job.measuring.spots.find((item) => item.id === job.planning.next.id)
            if (spot && !desk.active) {
                desk.focus(spot)
            }
        },
    })

    return (
        <main
            data-seq={job.log.lastSeq}
            className="grid min-h-0 flex-1 grid-cols-1 md:h-[calc(100dvh-3.25rem)] md:flex-none md:grid-cols-[12.5rem_minmax(0,1fr)] lg:grid-cols-[16.5rem_minmax(0,1fr)_18rem]"
        >
            <Stack job={job} selected={slab} cylinder={inHand(job, desk.active?.cylinder)} onSelect={setChosen} />
            <div className="flex min-h-0 min-w-0 flex-col border-line bg-base-100 md:border-x">
                <div className="min-h-0 flex-1 overflow-y-auto">
                    <Work job={job} slab={slab} desk={desk} onNext={goNext} />
                    <div className="border-t border-line lg:hidden">
                        <Slip job={job} />
                    </div>
                </div>
                {desk.active && <Deck job={job} desk={desk} />}
            </div>
            <aside aria-label="Slip" className="hidden min-h-0 overflow-y-auto bg-base-200 lg:block">
                <Slip job={job} />
            </aside>
        </main>
    )
}

/** The cylinder that is being read, else the one that is next. */
function inHand(job: Job, active: string | null | undefined): string | null {
    const { next, steps } = job.planning
    const spot = job.measuring.spots.find((each) => each.id === next.id)
    return active ?? spot?.cylinder ?? steps.find((step) => step.id === next.id)?.cylinder ?? null
}
