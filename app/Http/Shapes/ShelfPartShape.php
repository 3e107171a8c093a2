<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How many of a part lie on the shelf. */
#[OA\Schema(schema: 'ShelfPart')]
final readonly class ShelfPartShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property(description: 'the sheet of the engine it is made for; empty for any')]
        public string $fits,
        #[OA\Property]
        public int $count,
    ) {
    }
}
