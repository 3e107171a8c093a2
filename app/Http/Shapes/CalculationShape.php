<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A calculation of the open interface. */
#[OA\Schema(schema: 'Calculation')]
final readonly class CalculationShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $about,
        #[OA\Property]
        public string $example,
    ) {
    }
}
