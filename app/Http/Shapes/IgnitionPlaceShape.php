<?php

namespace App\Http\Shapes;

/** A place of the ignition point. */
final readonly class IgnitionPlaceShape
{
    /**
     * @param  float  $below  millimetres
     */
    public function __construct(
        public float $degrees,
        public float $below,
    ) {
    }
}
