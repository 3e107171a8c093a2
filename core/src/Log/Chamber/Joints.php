<?php

namespace Moltrek\Core\Log\Chamber;

use Moltrek\Core\Chamber\LaidPiece;
use Moltrek\Core\Chamber\LaidPieces;
use Moltrek\Core\Log\Entry;
use Moltrek\Core\Log\Planning\ActDone;
use Moltrek\Core\Log\Totals;
use Moltrek\Core\Log\Undone;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\Act;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\SlabKind;

/** The joints whose pieces set heights: which there are, and what another thickness in one of them undoes. */
final class Joints
{
    /** @throws MalformedDocument for a slab that sets no height, or pieces that do not go into it */
    public static function refuseOther(EngineSheet $sheet, string $slab, LaidPieces $pieces, string $field = 'slab'): void
    {
        $kind = $sheet->stack->named($slab)?->kind;
        $isInsert = array_filter($pieces->pieces, static fn (LaidPiece $piece): bool => $piece->volume !== null) !== [];
        if ($kind?->setsHeight() !== true || ($kind === SlabKind::Head && $pieces->pieces !== [] && ! $isInsert)) {
            throw MalformedDocument::wrongSort($slab, 'a gasket of this engine, or its head for an insert')->under($field);
        }
    }

    /** Another thickness lies there, or is to lie there: what was read over it no longer holds. */
    public static function change(Totals $totals, string $slab, Entry $entry): void
    {
        $joint = $totals->sheet->stack->named($slab);
        if ($joint === null) {
            return;
        }
        $act = $joint->kind->isBelowBarrel() ? Act::BaseGasketChanged : Act::HeadGasketChanged;
        $isShared = count($joint->cylinders) === count($totals->sheet->layout->cylinders);
        foreach ($isShared ? [''] : $joint->cylinders as $cylinder) {
            $totals->undo(Undone::byAct($totals->sheet, ActDone::of($act, $cylinder), $entry));
        }
    }
}
