<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** What the plan says of one valve. */
#[OA\Schema(schema: 'ShimRow')]
final readonly class ShimRowShape
{
    public function __construct(
        #[OA\Property]
        public string $valve,
        #[OA\Property]
        public string $from,
        #[OA\Property]
        public string $to,
        #[OA\Property]
        public string $source,
        #[OA\Property]
        public ?string $whose,
        #[OA\Property]
        public string $words,
        #[OA\Property]
        public string $after,
        #[OA\Property]
        public bool $changes,
        #[OA\Property(description: 'by whom')]
        public ?string $fitted,
    ) {
    }
}
