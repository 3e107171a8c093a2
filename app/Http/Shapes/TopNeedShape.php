<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** For what a top is known exactly enough. */
#[OA\Schema(schema: 'TopNeed')]
final readonly class TopNeedShape
{
    public function __construct(
        #[OA\Property]
        public string $need,
        #[OA\Property]
        public bool $good,
        #[OA\Property(description: 'degrees that pairs may lie apart')]
        public float $within,
        #[OA\Property]
        public string $how,
    ) {
    }
}
