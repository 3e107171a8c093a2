<?php

namespace Moltrek\Core\Sheet;

/** What an engine is filled with. */
enum FluidKind: string
{
    case Oil = 'engine oil';
    case Coolant = 'coolant';
    case GearOil = 'gear oil';

    /** The step of the order of work by which it goes in. */
    public function step(): string
    {
        return match ($this) {
            self::Oil => 'fill.oil',
            self::Coolant => 'fill.coolant',
            self::GearOil => 'fill.gear-oil',
        };
    }
}
