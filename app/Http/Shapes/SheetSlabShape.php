<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A slab of an engine sheet, by name. */
#[OA\Schema(schema: 'SheetSlab')]
final readonly class SheetSlabShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $name,
    ) {
    }
}
