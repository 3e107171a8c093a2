<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\ValveSide;

/** How far the valves of one side stand open, for drawings. */
final readonly class TimingLiftShape
{
    /**
     * @param  float  $opens  crank degrees after its cylinder fires
     * @param  float  $most  millimetres
     * @param  list<float>  $lifts  millimetres at every fourth degree of the two turns
     */
    public function __construct(
        public ValveSide $side,
        public float $opens,
        public float $closes,
        public float $most,
        public array $lifts,
    ) {
    }
}
