import type { Schemas } from '../../app/api'
import { useThought } from '../../app/units'
import { WrenchDrawing } from '../../drawings/WrenchDrawing'
import type { Pass } from './run'

export type Setting = Schemas['TorqueSetting']
type Bolt = Schemas['TorqueBolt']

/** The settings that can be used at a bolt: with an adapter where it needs one, without where it does not. */
export const settingsAt = (pass: Pass | undefined, bolt: Bolt | undefined): Setting[] =>
    (pass?.settings ?? []).filter((each) => (bolt?.reached === 'adapter') === (each.adapter !== null))

export const nameOf = (setting: Setting): string =>
    `${setting.wrench}${setting.adapter ? ` ${setting.adapter} ${setting.angle}` : ''}`

/** What the hand does at the bolt that is due: the setting of the wrench as large as there is room, or the angle, or the word. */
export function SetTo({
    pass,
    bolt,
    turned,
    isFirst,
    chosen,
    onChoose,
}: {
    pass: Pass
    bolt: Bolt | undefined
    turned: number
    /** Whether it is the first stage of its programme. */
    isFirst: boolean
    chosen: Setting | undefined
    onChoose: (setting: string) => void
}) {
    const byFeel = bolt?.reached === 'feel'
    const settings = settingsAt(pass, bolt)
    return (
        <section aria-label="At this bolt">
            {pass.kind === 'angle' && pass.least !== null && pass.most !== null ? (
                <Angle least={pass.least - turned} most={pass.most - turned} turned={turned} />
            ) : chosen && !byFeel ? (
                <Torque pass={pass} chosen={chosen} />
            ) : (
                <p className="text-4xl leading-tight font-bold">
                    {byFeel ? 'By feel' : pass.figure === null ? headline(pass) : 'No wrench here can give it'}
                </p>
            )}
            <p className="mt-1 text-lg leading-snug">{byFeel ? pass.actByFeel : pass.act}</p>
            {bolt?.leftHand && (
                <p className="mt-1 border-2 border-error px-2 py-1 font-bold">
                    ↺ Left-hand thread: it tightens anticlockwise.
                </p>
            )}
            {bolt?.oneUse && isFirst && <p className="font-bold">A new one: it is used once.</p>}
            {bolt?.condition && <p className="text-sm text-quiet">{bolt.condition}</p>}
            {pass.between && <p className="font-bold">Between two pulls: {pass.between}.</p>}
            {pass.note && <p className="text-sm">{pass.note}</p>}
            {chosen && !byFeel && pass.kind !== 'angle' && (
                <>
                    <div className="hidden lg:block">
                        <WrenchDrawing
                            length={chosen.lever}
                            adapter={chosen.reach ?? 0}
                            angle={chosen.angle}
                            lettering={26}
                        />
                    </div>
                    {settings.length > 1 && (
                        <label className="block text-sm">
                            <span className="text-quiet">Wrench </span>
                            <select
                                className="h-11 max-w-full rounded-field border border-line bg-base-100 px-2 font-bold"
                                value={nameOf(chosen)}
                                onChange={(event) => onChoose(event.target.value)}
                            >
                                {settings.map((each) => (
                                    <option key={nameOf(each)} value={nameOf(each)}>
                                        {each.name}
                                        {each.adapterName ? `, ${each.adapterName} ${placed(each.angle)}` : ''}:{' '}
                                        {each.dial}
                                        {each.overdue ? ' (past its check)' : ''}
                                    </option>
                                ))}
                            </select>
                        </label>
                    )}
                </>
            )}
        </section>
    )
}

const HEADLINES: Partial<Record<Pass['kind'], string>> = { snug: 'Snug', loosen: 'Ease it', check: 'Look at it' }

const headline = (pass: Pass): string => HEADLINES[pass.kind] ?? pass.words

const placed = (angle: number): string => (angle === 0 ? 'straight ahead' : `at ${angle}°`)

function Torque({ pass, chosen }: { pass: Pass; chosen: Setting }) {
    const [figure = '', unit = ''] = chosen.dial.split(' ')
    const thought = useThought()
    return (
        <>
            <p className="text-quiet">Set {chosen.name} to</p>
            <p className="flex items-end gap-2 leading-none font-bold" data-dial={chosen.dial}>
                <span className={figure.length > 4 ? 'text-7xl' : 'text-8xl'}>{figure}</span>
                <span className="pb-1 text-2xl">{unit}</span>
            </p>
            <p className="mt-1 font-bold">
                {chosen.adapterName && (
                    <span className="block text-sm">
                        with {chosen.adapterName}, {chosen.reach} mm, {placed(chosen.angle)}
                    </span>
                )}
                gives {thought(`${chosen.delivered.toFixed(1)} N·m`)}
                {chosen.doubt !== null && <span className="font-normal"> ± {chosen.doubt.toFixed(1)}</span>} at the bolt
            </p>
            <p className="text-sm text-quiet">
                asked: {thought(pass.words.replace('check pass at ', ''))} ({pass.source})
                {pass.least !== null &&
                    pass.most !== null &&
                    thought(`, ${pass.least.toFixed(1)} to ${pass.most.toFixed(1)} N·m`)}
            </p>
            {chosen.overdue && (
                <p className="font-bold text-error">⚠ This wrench is past its check: it stands on the record.</p>
            )}
            {chosen.cautions.map((caution) => (
                <p key={caution} className="text-sm font-bold">
                    ⚠ {caution}
                </p>
            ))}
        </>
    )
}

/** How far it is turned from here, with the part of the circle that is right. */
function Angle({ least, most, turned }: { least: number; most: number; turned: number }) {
    const middle = (least + most) / 2
    const at = (degrees: number, r: number) => {
        const turn = ((degrees - 90) * Math.PI) / 180
        return `${60 + r * Math.cos(turn)} ${60 + r * Math.sin(turn)}`
    }
    return (
        <div className="flex items-center gap-4">
            <div>
                <p className="text-quiet">Turn it by</p>
                <p className="text-8xl leading-none font-bold">{middle.toFixed(0)}°</p>
                <p className="text-sm text-quiet">
                    {least.toFixed(0)}° to {most.toFixed(0)}°
                    {turned > 0 && (
                        <b className="block text-base-content">
                            {turned.toFixed(0)}° turned already: go on from there.
                        </b>
                    )}
                </p>
            </div>
            <svg viewBox="0 0 120 120" className="ink size-32 text-base-content" aria-hidden="true">
                <circle cx="60" cy="60" r="48" fill="var(--metal)" stroke="currentColor" />
                <path
                    d={`M60 60L${at(least, 48)}A48 48 0 ${most - least > 180 ? 1 : 0} 1 ${at(most, 48)}Z`}
                    className="fill-primary"
                />
                <path d={`M60 60L${at(0, 54)}`} stroke="currentColor" strokeWidth={3} />
                <path
                    d={`M${at(0, 30)}A30 30 0 ${middle > 180 ? 1 : 0} 1 ${at(middle, 30)}`}
                    fill="none"
                    stroke="currentColor"
                    strokeWidth={2}
                    strokeDasharray="4 3"
                />
            </svg>
        </div>
    )
}
