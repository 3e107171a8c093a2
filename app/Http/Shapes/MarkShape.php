<?php

namespace App\Http\Shapes;

/** A limit on the ruler, in millimetres. */
final readonly class MarkShape
{
    public function __construct(
        public float $at,
        public bool $service,
        public ?string $source,
    ) {
    }
}
