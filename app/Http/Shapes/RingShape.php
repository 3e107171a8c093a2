<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A ring in the drawing, from the crown down. */
#[OA\Schema(schema: 'Ring')]
final readonly class RingShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $kind,
    ) {
    }
}
