<?php

namespace Moltrek\Core\Fitting;

/** Where good mechanics put the ring gaps. Angles in degrees, clockwise from the exhaust, seen on the crown. */
enum GapSchool: string
{
    case Opposed = 'opposed';
    case Thirds = 'thirds';
    case Quarters = 'quarters';
    case Pegs = 'pegs';
    case Custom = 'custom';

    /** The rings a school knows, from the crown down. */
    public const RINGS = ['top', 'second', 'upper_rail', 'expander', 'lower_rail'];

    /** @return array<string, int>|null by ring; null where somebody must say */
    public function angles(): ?array
    {
        $angles = match ($this) {
            self::Opposed => [0, 180, 45, 0, 315],
            self::Thirds => [30, 150, 270, 330, 30],
            self::Quarters => [45, 225, 135, 45, 315],
            self::Pegs, self::Custom => null,
        };

        return $angles === null ? null : array_combine(self::RINGS, $angles);
    }
}
