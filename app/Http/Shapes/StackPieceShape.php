<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** A piece that can be had for a joint. */
#[OA\Schema(schema: 'StackPiece')]
final readonly class StackPieceShape
{
    public function __construct(
        #[OA\Property]
        public string $id,
        #[OA\Property]
        public string $slab,
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'in millimetres, crushed where the sheet says so')]
        public float $thickness,
        #[OA\Property]
        public ?float $volume,
        #[OA\Property]
        public int $onShelf,
        #[OA\Property(description: 'from order to hand')]
        public ?int $days,
        #[OA\Property(description: 'the day it would be here if it were ordered now')]
        public ?string $here,
    ) {
    }
}
