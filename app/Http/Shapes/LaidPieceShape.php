<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One piece as it lies in a joint. */
#[OA\Schema(schema: 'LaidPiece')]
final readonly class LaidPieceShape
{
    public function __construct(
        #[OA\Property]
        public string $name,
        #[OA\Property(description: 'in millimetres, as the joint has it')]
        public float $thickness,
        #[OA\Property(description: 'of the chamber with it, in cubic centimetres: an insert')]
        public ?float $volume,
    ) {
    }
}
