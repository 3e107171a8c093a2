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
        #[OA\Property(description: 'how far its piston stands below top dead centre in the drawing, in millimetres')]
        public float $belowTop,
        #[OA\Property(description: 'where its crank pin stands in the drawing, degrees after top dead centre')]
        public float $crank,
        #[OA\Property]
        public ?string $bank,
    ) {
    }
}
