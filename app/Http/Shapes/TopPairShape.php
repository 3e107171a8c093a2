<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Two readings of the degree wheel on both sides of a top. */
#[OA\Schema(schema: 'TopPair')]
final readonly class TopPairShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public string $way,
        #[OA\Property]
        public float $before,
        #[OA\Property]
        public float $after,
        #[OA\Property]
        public float $middle,
        #[OA\Property]
        public float $half,
    ) {
    }
}
