import { useParams } from 'react-router'
import { useJob } from '../../app/queries'
import { useClosing } from '../../app/useBenches'
import { BenchPage } from '../../parts/BenchPage'
import { Filling } from './Filling'
import { RunIn } from './RunIn'
import { Start } from './Start'
import { Tests } from './Tests'
import { Trials } from './Trials'

const PAGES = [
    ['', 'Filling'],
    ['tests', 'Tests'],
    ['start', 'First start'],
    ['run-in', 'Running in'],
    ['trials', 'Trials'],
] as const

/** The closing bench: what goes in, what is proved, the first start, running in, and variants tried against each other. */
export function Closing() {
    const { number, page = '' } = useParams()
    const job = useJob(Number(number))
    const closing = useClosing(Number(number), job.data?.log.lastSeq ?? 0)
    if (!job.data || !closing.data) {
        const failed = job.isError || closing.isError
        return <p className="p-6">{failed ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const bench = { job: job.data, closing: closing.data }
    return (
        <BenchPage
            job={job.data}
            bench="closing"
            title="Closing and tests"
            about={closing.data.handedOver ? 'handed over' : null}
            pages={PAGES}
        >
            {page === '' && <Filling {...bench} />}
            {page === 'tests' && <Tests {...bench} />}
            {page === 'start' && <Start {...bench} />}
            {page === 'run-in' && <RunIn {...bench} />}
            {page === 'trials' && <Trials {...bench} />}
        </BenchPage>
    )
}
