<?php

namespace Moltrek\Core\ValveGear;

use Moltrek\Core\Quantity\Dimension;

/** One place of the crank, and the valves that are set there. */
final readonly class LashPosition
{
    /** @param  list<string>  $valves */
    public function __construct(public int|float $crank, public bool $isOnMark, public array $valves)
    {
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['crank' => Dimension::Angle->quantity($this->crank), 'on_mark' => $this->isOnMark, 'valves' => $this->valves];
    }
}
