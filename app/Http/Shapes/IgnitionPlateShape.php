<?php

namespace App\Http\Shapes;

use Moltrek\Core\Sheet\Rotation;
use Moltrek\Core\Timing\CamWay;

/** What is done to the plate. */
final readonly class IgnitionPlateShape
{
    /**
     * @param  float  $turn  degrees of the plate
     * @param  float|null  $rim  millimetres along its edge
     * @param  Rotation|null  $way  clockwise or anticlockwise, as it is seen
     * @param  CamWay  $move  advance or retard
     */
    public function __construct(
        public float $turn,
        public ?float $rim,
        public ?Rotation $way,
        public CamWay $move,
    ) {
    }
}
