<?php

namespace App\Calculations;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\MalformedDocument;
use Moltrek\Core\ValveGear\LashRead;
use Moltrek\Core\ValveGear\LashTarget;
use Moltrek\Core\ValveGear\StemGrind as Grind;

final class StemGrind implements Calculation
{
    public function name(): string
    {
        return 'stem-grind';
    }

    public function about(): string
    {
        return 'How much comes off a valve’s stem where nothing else sets its clearance, and when to stop.';
    }

    public function example(): string
    {
        return '{"measured": {"passes": "0.04 mm", "refuses": "0.05 mm"}, "target": {"min": "0.10 mm", "max": "0.15 mm"}}';
    }

    public function answer(mixed $document): array
    {
        $in = Fields::of($document, 'measured', 'target');
        $read = LashRead::read($in, 'measured');
        $target = LashTarget::readOrNull($in, 'target') ?? throw MalformedDocument::missing('target', 'a range, min and max');
        $grind = Grind::of($read, $target);
        $quantity = Dimension::Length->quantity(...);

        return [
            'grind' => $grind === null ? null : [
                'at_least' => $quantity($grind->atLeast), 'at_most' => $quantity($grind->atMost), 'aim' => $quantity($grind->aim()),
            ],
            'verdict' => Grind::verdict($read, $target)->toArray(),
        ];
    }
}
