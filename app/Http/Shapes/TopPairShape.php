<?php

namespace App\Http\Shapes;

/** Two readings of the degree wheel on both sides of a top. */
final readonly class TopPairShape
{
    public function __construct(
        public string $entry,
        public string $by,
        public string $at,
        public string $way,
        public float $before,
        public float $after,
        public float $middle,
        public float $half,
    ) {
    }
}
