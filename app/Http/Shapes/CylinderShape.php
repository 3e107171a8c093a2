<?php

namespace App\Http\Shapes;

/** A cylinder in the drawing. */
final readonly class CylinderShape
{
    /**
     * @param  float  $belowTop  how far its piston stands below top dead centre in the drawing, in millimetres
     * @param  float  $crank  where its crank pin stands in the drawing, degrees after top dead centre
     */
    public function __construct(
        public string $id,
        public string $name,
        public float $phase,
        public float $belowTop,
        public float $crank,
        public ?string $bank,
    ) {
    }
}
