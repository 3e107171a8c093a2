<?php

namespace App\Http\Shapes;

/** A fact that two sheets have otherwise. */
final readonly class DifferenceShape
{
    public function __construct(
        public string $where,
        public ?string $before,
        public ?string $after,
    ) {
    }
}
