<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A stem as it was ground. */
#[OA\Schema(schema: 'ValveStem')]
final readonly class ValveStemShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public string $by,
    ) {
    }
}
