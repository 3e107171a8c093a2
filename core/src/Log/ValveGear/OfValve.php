<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Valve;

/** The valve that an entry speaks of. */
final class OfValve
{
    /** @throws MalformedDocument for one that this engine has not */
    public static function named(EngineSheet $sheet, string $id, string $field = 'valve'): Valve
    {
        return self::on($sheet, $id) ?? throw MalformedDocument::wrongSort($id,
            'a valve of this engine: '.implode(', ', array_column($sheet->valveTrain->valves, 'id')))->under($field);
    }

    public static function on(EngineSheet $sheet, string $id): ?Valve
    {
        return array_column($sheet->valveTrain->valves, null, 'id')[$id] ?? null;
    }

    /** "inlet valve, left cylinder, 1in". */
    public static function words(EngineSheet $sheet, string $id): string
    {
        $valve = self::on($sheet, $id);
        $alike = array_filter($sheet->valveTrain->valves, static fn (Valve $each): bool => $valve !== null
            && $each->cylinder === $valve->cylinder && $each->name === $valve->name);

        return $valve === null ? $id : $valve->name.($sheet->layout->hasSeveral() ? ', '
            .($sheet->cylinder($valve->cylinder)->name ?? '') : '')
            .(count($alike) > 1 ? ', '.$id : '');
    }
}
