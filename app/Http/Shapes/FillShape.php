<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A fluid that goes in. */
#[OA\Schema(schema: 'Fill')]
final readonly class FillShape
{
    public function __construct(
        #[OA\Property]
        public string $fluid,
        #[OA\Property]
        public ?string $capacity,
        #[OA\Property]
        public ?string $grade,
        #[OA\Property]
        public ?string $filled,
        #[OA\Property]
        public ?string $by,
        #[OA\Property]
        public ?TimingStepShape $step,
    ) {
    }
}
