<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A cylinder on the timing bench. */
#[OA\Schema(schema: 'TimingCylinder')]
final readonly class TimingCylinderShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'crank degrees by which it leads the first one')]
        public float $phase,
        #[OA\Property(description: 'crank angle of its firing top dead centre; null where the sheet does not say')]
        public ?float $fires,
        #[OA\Property(description: 'degrees from upright, to the right as it is seen')]
        public float $lean,
    ) {
    }
}
