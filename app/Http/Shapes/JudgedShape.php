<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Something that a sheet may state limits of. */
#[OA\Schema(schema: 'Judged')]
final readonly class JudgedShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $title,
    ) {
    }
}
