<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A limit on the ruler, in millimetres. */
#[OA\Schema(schema: 'Mark')]
final readonly class MarkShape
{
    public function __construct(
        #[OA\Property]
        public float $at,
        #[OA\Property]
        public bool $service,
        #[OA\Property]
        public ?string $source,
    ) {
    }
}
