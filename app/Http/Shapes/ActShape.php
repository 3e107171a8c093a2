<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something that can be done to this engine, and makes stale what was read or ticked before. */
#[OA\Schema(schema: 'Act')]
final readonly class ActShape
{
    public function __construct(
        #[OA\Property]
        public string $act,
        #[OA\Property]
        public bool $isOfCylinder,
        #[OA\Property]
        public bool $isOfRing,
        #[OA\Property]
        public bool $isOfValve,
    ) {
    }
}
