<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A part that a job waits for. */
#[OA\Schema(schema: 'DatePart')]
final readonly class DatePartShape
{
    public function __construct(
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public ?string $promised,
    ) {
    }
}
