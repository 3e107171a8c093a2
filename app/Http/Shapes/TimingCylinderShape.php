<?php

namespace App\Http\Shapes;

/** A cylinder on the timing bench. */
final readonly class TimingCylinderShape
{
    /**
     * @param  float  $phase  crank degrees by which it leads the first one
     * @param  float|null  $fires  crank angle of its firing top dead centre; null where the sheet does not say
     * @param  float  $lean  degrees from upright, to the right as it is seen
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $phase,
        public ?float $fires,
        public float $lean,
    ) {
    }
}
