<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A cylinder from above. */
#[OA\Schema(schema: 'TorqueBore')]
final readonly class TorqueBoreShape
{
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public float $x,
        #[OA\Property]
        public float $y,
        #[OA\Property]
        public float $bore,
        #[OA\Property]
        public bool $hasValves,
    ) {
    }
}
