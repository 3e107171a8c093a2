<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;
use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** What the sheet says of the room above a piston, volumes in cubic centimetres; what was measured counts before it. */
final readonly class ChamberFigures
{
    public const KEYS = ['chamber', 'dome', 'bowl', 'speed'];

    /**
     * @param  float|null  $dome  room that the crown takes; negative for a dish
     * @param  float|null  $speed  turns a minute at full power
     */
    private function __construct(
        public ?float $chamber,
        public ?float $dome,
        public ?Length $bowlAcross,
        public ?float $bowlVolume,
        public ?float $speed,
    ) {
    }

    /**
     * @param  Fields  $geometry  with a known bore
     * @param  list<Substitution>  $substitutions  the last that changes a figure counts
     */
    public static function read(Fields $geometry, array $substitutions): self
    {
        $chamber = $geometry->has('chamber') ? $geometry->positive('chamber', Dimension::Volume) : null;
        $dome = $geometry->has('dome') ? (float) $geometry->quantity('dome', Dimension::Volume)->base() : null;
        foreach ($substitutions as $change) {
            $chamber = $change->chamber ?? $chamber;
            $dome = $change->dome ?? $dome;
        }
        $bowl = $geometry->objectOrNull('bowl', 'diameter', 'volume');
        $across = $bowl?->size('diameter');
        if ($bowl !== null && $across !== null && ! $across->isLessThan($geometry->size('bore'))) {
            throw $bowl->placed(OutOfDomain::because('diameter', 'A bowl is narrower than its bore, or there is no band.',
                $bowl->text('diameter'), 'less than the bore'));
        }

        return new self(
            $chamber,
            $dome,
            $across,
            $bowl?->positive('volume', Dimension::Volume),
            $geometry->has('speed') ? $geometry->positive('speed', Dimension::RotationSpeed) : null,
        );
    }
}
