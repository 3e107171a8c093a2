<?php

namespace App\Http\Shapes;

/** A ring and the angle of its gap. */
final readonly class GapAngleShape
{
    public function __construct(
        public string $ring,
        public string $name,
        public float $angle,
    ) {
    }
}
