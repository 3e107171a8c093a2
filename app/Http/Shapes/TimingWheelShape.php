<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The wheel by which a cam is turned. */
#[OA\Schema(schema: 'TimingWheel')]
final readonly class TimingWheelShape
{
    public function __construct(
        #[OA\Property]
        public int $teeth,
        #[OA\Property(description: 'teeth of the wheel on the crank')]
        public int $drivenBy,
        #[OA\Property(description: 'of its pitch circle, millimetres')]
        public float $radius,
        #[OA\Property]
        public float $pitch,
        #[OA\Property]
        public bool $slotted,
        #[OA\Property(description: 'one tooth in degrees of the cam')]
        public float $tooth,
        #[OA\Property(description: 'of the crank after which the same teeth meet again')]
        public int $turns,
    ) {
    }
}
