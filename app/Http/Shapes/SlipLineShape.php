<?php

namespace App\Http\Shapes;

/** A line of the running log. */
final readonly class SlipLineShape
{
    public function __construct(
        public string $id,
        public string $kind,
        public string $at,
        public string $by,
        public string $text,
        public ?string $struckBy,
        public ?string $struckReason,
        public bool $mayBeStruck,
        public ?string $photo,
    ) {
    }
}
