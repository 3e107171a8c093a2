<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A school of a matter. */
#[OA\Schema(schema: 'SchoolOption')]
final readonly class SchoolOptionShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $speaksFor,
        #[OA\Property]
        public string $against,
    ) {
    }
}
