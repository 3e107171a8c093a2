<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** The day that a job is promised for. */
#[OA\Schema(schema: 'Promise')]
final readonly class PromiseShape
{
    public function __construct(
        #[OA\Property]
        public ?string $day,
        #[OA\Property]
        public ?string $inWords,
        #[OA\Property]
        public bool $late,
    ) {
    }
}
