import { keepPreviousData, useQuery } from '@tanstack/react-query'
import { call, type Schemas } from './api'
import { useStill } from './useStill'

export type Thickness = Schemas['Thickness']
export type StackJoint = Schemas['StackJoint']
export type Laid = Schemas['LaidPiece']

/** What is tried in each joint, by slab. */
export type Tried = Record<string, Laid[]>

/** How long what is tried stands still before the shop's server is asked, in milliseconds: a drag is many thicknesses. */
const AFTER = 60

const length = (millimetres: number) => `${Number(millimetres.toFixed(4))} mm`

/** Pieces as an entry and a question have them. */
export const asSent = (pieces: Laid[]) =>
    pieces.map((piece) => ({
        name: piece.name,
        thickness: length(piece.thickness),
        ...(piece.volume === null ? {} : { volume: `${piece.volume} cm3` }),
    }))

export const jointsAsSent = (tried: Tried) =>
    Object.entries(tried).map(([slab, pieces]) => ({ slab, pieces: asSent(pieces) }))

/**
 * A cylinder's stack of thicknesses with other pieces tried in it. The last answer stands until the next; what is decided is
 * decided on the one that is of what is tried.
 */
export function useThickness(
    job: number,
    cylinder: string,
    lastSeq: number,
    tried: Tried,
    target: number | null = null,
) {
    const wanted = JSON.stringify({ joints: jointsAsSent(tried), ...(target === null ? {} : { target }) })
    const asked = useStill(wanted, AFTER)
    const { data, isError, isPlaceholderData } = useQuery({
        queryKey: ['thickness', job, cylinder, lastSeq, asked],
        queryFn: () => call<Thickness>('POST', `/jobs/${job}/thickness/${cylinder}`, JSON.parse(asked)),
        placeholderData: keepPreviousData,
        staleTime: 5_000,
        retry: false,
    })
    return { data, isError, isOfThis: data !== undefined && asked === wanted && !isPlaceholderData }
}
