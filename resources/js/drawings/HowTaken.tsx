import type { ReactNode } from 'react'

/** How a reading is taken, in a few strokes: the part in ink, the one place that is read in the working colour. */
export function HowTaken({ sketch, width = 96 }: { sketch: string; width?: number }) {
    const drawing = SKETCHES[sketch]
    return drawing ? (
        <svg
            viewBox="0 0 96 72"
            width={width}
            height={width * 0.75}
            aria-hidden="true"
            data-sketch={sketch}
            className="shrink-0 fill-none stroke-current"
            strokeWidth="1.6"
            strokeLinejoin="round"
        >
            {drawing}
        </svg>
    ) : null
}

const Part = ({ d }: { d: string }) => <path d={d} className="fill-base-300" />
const Ink = ({ d }: { d: string }) => <path d={d} />
const Here = ({ d }: { d: string }) => <path d={d} className="stroke-primary" strokeWidth="3" />

const round = (x: number, y: number, r: number) =>
    `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`
const box = (x: number, y: number, w: number, h: number) => `M${x} ${y}h${w}v${h}h${-w}z`

/** From here to there, with a head at each end. */
function Span({ from, to }: { from: [number, number]; to: [number, number] }) {
    const length = Math.hypot(to[0] - from[0], to[1] - from[1])
    const [x, y] = [((to[0] - from[0]) / length) * 5, ((to[1] - from[1]) / length) * 5]
    const head = ([px, py]: [number, number], way: number) =>
        `M${px + way * (x - y * 0.7)} ${py + way * (y + x * 0.7)}L${px} ${py}L${px + way * (x + y * 0.7)} ${py + way * (y - x * 0.7)}`
    return (
        <path
            d={`M${from.join(' ')}L${to.join(' ')}${head(from, 1)}${head(to, -1)}`}
            className="stroke-primary"
            strokeWidth="2.2"
        />
    )
}

/** A dial with its plunger to the right place. */
function Dial({ x, y, to }: { x: number; y: number; to: [number, number] }) {
    return (
        <>
            <Ink d={`${round(x, y, 11)}M${x} ${y}l4 -6`} />
            <Here d={`M${x + Math.sign(to[0] - x) * 11} ${y + Math.sign(to[1] - y) * 11}L${to.join(' ')}`} />
        </>
    )
}

const SKETCHES: Record<string, ReactNode> = {
    'burette on plate': (
        <>
            <Part d="M12 66v-24h18q6 -14 18 -14q12 0 18 14h18v24z" />
            <Ink d="M8 42h80M44 42v-4h8v4" />
            <Ink d="M42 2h12v24h-12zM48 26v6" />
            <Here d="M44 12h8M48 34v5" />
        </>
    ),
    'burette in bore': (
        <>
            <Part d="M10 20h12v48h-12zM74 20h12v48h-12z" />
            <Part d="M23 68v-22q25 -10 50 0v22z" />
            <Ink d="M8 20h80" />
            <Ink d="M43 0h10v14h-10zM48 14v4" />
            <Here d="M26 20v24" />
            <Span from={[66, 20]} to={[66, 43]} />
        </>
    ),
    'across gasket': (
        <>
            <path d={`${round(48, 40, 28)}${round(48, 40, 19)}`} className="fill-base-300" fillRule="evenodd" />
            <Ink d="M60 4h12v14h-12zM66 18v6" />
            <Here d="M71 24v30" />
        </>
    ),
    'depth to port': (
        <>
            <Part d="M18 14h14v56h-14zM64 14h14v20h-14zM64 52h14v18h-14z" />
            <Ink d="M8 14h80M46 2h8v34M64 34h14M64 52h14" />
            <Span from={[58, 14]} to={[58, 34]} />
        </>
    ),
    'gauge in plug hole': (
        <>
            <Part d="M14 40h26v10h14v-10h26v24h-66z" />
            <Ink d="M47 50v-16q0 -10 12 -10h4" />
            <Ink d={round(74, 22, 12)} />
            <Here d="M74 22l6 -7" />
        </>
    ),
    'air into cylinder': (
        <>
            <Part d="M22 8h8v58h-8zM66 8h8v58h-8z" />
            <Part d="M31 20h34v26h-34z" />
            <Ink d="M30 8h36M48 4v8" />
            <Here d="M48 0v10M18 30h-12m4 -4l-4 4l4 4M78 30h12m-4 -4l4 4l-4 4" />
        </>
    ),
    'skirt across pin': (
        <>
            <Part d="M26 8h44v56h-10v-12q-12 -8 -24 0v12h-10z" />
            <Ink d={`M26 15h44M26 20h44M26 25h44${round(48, 38, 6)}`} />
            <Ink d="M10 48h12v12h-12zM74 48h12v12h-12z" />
            <Span from={[22, 54]} to={[74, 54]} />
        </>
    ),
    'bore across': (
        <>
            <Part d="M14 6h12v62h-12zM70 6h12v62h-12z" />
            <Ink d="M46 0v32h4v-32M26 18h4M26 56h4M66 18h4M66 56h4" />
            <Span from={[26, 37]} to={[70, 37]} />
        </>
    ),
    'ring in bore': (
        <>
            <path d={`${round(48, 36, 33)}${round(48, 36, 28)}`} className="fill-base-300" fillRule="evenodd" />
            <path d="M53 11.5a25 25 0 1 1 -10 0" strokeWidth="4" />
            <Here d="M48 4v14" />
        </>
    ),
    'leaf in groove': (
        <>
            <Part d="M10 6h46v14h-22v24h22v22h-46z" />
            <path d={box(38, 26, 34, 18)} className="fill-base-100" />
            <Here d="M42 23h44" />
            <Ink d="M72 6v60" />
        </>
    ),
    'pin in eye': (
        <>
            <Part d={`M42 46l-4 26h20l-4 -26z${round(48, 28, 22)}`} />
            <path d={round(48, 28, 12)} className="fill-base-100" />
            <Span from={[36, 28]} to={[60, 28]} />
            <Ink d="M78 16h12v24h-12zM78 22h12M78 34h12" />
        </>
    ),
    'pin in boss': (
        <>
            <Part d="M16 6h64v58h-14v-18h-36v18h-14z" />
            <path d={box(10, 28, 76, 14)} className="fill-base-100" />
            <Span from={[23, 28]} to={[23, 42]} />
            <Span from={[73, 28]} to={[73, 42]} />
        </>
    ),
    'leaf at web': (
        <>
            <Part d="M10 4h18v64h-18zM66 4h18v64h-18z" />
            <path d="M33 20h28v32h-28z" className="fill-base-100" />
            <Ink d="M28 30h5M28 42h5M61 30h5M61 42h5M40 20v-20M54 20v-20" />
            <Here d="M63.5 8v50" />
        </>
    ),
    'rod pulled': (
        <>
            <Part d={`M42 40l2 -34h8l2 34z${round(48, 52, 16)}`} />
            <path d={round(48, 52, 9)} className="fill-base-100" />
            <Span from={[66, 8]} to={[66, 34]} />
        </>
    ),
    'strip on pin': (
        <>
            <path d={round(48, 34, 21)} className="fill-base-300" />
            <Ink d="M22 34a26 26 0 0 0 52 0h10v18h-12q-24 24 -48 0h-12v-18z" />
            <Here d="M36 57q12 5 24 0" />
        </>
    ),
    'dial on journal': (
        <>
            <Part d="M4 46h88v8h-88z" />
            <Part d="M34 34h10v32h-10zM52 34h10v32h-10z" />
            <Ink d="M8 68l6 -12l6 12M76 68l6 -12l6 12" />
            <Dial x={24} y={17} to={[24, 45]} />
            <Ink d="M68 40q8 -6 12 2m-5 -1l5 1l1 -5" />
        </>
    ),
    'dial on end': (
        <>
            <Part d="M4 30h48v14h-48z" />
            <Part d="M18 14h8v46h-8z" />
            <Dial x={80} y={37} to={[53, 37]} />
            <Ink d="M10 66h20m-4 -4l4 4l-4 4M14 62l-4 4l4 4" />
        </>
    ),
    'valve by finger': (
        <>
            <Part d="M58 4h14v20h-14zM58 48h14v20h-14z" />
            <path d="M20 12h30l8 12v8h-8l-6 -10h-24z" className="fill-base-100" />
            <Ink d="M58 24h30M58 48h30" />
            <Span from={[34, 32]} to={[34, 60]} />
        </>
    ),
    'air through jet': (
        <>
            <Part d="M8 44h80v22h-80z" />
            <path d="M8 54h34v-22h12v22h34" className="fill-base-100" />
            <Ink d="M42 32v-6h4M54 32v-6h-4" />
            <Here d="M48 22v-8M42 20l-6 -10M54 20l6 -10" />
        </>
    ),
    'bridge over crown': (
        <>
            <Part d="M6 30h14v40h-14zM76 30h14v40h-14z" />
            <Part d="M22 42q26 -6 52 0v28h-52z" />
            <path d="M2 20h92v10h-92z" className="fill-base-100" />
            <Span from={[48, 30]} to={[48, 39]} />
        </>
    ),
    'wire at edge': (
        <>
            <Part d="M6 6h84v20q-42 -14 -84 0z" />
            <Part d="M16 40q32 -6 64 0v30h-64z" />
            <path d="M6 26v44M90 26v44" />
            <Here d="M18 27v11M78 27v11" />
        </>
    ),
    'edge on face': (
        <>
            <Part d="M6 34q42 10 84 0v32h-84z" />
            <path d="M2 16h92v18h-92z" className="fill-base-100" />
            <Here d="M48 36.5h44" />
        </>
    ),
    'stem in guide': (
        <>
            <Part d="M26 14h14v40h-14zM56 14h14v40h-14z" />
            <path d="M43 0h10v60l18 12h-46l18 -12z" className="fill-base-100" />
            <Span from={[40, 34]} to={[56, 34]} />
        </>
    ),
    'band on seat': (
        <>
            <Part d="M4 40h20l14 24h-34zM92 40h-20l-14 24h34z" />
            <path d="M44 0h8v26l20 8l-8 14h-32l-8 -14l20 -8z" className="fill-base-100" />
            <Here d="M26 43l8 14M70 43l-8 14" />
        </>
    ),
    'spring upright': (
        <>
            <Part d="M12 62h56v6h-56z" />
            <path d="M28 6h24l-24 9h24l-24 9h24l-24 9h24l-24 9h24l-24 9h24l-24 9h24" strokeWidth="2.4" />
            <Span from={[74, 6]} to={[74, 62]} />
        </>
    ),
    'over the lobe': (
        <>
            <Part d="M48 4q8 0 11 12q3 10 10 18a21 21 0 1 1 -42 0q7 -8 10 -18q3 -12 11 -12z" />
            <Ink d={round(48, 44, 7)} />
            <Ink d="M34 4h48M34 65h48" />
            <Span from={[78, 4]} to={[78, 65]} />
        </>
    ),
    'journal in caps': (
        <>
            <Part d="M12 36h72v30h-72zM18 12q30 -16 60 0v20h-60z" />
            <path d={round(48, 35, 19)} className="fill-base-100" />
            <Span from={[29, 35]} to={[67, 35]} />
        </>
    ),
    'leaf on base circle': (
        <>
            <Part d="M48 2q6 0 8 9q2 6 6 10a16 16 0 1 1 -28 0q4 -4 6 -10q2 -9 8 -9z" />
            <path d="M28 50h40v20h-40z" className="fill-base-100" />
            <Here d="M40 47.5h48" />
        </>
    ),
}

/** The names of the drawings there are. */
export const SKETCHED = Object.keys(SKETCHES)
