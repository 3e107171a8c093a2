<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** One piston in one bore. */
#[OA\Schema(schema: 'PairCell')]
final readonly class PairCellShape
{
    public function __construct(
        #[OA\Property]
        public string $bore,
        #[OA\Property(description: 'the cylinder the piston came from')]
        public string $piston,
        #[OA\Property]
        public float $boreSize,
        #[OA\Property]
        public float $pistonSize,
        #[OA\Property]
        public float $clearance,
        #[OA\Property]
        public float $margin,
        #[OA\Property(description: 'the mark that the sheet gives a part of this size')]
        public ?string $grade,
    ) {
    }
}
