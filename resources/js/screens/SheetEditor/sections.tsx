import type { ReactNode } from 'react'
import { CamDiagram } from '../../drawings/CamDiagram'
import { CylinderRow } from '../../drawings/CylinderRow'
import { NamedStack } from '../../drawings/NamedStack'
import { BoltsPicture } from './BoltsPicture'
import { OrderPicture } from './OrderPicture'
import { hasPorts, PortsPicture } from './PortsPicture'
import { RingsPicture } from './RingsPicture'
import type { Draft } from './useSheetEditor'
import { WheelPicture } from './WheelPicture'

export interface Seen {
    draft: Draft
    values: Record<string, unknown>
    names: Map<string, string>
    onSlab: (slab: string) => void
}

export interface Section {
    id: string
    title: string
    /** The parts of the sheet that it types. */
    keys: string[]
    /** Its picture wants room. */
    isWide?: boolean
    picture: (seen: Seen) => ReactNode
}

const stack = ({ draft }: Seen) => draft.drawn && <NamedStack drawn={draft.drawn} />

/** The sheet part by part, each beside the picture that it changes. */
export const SECTIONS: Section[] = [
    {
        id: 'engine',
        title: 'Engine',
        keys: ['make', 'model', 'kind', 'cycle', 'layout', 'crank', 'lubrication', 'exhaust_valve', 'notes'],
        picture: (seen) => (
            <>
                {stack(seen)}
                {seen.draft.drawn && seen.draft.drawn.drawing.cylinders.length > 1 && (
                    <CylinderRow
                        drawing={seen.draft.drawn.drawing}
                        shown={seen.draft.drawn.drawing.cylinders[0]?.id ?? ''}
                    />
                )}
                <p className="mt-2 font-bold">{seen.draft.drawn?.description}</p>
                <p className="text-sm text-quiet">{seen.draft.drawn?.facts}</p>
            </>
        ),
    },
    {
        id: 'stack',
        title: 'Stack',
        keys: ['slabs', 'pieces', 'oil_seen'],
        picture: ({ draft, names, onSlab }) =>
            draft.drawn && <NamedStack drawn={draft.drawn} names={names} onSlab={onSlab} />,
    },
    {
        id: 'barrel',
        title: 'Bore and barrel',
        keys: ['geometry', 'barrel'],
        isWide: true,
        picture: (seen) => (hasPorts(seen.values.geometry) ? <PortsPicture /> : stack(seen)),
    },
    {
        id: 'piston',
        title: 'Piston and rings',
        keys: ['piston', 'grades', 'shells'],
        picture: ({ draft }) => <RingsPicture draft={draft} />,
    },
    { id: 'bolts', title: 'Bolts and torque', keys: ['fasteners', 'programmes'], picture: () => <BoltsPicture /> },
    {
        id: 'valves',
        title: 'Valves and cams',
        keys: ['valve_train', 'wheels'],
        picture: (seen) =>
            seen.draft.lifts.length > 0 ? (
                <>
                    <CamDiagram lifts={seen.draft.lifts} moved={{}} />
                    <p className="text-sm text-quiet">
                        Lift about the overlap, in degrees of the crank, from the events as typed.
                    </p>
                </>
            ) : (
                stack(seen)
            ),
    },
    { id: 'ignition', title: 'Ignition and marks', keys: ['ignition', 'marks'], picture: () => <WheelPicture /> },
    { id: 'limits', title: 'Limits', keys: ['limits'], picture: stack },
    {
        id: 'closing',
        title: 'Waits and closing',
        keys: ['waits', 'fluids', 'tests', 'run_in'],
        picture: ({ draft }) => <OrderPicture draft={draft} />,
    },
    {
        id: 'plan',
        title: 'Order of work',
        keys: ['plan', 'schools'],
        picture: ({ draft }) => <OrderPicture draft={draft} />,
    },
    { id: 'known', title: 'Known of it', keys: ['symptoms', 'findings', 'substitutions'], picture: stack },
]

export const sectionOf = (place: string): Section | undefined =>
    SECTIONS.find((section) => section.keys.includes(place.split('.')[0] ?? ''))
