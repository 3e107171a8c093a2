<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A shim on the shelf, left over or to be bought. */
#[OA\Schema(schema: 'ShimPart')]
final readonly class ShimPartShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public int $count,
    ) {
    }
}
