<?php

namespace Moltrek\Core\Log\Closing;

use Moltrek\Core\Sheet\Cooling;
use Moltrek\Core\Sheet\Cycle;
use Moltrek\Core\Sheet\EngineSheet;
use Moltrek\Core\Sheet\Lubrication;

/** What is looked at in the first minutes that an engine runs. Source: shop practice. */
final class FirstStart
{
    public const STEP = 'start.first';

    /** @return array<string, string> by id, in the order of looking */
    public static function items(EngineSheet $sheet): array
    {
        $isFour = $sheet->layout->cycle === Cycle::FourStroke;
        $items = [
            'pressure' => $sheet->lubricating->by === Lubrication::Pressure ? 'Oil pressure there within seconds, lamp out' : null,
            'sound' => $isFour ? 'Sound even, no knock, the valve gear quiet once oil is up' : 'Sound even, no knock, picks up cleanly',
            'leaks' => $sheet->layout->cooling === Cooling::Liquid ? 'Dry at every joint, hoses and unions'
                : 'Dry at every joint and union',
            'smoke' => $isFour ? 'Smoke of assembly oil thins out; gone within half an hour' : 'Smoke no more than its mixture makes',
            'water' => $sheet->layout->cooling === Cooling::Liquid ? 'Coolant circulates, no bubbles in the filler, topped up' : null,
            'charging' => 'Charging, where it has a battery: the voltage rises with the speed',
            'stops' => 'Stops at the switch, idle set',
        ];

        return array_filter($items, static fn (?string $item): bool => $item !== null);
    }
}
