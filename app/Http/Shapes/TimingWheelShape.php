<?php

namespace App\Http\Shapes;

/** The wheel by which a cam is turned. */
final readonly class TimingWheelShape
{
    /**
     * @param  int  $drivenBy  teeth of the wheel on the crank
     * @param  float  $radius  of its pitch circle, millimetres
     * @param  float  $tooth  one tooth in degrees of the cam
     * @param  int  $turns  of the crank after which the same teeth meet again
     */
    public function __construct(
        public int $teeth,
        public int $drivenBy,
        public float $radius,
        public float $pitch,
        public bool $slotted,
        public float $tooth,
        public int $turns,
    ) {
    }
}
