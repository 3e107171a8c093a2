<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A place of the ignition point. */
#[OA\Schema(schema: 'IgnitionPlace')]
final readonly class IgnitionPlaceShape
{
    public function __construct(
        #[OA\Property]
        public float $degrees,
        #[OA\Property(description: 'millimetres')]
        public float $below,
    ) {
    }
}
