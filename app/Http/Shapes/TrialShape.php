<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Variants tried against each other. */
#[OA\Schema(schema: 'Trial')]
final readonly class TrialShape
{
    /**
     * @param  list<TrialVariantShape>  $variants
     */
    public function __construct(
        #[OA\Property]
        public string $trial,
        #[OA\Property(items: new OA\Items(ref: TrialVariantShape::class))]
        public array $variants,
        #[OA\Property]
        public ?string $winner,
        #[OA\Property]
        public ?string $because,
    ) {
    }
}
