<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A layer in the small drawing of the floor. */
#[OA\Schema(schema: 'FloorSlab')]
final readonly class FloorSlabShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $drawnAs,
        #[OA\Property]
        public string $state,
    ) {
    }
}
