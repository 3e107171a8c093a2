<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A ring and the angle of its gap. */
#[OA\Schema(schema: 'GapAngle')]
final readonly class GapAngleShape
{
    public function __construct(
        #[OA\Property]
        public string $ring,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $angle,
    ) {
    }
}
