<?php

namespace Moltrek\Core\Fitting;

use Moltrek\Core\Sheet\Ring;
use Moltrek\Core\Sheet\RingKind;

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

    /**
     * Under which of these names a ring of the set is placed: by what it is, from the crown down, whatever the sheet calls it.
     *
     * @param  list<Ring>  $rings
     * @return array<string, string> by the ring's id; a third compression ring has no place of its own
     */
    public static function placesOf(array $rings): array
    {
        $left = [
            RingKind::Compression->value => ['top', 'second'], RingKind::Expander->value => ['expander'],
            RingKind::OilRail->value => ['upper_rail', 'lower_rail'], RingKind::OilOnePiece->value => ['upper_rail'],
        ];
        $places = [];
        foreach ($rings as $ring) {
            $place = array_shift($left[$ring->kind->value]);
            if ($place !== null) {
                $places[$ring->id] = $place;
            }
        }

        return $places;
    }

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
