<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fact that two sheets have otherwise. */
#[OA\Schema(schema: 'Difference')]
final readonly class DifferenceShape
{
    public function __construct(
        #[OA\Property]
        public string $where,
        #[OA\Property]
        public ?string $before,
        #[OA\Property]
        public ?string $after,
    ) {
    }
}
