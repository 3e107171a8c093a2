<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Cranking compression of a cylinder. */
#[OA\Schema(schema: 'CompressionRow')]
final readonly class CompressionRowShape
{
    public function __construct(
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $spot,
        #[OA\Property]
        public ?string $before,
        #[OA\Property]
        public ?string $after,
        #[OA\Property]
        public ?string $wet,
        #[OA\Property]
        public ?string $state,
        #[OA\Property]
        public ?string $words,
        #[OA\Property]
        public ?string $says,
    ) {
    }
}
