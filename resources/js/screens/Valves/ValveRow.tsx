import type { Job } from '../../app/api'
import { stepDone } from '../../app/done'
import { withUnit } from '../../app/format'
import { toNextRow } from '../../app/nextRow'
import { useTypedUnit } from '../../app/units'
import type { ValveOnBench } from '../../app/useBenches'
import { useEntering } from '../../app/useEntering'
import { VerdictMark } from '../../drawings/VerdictMark'
import { Field } from '../../parts/Field'
import { Refused } from '../../parts/Refused'
import { StrikeOut } from '../../parts/StrikeOut'
import { GroundStem } from './GroundStem'
import { LeaveLoose } from './LeaveLoose'

const BLANK = { passes: '', refuses: '' }

const leaf = (typed: string, unit: string) => (typed.trim() === '' ? '–' : withUnit(typed, unit))

/** One valve: between which leaves it was read, what that means, and what is done about it. */
export function ValveRow({
    job,
    valve,
    adjustment,
    isNow,
}: {
    job: Job
    valve: ValveOnBench
    adjustment: string | null
    isNow: boolean
}) {
    const tool = job.measuring.tools.find((each) => each.kind === 'feeler leaves')?.id
    const unit = useTypedUnit('length')
    const { typed, setTyped, enter, isSending, refusal } = useEntering(job.number, `lash:${valve.id}`, BLANK, 'valves')
    const parts = (['passes', 'refuses'] as const).filter((part) => typed[part].trim() !== '')
    const send = () =>
        void enter(
            'reading_taken',
            {
                spot: valve.spot,
                reading: Object.fromEntries(parts.map((part) => [part, withUnit(typed[part], unit)])),
                ...(tool ? { tool } : {}),
            },
            `${nameOf(valve)}: ${leaf(typed.passes, unit)} passes, ${leaf(typed.refuses, unit)} does not`,
        )
    return (
        <li className="border-b border-line py-2">
            <form
                data-row="lash"
                aria-label={nameOf(valve)}
                className="flex flex-wrap items-end gap-x-3 gap-y-1"
                onSubmit={(event) => {
                    event.preventDefault()
                    if (parts.length > 0 && !isSending) {
                        send()
                        toNextRow(event.currentTarget, 'lash')
                    }
                }}
            >
                <div className="min-w-52 flex-1 leading-tight">
                    <p className={`text-lg ${isNow ? 'font-bold' : ''}`}>
                        {valve.id} <span className="text-base font-normal text-quiet">{nameOf(valve)}</span>
                    </p>
                    <p className="text-sm text-quiet">
                        {valve.limit ?? 'no limit stated'}
                        {valve.before && ` · as found ${valve.before}`}
                        {valve.shim && ` · shim ${valve.shim}`}
                    </p>
                </div>
                <Field
                    label={`passes, ${unit}`}
                    className="w-24"
                    value={typed.passes}
                    onChange={(passes) => setTyped({ ...typed, passes })}
                />
                <Field
                    label={`does not, ${unit}`}
                    className="w-24"
                    value={typed.refuses}
                    onChange={(refuses) => setTyped({ ...typed, refuses })}
                />
                <button
                    type="submit"
                    className={`btn h-12 px-4 ${isNow && !valve.step?.held ? 'btn-primary' : ''}`}
                    disabled={isSending}
                >
                    Enter
                </button>
            </form>
            <Refused refusal={refusal} />
            <Read job={job} valve={valve} adjustment={adjustment} />
        </li>
    )
}

function Read({ job, valve, adjustment }: { job: Job; valve: ValveOnBench; adjustment: string | null }) {
    if (valve.now === null) {
        return valve.stale ? <p className="text-sm text-quiet">To be read again: {valve.stale}.</p> : null
    }
    const isOff = valve.state === 'out' || valve.state === 'unsure'
    return (
        <div aria-live="polite">
            <p className="mt-1 flex flex-wrap items-center gap-x-2">
                <VerdictMark state={valve.state} size={20} />
                <b className="text-lg">{valve.now}</b> {valve.words}
                {valve.entry && (
                    <StrikeOut job={job.number} entry={valve.entry} what={`${nameOf(valve)} ${valve.now}`} />
                )}
            </p>
            {valve.loose && <p className="font-bold">{valve.loose}</p>}
            {isOff && !valve.loose && (
                <p className="leading-snug">
                    {valve.reason} {adjustment === 'screw' && SCREW}
                </p>
            )}
            {valve.mayStay && <Stays job={job} valve={valve} />}
            {adjustment === 'ground stem' && <GroundStem job={job} valve={valve} />}
            {isOff && !valve.loose && adjustment !== 'ground stem' && <LeaveLoose job={job} valve={valve} />}
        </div>
    )
}

/** Found inside: nothing is set on it, and its step is done as it was read. */
function Stays({ job, valve }: { job: Job; valve: ValveOnBench }) {
    const { step } = valve
    return step ? (
        <button type="button" className="btn mt-1 h-12 px-4" onClick={() => stepDone(job.number, step)}>
            Stays as found
        </button>
    ) : null
}

const SCREW =
    'Lock nut eased, the screw turned until the leaf of the middle drags; the nut drawn up with the screw held, then read again: a lock that moves it is the usual fault.'

/** "inlet valve 1, cylinder 2". */
export const nameOf = (valve: ValveOnBench) =>
    valve.cylinderName === 'cylinder' ? valve.name : `${valve.name}, ${valve.cylinderName}`
