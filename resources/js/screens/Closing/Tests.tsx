import type { Job } from '../../app/api'
import type { Closing } from '../../app/useBenches'
import { Compression } from './Compression'
import { LeakDown } from './LeakDown'
import { LeakTest } from './LeakTest'

/** What proves an engine before it runs: the cases under pressure, or each cylinder; and compression before and after. */
export function Tests({ job, closing }: { job: Job; closing: Closing }) {
    return (
        <>
            {closing.leak ? <LeakTest job={job} leak={closing.leak} /> : <LeakDown job={job} closing={closing} />}
            <Compression job={job} closing={closing} />
        </>
    )
}
