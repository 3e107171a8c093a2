<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A variant as it was tried. */
#[OA\Schema(schema: 'TrialVariant')]
final readonly class TrialVariantShape
{
    public function __construct(
        #[OA\Property]
        public string $entry,
        #[OA\Property]
        public string $variant,
        #[OA\Property]
        public string $conditions,
        #[OA\Property]
        public string $found,
        #[OA\Property]
        public ?string $figure,
        #[OA\Property]
        public string $by,
        #[OA\Property]
        public string $at,
    ) {
    }
}
