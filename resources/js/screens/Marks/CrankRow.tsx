import { useState } from 'react'
import type { Job, Schemas } from '../../app/api'
import { outbox } from '../../app/outbox'
import { Proof } from './Proof'

type Shell = Schemas['ShellChoice']

/** What a colour's name is painted as; a name that is not here is only written. */
const PAINTS: Record<string, string> = {
    green: '#2f7d4f',
    blue: '#2b5fb4',
    black: '#16191a',
    brown: '#7a4a26',
    red: '#b3322b',
    yellow: '#d8ac1f',
    white: '#fbfbf8',
    pink: '#dd8aa4',
}

/** The crank from end to end, each journal in its place: the two marks above, the shell they ask for below. */
export function CrankRow({ job }: { job: Job }) {
    const mains = job.fitting.shells.filter((shell) => shell.proof.startsWith('main_oil_clearance.'))
    const pins = job.fitting.shells.filter((shell) => shell.proof.startsWith('big_end_oil_clearance.'))
    const row = mains.flatMap((main, index) => [main, ...(pins[index] ? [pins[index]] : [])])
    const places = [...row, ...pins.slice(mains.length)]
    return (
        <section aria-label="Plain shells" className="mt-6">
            <h2 className="border-t-2 border-base-content pt-1.5 font-bold">Plain shells</h2>
            <p className="text-sm text-quiet">
                number on the case less number on the crank; on the rods, rod less crankpin, each less the sheet’s own
                offset
            </p>
            <div className="overflow-x-auto pb-2">
                <div
                    className="mt-2 grid min-w-[60rem]"
                    style={{ gridTemplateColumns: `repeat(${places.length}, minmax(0, 1fr))` }}
                >
                    {places.map((shell) => (
                        <Journal key={shell.proof} job={job} shell={shell} />
                    ))}
                </div>
            </div>
        </section>
    )
}

function Journal({ job, shell }: { job: Job; shell: Shell }) {
    const part = shell.proof.slice(shell.proof.indexOf('.') + 1)
    const isMain = shell.proof.startsWith('main')
    const cylinder = job.engine.drawing.cylinders.find((each) => each.id === part)
    const proof = job.measuring.assessments.find((assessment) => assessment.id === shell.proof)?.verdict ?? null
    const [outer, inner] = isMain ? ['case_at_main', 'crank_at_main'] : ['rod', 'crankpin']
    const up = !isMain && Math.cos(((cylinder?.crank ?? 0) * Math.PI) / 180) > 0
    return (
        <div className="flex flex-col items-center px-0.5 text-center">
            <p className="text-sm font-bold">{isMain ? `main ${part}` : (cylinder?.name ?? `rod ${part}`)}</p>
            <NumberMark job={job} id={`${outer}.${part}`} word={isMain ? 'case' : 'rod'} />
            <NumberMark job={job} id={`${inner}.${part}`} word={isMain ? 'crank' : 'pin'} />
            <JournalDrawing isMain={isMain} up={up} colour={shell.colour} />
            <p className="leading-tight" data-testid={`shell-${shell.proof}`}>
                {shell.code === null ? (
                    <span className="text-sm text-quiet">both marks first</span>
                ) : (
                    <>
                        <b className="text-lg">{shell.colour ?? 'no colour'}</b>
                        <span className="block text-sm text-quiet">code {shell.code}</span>
                    </>
                )}
            </p>
            {shell.code !== null && (
                <div className="text-left">
                    {proof ? <Proof proof={proof} /> : <p className="text-sm text-quiet">prove it by strip</p>}
                </div>
            )}
        </div>
    )
}

/** A piece of the crank: a journal on the line, a pin off it, the shell round it in its colour. */
function JournalDrawing({ isMain, up, colour }: { isMain: boolean; up: boolean; colour: string | null }) {
    const y = isMain ? 36 : up ? 16 : 56
    const paint = colour === null ? undefined : PAINTS[colour]
    return (
        <svg
            viewBox="0 0 100 92"
            preserveAspectRatio="none"
            className="my-1 h-24 w-full stroke-base-content"
            strokeWidth="1.6"
            aria-hidden="true"
        >
            {isMain ? (
                <path d={`M0 ${y}h100v20h-100z`} fill="var(--metal)" />
            ) : (
                <>
                    <path d="M0 8h16v76h-16zM84 8h16v76h-16z" fill="var(--metal-shade)" />
                    <path d={`M16 ${y}h68v20h-68z`} fill="var(--metal)" />
                </>
            )}
            <path
                d={`M28 ${y - 7}h44v7h-44zM28 ${y + 20}h44v7h-44z`}
                fill={paint ?? 'var(--color-base-100)'}
                strokeDasharray={colour === null ? '4 3' : undefined}
            />
        </svg>
    )
}

/** A number as stamped; it is written down when the field is left or Enter is pressed. */
function NumberMark({ job, id, word }: { job: Job; id: string; word: string }) {
    const marked = job.fitting.marks.find((mark) => mark.id === id)
    const [typed, setTyped] = useState<string | null>(null)
    const text = typed ?? marked?.mark ?? ''
    const wrong = text !== '' && !/^\d{1,2}$/.test(text)
    const write = () => {
        if (typed !== null && typed !== '' && !wrong && typed !== marked?.mark) {
            void outbox.add(job.number, 'mark_read', { place: id, mark: typed }, `${marked?.name}: marked ${typed}`)
        }
        if (!wrong) {
            setTyped(null)
        }
    }
    return (
        <label className="relative mt-1 flex flex-wrap items-center justify-center gap-x-1 text-sm text-quiet">
            <span className="w-9 text-right">{word}</span>
            <input
                aria-label={marked?.name}
                aria-invalid={wrong}
                inputMode="numeric"
                className={`h-11 w-12 rounded-field border bg-base-100 text-center text-lg font-bold text-base-content ${wrong ? 'border-error' : 'border-base-content'}`}
                value={text}
                onChange={(event) => setTyped(event.target.value)}
                onBlur={write}
                onKeyDown={(event) => event.key === 'Enter' && write()}
            />
            {wrong && (
                <span
                    role="alert"
                    className="absolute top-full z-10 rounded-field bg-base-100 px-1 leading-tight text-error"
                >
                    “{text}”: a whole number from 0 to 99
                </span>
            )}
        </label>
    )
}
