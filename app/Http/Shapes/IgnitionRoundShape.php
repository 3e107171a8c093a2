<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One reading of the trail. */
#[OA\Schema(schema: 'IgnitionRound')]
final readonly class IgnitionRoundShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
        #[OA\Property]
        public float $degrees,
        #[OA\Property(description: 'millimetres of piston')]
        public float $below,
        #[OA\Property]
        public string $typed,
        #[OA\Property]
        public string $with,
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public ?string $stale,
    ) {
    }
}
