<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Where air is heard, and what it means. */
#[OA\Schema(schema: 'Hiss')]
final readonly class HissShape
{
    public function __construct(
        #[OA\Property]
        public string $where,
        #[OA\Property]
        public string $means,
    ) {
    }
}
