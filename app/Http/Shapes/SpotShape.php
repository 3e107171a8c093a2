<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A measuring place of the engine. */
#[OA\Schema(schema: 'Spot')]
final readonly class SpotShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $quantity,
        #[OA\Property]
        public string $form,
        #[OA\Property]
        public string $name,
        #[OA\Property]
        public string $hint,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public string $cylinder,
        #[OA\Property]
        public string $part,
        #[OA\Property]
        public ?float $depth,
        #[OA\Property]
        public ?float $expected,
        #[OA\Property]
        public string $instrument,
        #[OA\Property]
        public ?string $waitsFor,
        #[OA\Property]
        public ?ReadingShape $reading,
    ) {
    }
}
