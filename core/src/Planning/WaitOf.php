<?php

namespace Moltrek\Core\Planning;

use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Seal;
use Moltrek\Core\Sheet\SheetWait;

/** With which steps a wait of the sheet begins. Source: shop practice. */
final class WaitOf
{
    /**
     * Those that it stands after, be they named as they once were. A joint that is sealed with sealant is not left between its bead and
     * its pull: what waits for it to go on runs from the pull.
     *
     * @return list<string>
     */
    public static function begins(SheetWait $wait, EngineSheet $sheet): array
    {
        $sealed = [];
        foreach ($sheet->stack->slabs as $slab) {
            if ($sheet->stack->sealOf($slab) === Seal::Sealant && $sheet->stack->isPulled($slab)) {
                $sealed['on.'.$slab->id] = 'pull.'.$slab->id;
            }
        }

        return array_map(static fn (string $step): string => $sealed[$step] ?? $step, FormerSteps::now($wait->after, $sheet));
    }
}
