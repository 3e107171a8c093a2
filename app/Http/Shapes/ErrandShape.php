<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something that a machine can be brought for. */
#[OA\Schema(schema: 'Errand')]
final readonly class ErrandShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'what it does, and what it opens')]
        public string $words,
    ) {
    }
}
