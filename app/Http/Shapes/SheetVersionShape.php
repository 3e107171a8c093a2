<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A version of a sheet and when it was entered. */
#[OA\Schema(schema: 'SheetVersion')]
final readonly class SheetVersionShape
{
    public function __construct(
        #[OA\Property]
        public int $version,
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public int $jobs,
    ) {
    }
}
