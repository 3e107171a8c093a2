<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What is done to the plate. */
#[OA\Schema(schema: 'IgnitionPlate')]
final readonly class IgnitionPlateShape
{
    public function __construct(
        #[OA\Property(description: 'degrees of the plate')]
        public float $turn,
        #[OA\Property(description: 'millimetres along its edge')]
        public ?float $rim,
        #[OA\Property(description: 'clockwise or anticlockwise, as it is seen')]
        public ?string $way,
        #[OA\Property(description: 'advance or retard')]
        public string $move,
    ) {
    }
}
