<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;
use Moltrek\Core\Quantity\Dimension;

/**
 * A cylinder, the crank angle in degrees by which its piston leads the first one's, and, where the sheet says it, the crank angle of
 * its firing top dead centre in the two turns of a four-stroke.
 */
final readonly class Cylinder
{
    public const KEYS = ['id', 'name', 'phase', 'bank', 'fires'];

    private function __construct(
        public string $id,
        public string $name,
        public float $phase,
        public ?string $bank,
        public ?float $fires,
    ) {
    }

    public static function read(Fields $fields): self
    {
        return new self(
            $fields->text('id', 20),
            $fields->text('name', 60),
            $fields->has('phase') ? Dimension::Angle->canonicalValue($fields->quantity('phase', Dimension::Angle)->base()) : 0.0,
            $fields->textOrNull('bank', 20),
            $fields->has('fires') ? Dimension::Angle->canonicalValue($fields->angle('fires')) : null,
        );
    }
}
