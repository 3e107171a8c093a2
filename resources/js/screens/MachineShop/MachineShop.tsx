import { useParams } from 'react-router'
import { useJob } from '../../app/queries'
import { BoreMapDrawing } from '../../drawings/BoreMapDrawing'
import { JobPage } from '../../parts/JobPage'
import { OutAndBack } from './OutAndBack'

/** One page for the machine shop: what is asked of each bore, the readings before, and what is read on return. */
export function MachineShop() {
    const number = Number(useParams().number)
    const job = useJob(number)
    return (
        <JobPage job={job} title="Order for the machine shop" sub="one page, print it or send the JSON">
            {(data) => (
                <article className="bg-base-100 p-6 print:p-0">
                    <a className="btn no-print mb-3 h-12 px-6" href={`/api/jobs/${number}/work-order.json`}>
                        JSON
                    </a>
                    <p>
                        {data.engine.description} · {data.engine.facts} · for {data.closing.owner}
                    </p>
                    {data.fitting.bores.map((bore) => {
                        const spots = data.measuring.spots.filter(
                            (spot) => spot.cylinder === bore.cylinder && spot.quantity === 'bore',
                        )
                        return (
                            <section
                                key={bore.cylinder}
                                className="mt-4 break-inside-avoid border-t-2 border-base-content pt-2"
                            >
                                <h2 className="text-xl font-bold">
                                    {data.fitting.bores.length > 1 && `${bore.name}: `}
                                    {bore.missing ?? asked(bore.decided ?? bore.decision ?? '', bore.size)}
                                </h2>
                                {bore.goesOut && <OutAndBack job={data} bore={bore} />}
                                {bore.finishAim !== null && (
                                    <p className="text-lg">
                                        Finish <b>{bore.finishMin?.toFixed(3)}</b> to{' '}
                                        <b>{bore.finishMax?.toFixed(3)}</b> mm, aim <b>{bore.finishAim.toFixed(3)}</b>,
                                        takes out {bore.remove?.toFixed(3)} mm
                                        {bore.piston !== null && (
                                            <>
                                                {' '}
                                                · to suit the piston of <b>{bore.piston.toFixed(3)}</b> mm supplied with
                                                it
                                            </>
                                        )}
                                    </p>
                                )}
                                {spots.some((spot) => spot.reading) && (
                                    <div className="mt-2 max-w-xl">
                                        <p className="text-sm text-quiet">Read before, mm</p>
                                        <BoreMapDrawing
                                            height={170}
                                            points={spots.map((spot) => ({
                                                depth: spot.depth ?? 0,
                                                axis: spot.part,
                                                size: spot.reading?.millimetres ?? null,
                                            }))}
                                            at={(depth, axis) => (
                                                <p className="border border-base-content bg-base-100 text-center font-bold">
                                                    {spots
                                                        .find((spot) => spot.depth === depth && spot.part === axis)
                                                        ?.reading?.millimetres?.toFixed(3) ?? '–'}
                                                </p>
                                            )}
                                        />
                                    </div>
                                )}
                                <p className="mt-2 text-sm">
                                    {bore.reasons.join(' ')} Edges of ports and bore broken, cross-hatch about 45°,
                                    washed. Read bore and piston again on return: ______ ______ ______
                                </p>
                            </section>
                        )
                    })}
                    <p className="mt-6 border-t-2 border-base-content pt-2 text-sm font-bold">
                        Moltrek’s figures support a trained person. The engine maker’s service manual, local rules and
                        licensed practice come first.
                    </p>
                </article>
            )}
        </JobPage>
    )
}

const asked = (decision: string, size: string | null) =>
    ({
        keep: 'keep as it is, nothing asked',
        hone: 'hone to size',
        rebore: `rebore${size ? ` to ${size}` : ''}`,
        replate: 'plate and size',
        replace: 'none: the barrel is replaced',
    })[decision] ?? decision
