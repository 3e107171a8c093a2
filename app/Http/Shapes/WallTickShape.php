<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How far below the barrel’s face the crown’s edge stands at a turn of the crank, as it lies and with the pieces tried. */
#[OA\Schema(schema: 'WallTick')]
final readonly class WallTickShape
{
    public function __construct(
        #[OA\Property(description: 'degrees after top dead centre')]
        public float $turn,
        #[OA\Property]
        public float $before,
        #[OA\Property]
        public float $after,
    ) {
    }
}
