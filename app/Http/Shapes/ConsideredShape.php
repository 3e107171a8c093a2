<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A piston size that was considered. */
#[OA\Schema(schema: 'Considered')]
final readonly class ConsideredShape
{
    public function __construct(
        #[OA\Property]
        public string $label,
        #[OA\Property]
        public bool $fits,
        #[OA\Property]
        public string $why,
    ) {
    }
}
