import { useParams } from 'react-router'
import type { Schemas } from '../../app/api'
import { useKept } from '../../app/kept'
import { useJob } from '../../app/queries'
import { type Valves as Bench, useValves, type ValveWishes } from '../../app/useBenches'
import { BenchPage } from '../../parts/BenchPage'
import { Order } from './Order'
import { Rods } from './Rods'
import { Shims } from './Shims'
import { SmallParts } from './SmallParts'

const HOW: Record<Schemas['Adjustment'], string> = {
    screw: 'set by screw and lock nut',
    'shim under bucket': 'set by shims under buckets',
    'finger and shim': 'set by shims under fingers',
    hydraulic: 'hydraulic lifters',
    'ground stem': 'set by grinding the stem',
}

/** The valve bench: which valve now, shims, rods, small parts. */
export function Valves() {
    const { number, page = '' } = useParams()
    const job = useJob(Number(number))
    const [wishes, setWishes] = useKept<ValveWishes>(`valves:${number}:wishes`, {
        aim: 'middle',
        all: false,
        margin: '',
    })
    const valves = useValves(Number(number), job.data?.log.lastSeq ?? 0, wishes)
    if (!job.data || !valves.data) {
        const failed = job.isError || valves.isError
        return <p className="p-6">{failed ? 'The shop’s server does not answer. Trying again.' : 'One moment.'}</p>
    }
    const bench = valves.data
    if (bench.valves.length === 0) {
        return (
            <BenchPage job={job.data} bench="valves" title="Valves" about={null} pages={[]}>
                <p>This engine has no valves: ports do their work.</p>
            </BenchPage>
        )
    }
    const pages = pagesOf(bench)
    const shown = pages.some(([to]) => to === page) ? page : (pages[0]?.[0] ?? '')
    return (
        <BenchPage
            job={job.data}
            bench="valves"
            title="Valves"
            about={bench.adjustment && HOW[bench.adjustment]}
            pages={pages}
        >
            {shown === '' && <Order job={job.data} valves={bench} wishes={wishes} onWishes={setWishes} />}
            {shown === 'shims' && bench.shims && (
                <Shims job={job.data} valves={bench} shims={bench.shims} wishes={wishes} onWishes={setWishes} />
            )}
            {shown === 'rods' && <Rods job={job.data} valves={bench} />}
            {shown === 'parts' && <SmallParts job={job.data} valves={bench} />}
        </BenchPage>
    )
}

function pagesOf(bench: Bench): (readonly [string, string])[] {
    const hasLash = bench.adjustment !== 'hydraulic'
    const hasParts =
        bench.rockerStack.length > 0 || bench.tube.length > 0 || bench.valves.some((valve) => valve.rodStated !== null)
    return [
        ...(hasLash ? ([['', 'Which valve now']] as const) : []),
        ...(bench.shims ? ([['shims', 'Shims']] as const) : []),
        ...(bench.rods.length > 0 ? ([['rods', 'Rods']] as const) : []),
        ...(hasParts ? ([['parts', 'Small parts']] as const) : []),
    ]
}
