<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A cylinder in the drawing. */
#[OA\Schema(schema: 'Cylinder')]
final readonly class CylinderShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $phase,
    ) {}
}
