<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A tunnel from above. */
#[OA\Schema(schema: 'TorqueSlot')]
final readonly class TorqueSlotShape
{
    public function __construct(
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public float $width,
        #[OA\Property]
        public float $height,
    ) {
    }
}
