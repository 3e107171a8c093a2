import { useParams } from 'react-router'
import type { Job, Schemas } from '../../app/api'
import { plural } from '../../app/format'
import { outbox } from '../../app/outbox'
import { useJob } from '../../app/queries'
import { MarkedFit } from '../../drawings/MarkedFit'
import { VerdictMark } from '../../drawings/VerdictMark'
import { JobPage } from '../../parts/JobPage'
import { CrankRow } from './CrankRow'
import { Proof } from './Proof'

export type Marked = Schemas['MarkedPart']

/** The maker's marks: proposed by table, proved by reading; below them the shells that the marks of case and crank ask for. */
export function Marks() {
    const job = useJob(Number(useParams().number))
    return (
        <JobPage job={job} title="Marks and shells" sub="a mark proposes, a reading proves">
            {(data) => (data.fitting.marks.length === 0 ? <NoMarks /> : <Sheet job={data} />)}
        </JobPage>
    )
}

const NoMarks = () => (
    <p className="bg-base-100 p-5">The sheet of this engine sorts no part by mark: every part goes by its reading.</p>
)

function Sheet({ job }: { job: Job }) {
    const sized = job.engine.drawing.cylinders.map((cylinder) => ({
        cylinder,
        bore: job.fitting.marks.find((mark) => mark.kind === 'bore' && mark.part === cylinder.id),
        piston: job.fitting.marks.find((mark) => mark.kind === 'piston' && mark.part === cylinder.id),
    }))
    const unsure = job.fitting.marks.filter((mark) => mark.proof?.state === 'unsure').length
    return (
        <div className="bg-base-100 p-5">
            {sized.some((each) => each.bore || each.piston) && (
                <section aria-label="Size groups">
                    <h2 className="font-bold">Size groups</h2>
                    {job.fitting.marksSettledBy && (
                        <p className="mt-1 flex items-start gap-2">
                            <VerdictMark state="unsure" size={22} />
                            <span>
                                <b>
                                    {plural(unsure, 'mark is', 'marks are')} too close to call by the tools that were
                                    used.
                                </b>{' '}
                                {job.fitting.marksSettledBy}
                            </span>
                        </p>
                    )}
                    <ul
                        className="mt-2 grid gap-3"
                        style={{ gridTemplateColumns: `repeat(${sized.length}, minmax(0, 1fr))` }}
                    >
                        {sized.map(({ cylinder, bore, piston }) => (
                            <li key={cylinder.id} className="border-t-2 border-base-content pt-2">
                                <p className="font-bold">
                                    {cylinder.name.charAt(0).toUpperCase() + cylinder.name.slice(1)}
                                </p>
                                <MarkedFit bore={bore?.mark ?? null} piston={piston?.mark ?? null} />
                                {bore && <SizeMark job={job} marked={bore} />}
                                {piston && <SizeMark job={job} marked={piston} />}
                            </li>
                        ))}
                    </ul>
                </section>
            )}
            {job.fitting.shells.length > 0 && <CrankRow job={job} />}
        </div>
    )
}

/** Which of its groups a part is marked as, and whether the reading agrees. */
function SizeMark({ job, marked }: { job: Job; marked: Marked }) {
    const write = (mark: string) =>
        void outbox.add(job.number, 'mark_read', { place: marked.id, mark }, `${marked.name}: marked ${mark}`)
    const chosen = marked.choices.find((choice) => choice.mark === marked.mark)
    return (
        <fieldset className="mt-2">
            <legend className="text-sm text-quiet">{marked.kind === 'bore' ? 'Barrel marked' : 'Crown marked'}</legend>
            <div className="flex gap-1.5">
                {marked.choices.map((choice) => (
                    <button
                        key={choice.mark}
                        type="button"
                        aria-pressed={choice.mark === marked.mark}
                        aria-label={`${marked.name}: ${choice.mark}`}
                        title={`${choice.min.toFixed(3)} to ${choice.max.toFixed(3)} mm`}
                        onClick={() => write(choice.mark)}
                        className={`h-12 min-w-12 flex-1 rounded-field border-2 text-lg font-bold ${
                            choice.mark === marked.mark
                                ? 'border-base-content bg-base-content text-base-100'
                                : 'border-line'
                        }`}
                    >
                        {choice.mark}
                    </button>
                ))}
            </div>
            {chosen && (
                <p className="mt-1 text-sm leading-tight text-quiet">
                    {chosen.mark} is {chosen.min.toFixed(3)} to {chosen.max.toFixed(3)}
                </p>
            )}
            <Proof proof={marked.proof} />
        </fieldset>
    )
}
