<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One thing that a lift costs. */
#[OA\Schema(schema: 'LiftItem')]
final readonly class LiftItemShape
{
    public function __construct(
        #[OA\Property]
        public string $what,
        #[OA\Property]
        public string $why,
    ) {
    }
}
