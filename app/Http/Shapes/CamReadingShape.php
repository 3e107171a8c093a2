<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** How a cam’s marks stood. */
#[OA\Schema(schema: 'CamReading')]
final readonly class CamReadingShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
        #[OA\Property(description: 'degrees of the cam')]
        public float $late,
        #[OA\Property]
        public int $teeth,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public bool $afterTurns,
        #[OA\Property]
        public ?string $stale,
    ) {
    }
}
