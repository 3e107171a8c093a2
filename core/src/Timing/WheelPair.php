<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Refusal\ContradictoryFields;

/** Two readings of a degree wheel on both sides of a dead centre, and what lies halfway on the shorter arc between them. */
final readonly class WheelPair
{
    private function __construct(public int|float $middle, public int|float $half)
    {
    }

    /** @throws ContradictoryFields where they lie exactly opposite, and either side might be meant */
    public static function of(int|float $before, int|float $after): self
    {
        $way = Circle::within($after - $before);
        if ($way * 2 == Circle::TURN) {
            throw ContradictoryFields::excluded('', Dimension::Angle->written($before).', '.Dimension::Angle->written($after),
                'These lie exactly opposite each other: either side might be meant.', 'readings less than half a turn apart');
        }
        [$from, $arc] = $way * 2 < Circle::TURN ? [$before, $way] : [$after, Circle::TURN - $way];

        return new self(Circle::within($from + $arc / 2), $arc / 2);
    }
}
