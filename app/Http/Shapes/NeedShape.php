<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** By when a part has to be there: the start of the first step that takes it. */
#[OA\Schema(schema: 'Need')]
final readonly class NeedShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public string $by,
    ) {
    }
}
