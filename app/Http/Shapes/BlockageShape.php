<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What holds a step. */
#[OA\Schema(schema: 'Blockage')]
final readonly class BlockageShape
{
    public function __construct(
        #[OA\Property]
        public string $kind,
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $why,
    ) {
    }
}
