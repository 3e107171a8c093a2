<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A mark and the sizes it stands for, in millimetres. */
#[OA\Schema(schema: 'MarkChoice')]
final readonly class MarkChoiceShape
{
    public function __construct(
        #[OA\Property]
        public string $mark,
        #[OA\Property]
        public float $min,
        #[OA\Property]
        public float $max,
    ) {
    }
}
