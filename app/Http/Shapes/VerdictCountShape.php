<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How many verdicts of one kind a slab holds, worst first. */
#[OA\Schema(schema: 'VerdictCount')]
final readonly class VerdictCountShape
{
    public function __construct(
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public int $count,
    ) {
    }
}
