<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A layer in the small drawing of the floor. */
#[OA\Schema(schema: 'FloorSlab')]
final readonly class FloorSlabShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $drawnAs,
        #[OA\Property]
        public string $state,
        #[OA\Property(description: 'how many slabs lie under it')]
        public int $level,
        #[OA\Property(description: 'the bank of a V that it belongs to, from 0; null for what serves them all')]
        public ?int $column,
        #[OA\Property(description: 'whether it stands beside the columns')]
        public bool $beside,
    ) {
    }
}
