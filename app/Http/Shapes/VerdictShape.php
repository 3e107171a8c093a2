<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A verdict with its reason. */
#[OA\Schema(schema: 'Verdict')]
final readonly class VerdictShape
{
    public function __construct(
        #[OA\Property]
        public string $state,
        #[OA\Property]
        public ?string $side,
        #[OA\Property]
        public ?string $likely,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public string $reason,
        #[OA\Property]
        public ?string $action,
        #[OA\Property]
        public ?float $margin,
    ) {
    }
}
