<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A part that the job waits for. */
#[OA\Schema(schema: 'Part')]
final readonly class PartShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public ?string $promised,
    ) {
    }
}
