<?php

namespace App\Http\Shapes;

/** A variant as it was tried. */
final readonly class TrialVariantShape
{
    public function __construct(
        public string $entry,
        public string $variant,
        public string $conditions,
        public string $found,
        public ?string $figure,
        public string $by,
        public string $at,
    ) {
    }
}
