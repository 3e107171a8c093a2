import type { Laid, StackJoint, Thickness, Tried } from '../../app/useThickness'
import type { Cut, CutJoint } from '../../drawings/StackCut'

/** What lies in a joint while something is tried: that, else what is decided, else what lies there. */
export const shownIn = (joint: StackJoint, tried: Tried): Laid[] => tried[joint.slab] ?? joint.laid

export const thick = (pieces: Laid[]) => pieces.reduce((sum, piece) => sum + piece.thickness, 0)

/** Pieces by their ids, as what would lie in each joint of their side. */
export function laidIn(stack: Thickness, ids: string[]): Tried {
    const pieces = stack.joints.flatMap((joint) => joint.pieces)
    const chosen = ids.flatMap((id) => pieces.find((piece) => piece.id === id) ?? [])
    const sides = new Set(chosen.map((piece) => stack.joints.find((joint) => joint.slab === piece.slab)?.below))
    return Object.fromEntries(
        stack.joints
            .filter((joint) => !joint.insert && sides.has(joint.below))
            .map((joint) => [
                joint.slab,
                chosen
                    .filter((piece) => piece.slab === joint.slab)
                    .map(({ name, thickness, volume }) => ({ name, thickness, volume })),
            ]),
    )
}

/** The two points that are drawn: both sides of the pin where they were read, front and rear else. */
function sidesOf(points: Thickness['deck']): [string, string] {
    const has = (at: string) => points.some((point) => point.at === at)
    return has('front') || has('rear') || !has('pin left') ? ['front', 'rear'] : ['pin left', 'pin right']
}

/** The stack as it is drawn: read figures with what is tried added to them. */
export function cutOf(stack: Thickness, tried: Tried): Cut {
    const joints = (below: boolean): CutJoint[] =>
        stack.joints
            .filter((joint) => joint.below === below && !joint.insert)
            .map((joint) => {
                const pieces = shownIn(joint, tried)
                return {
                    id: joint.slab,
                    name: joint.name,
                    pieces,
                    thickness: thick(pieces),
                    tried: tried[joint.slab] !== undefined,
                }
            })
    const was = (below: boolean) =>
        stack.joints
            .filter((joint) => joint.below === below && !joint.insert)
            .reduce((sum, joint) => sum + joint.laidThickness, 0)
    const sum = (all: CutJoint[]) => all.reduce((total, joint) => total + joint.thickness, 0)
    const [below, above] = [joints(true), joints(false)]
    const [moreBelow, moreAbove] = [sum(below) - was(true), sum(above) - was(false)]
    const sides = sidesOf(stack.squish.length > 0 ? stack.squish : stack.deck)
    const read = (points: Thickness['deck'], at: string) => points.find((point) => point.at === at)?.figure ?? null
    const mean = (points: Thickness['deck']) => {
        const plain = points.flatMap((point) => point.figure ?? [])
        return plain.length > 0 ? plain.reduce((all, figure) => all + figure, 0) / plain.length : null
    }
    const [whole] = stack.figures.filter((figure) => figure.key === 'deck').map((figure) => figure.before)
    const deck = mean(stack.deck) ?? whole ?? null
    const squish = mean(stack.squish)
    const add = (figure: number | null, more: number) => (figure === null ? null : figure + more)
    return {
        bore: stack.bore,
        bowl: stack.bowl,
        dome: (stack.chamber?.dome ?? 0) > 0,
        below,
        above,
        deck:
            deck === null
                ? null
                : {
                      left: (read(stack.deck, sides[0]) ?? deck) + moreBelow,
                      right: (read(stack.deck, sides[1]) ?? deck) + moreBelow,
                  },
        squish:
            stack.squish.length === 0
                ? null
                : {
                      left: add(read(stack.squish, sides[0]) ?? squish, moreBelow + moreAbove),
                      right: add(read(stack.squish, sides[1]) ?? squish, moreBelow + moreAbove),
                  },
        sides,
        was: { below: was(true), above: was(false) },
    }
}
