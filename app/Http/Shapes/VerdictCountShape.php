<?php

namespace App\Http\Shapes;

/** How many verdicts of one kind a slab holds, worst first. */
final readonly class VerdictCountShape
{
    public function __construct(
        public string $state,
        public int $count,
    ) {
    }
}
