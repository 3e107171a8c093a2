<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/**
 * The ignition point and how it is set: on a plate under the rotor or at a pick-up, what must be off to reach it, which way its
 * shaft turns, how the dial stands in the plug hole, and which mark is trusted.
 */
final readonly class Ignition
{
    public const KEYS = ['set_by', 'behind', 'point', 'plate_radius', 'rotation', 'seen_from', 'speed', 'incline', 'trusted'];

    /** A dial that leans further than this does not follow the crown, in degrees. */
    private const MOST_INCLINE = 60;

    /** @param  int|float  $incline  of a dial in the plug hole to the bore, billionths of a degree */
    private function __construct(
        public IgnitionSetBy $setBy,
        public ?string $behind,
        public ?IgnitionPoint $point,
        public ?Length $plateRadius,
        public ?Rotation $rotation,
        public ?string $seenFrom,
        public bool $isHalfSpeed,
        public int|float $incline,
        public ?string $trusted,
    ) {
    }

    /** @param  Length  $stroke  no point lies further down */
    public static function read(Fields $sheet, Length $stroke): self
    {
        $ignition = $sheet->objectOrNull('ignition', ...self::KEYS);
        if ($ignition === null) {
            return new self(IgnitionSetBy::Nothing, null, null, null, null, null, false, 0, null);
        }

        return new self(
            $ignition->choiceOrNull('set_by', IgnitionSetBy::class) ?? IgnitionSetBy::Nothing,
            $ignition->textOrNull('behind', 60),
            $ignition->has('point') ? IgnitionPoint::read($ignition, 'point', $stroke->nanometres) : null,
            $ignition->sizeOrNull('plate_radius'),
            $ignition->choiceOrNull('rotation', Rotation::class),
            $ignition->textOrNull('seen_from', 60),
            $ignition->has('speed') && $ignition->word('speed', 'crank', 'half') === 'half',
            self::incline($ignition),
            $ignition->textOrNull('trusted', 40),
        );
    }

    private static function incline(Fields $ignition): int|float
    {
        $incline = $ignition->has('incline') ? $ignition->angle('incline') : 0;

        return $incline >= 0 && $incline <= self::MOST_INCLINE * 1_000_000_000 ? $incline
            : throw $ignition->placed(OutOfDomain::because('incline', 'A dial does not stand so in a plug hole.',
                $ignition->text('incline'), 'from 0 to 60 deg'));
    }
}
