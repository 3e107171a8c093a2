<?php

namespace App\Http\Shapes;

/** How far below the barrel’s face the crown’s edge stands at a turn of the crank, as it lies and with the pieces tried. */
final readonly class WallTickShape
{
    /**
     * @param  float  $turn  degrees after top dead centre
     */
    public function __construct(
        public float $turn,
        public float $before,
        public float $after,
    ) {
    }
}
