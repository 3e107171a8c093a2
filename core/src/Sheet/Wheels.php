<?php

namespace Moltrek\Core\Sheet;

use Moltrek\Core\Document\Fields;

/** Chain wheels that must lie in one plane, and gears that must have their play: each with the shims that set it. */
final readonly class Wheels
{
    public const KEYS = ['offset', 'backlash'];

    private function __construct(public ?FittedByShims $offset, public ?FittedByShims $backlash)
    {
    }

    public static function read(Fields $sheet): self
    {
        $wheels = $sheet->objectOrNull('wheels', ...self::KEYS);

        return $wheels === null ? new self(null, null)
            : new self(FittedByShims::readOrNull($wheels, 'offset'), FittedByShims::readOrNull($wheels, 'backlash'));
    }
}
