<?php

namespace App\Http\Shapes;

/** A reading of the gauge. */
final readonly class LeakPointShape
{
    /**
     * @param  float  $at  seconds
     * @param  float  $pressure  kPa
     */
    public function __construct(
        public float $at,
        public float $pressure,
    ) {
    }
}
