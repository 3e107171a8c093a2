<?php

namespace App\Http\Shapes;

/** A tunnel from above. */
final readonly class TorqueSlotShape
{
    public function __construct(
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {
    }
}
