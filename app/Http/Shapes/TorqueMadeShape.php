<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A pull and what became of it. */
#[OA\Schema(schema: 'TorqueMade')]
final readonly class TorqueMadeShape
{
    public function __construct(
        #[OA\Property(description: 'of the entry')]
        public string $id,
        #[OA\Property]
        public int $stage,
        #[OA\Property]
        public string $bolt,
        #[OA\Property(description: 'done, in doubt, past its stage, out of order, moved, under, interrupted, over, clicked at once, turns without rising, again, ahead of its stage, after the end')]
        public string $outcome,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
    ) {
    }
}
