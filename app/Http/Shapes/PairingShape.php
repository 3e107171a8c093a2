<?php

namespace App\Http\Shapes;

use OpenApi\Attributes as OA;

/** Pistons and bores that can be paired, every combination judged; lengths in millimetres. */
#[OA\Schema(schema: 'Pairing')]
final readonly class PairingShape
{
    /**
     * @param  list<PairCellShape>  $cells
     * @param  list<PairCellShape>  $best
     * @param  list<PairCellShape>  $chosen
     */
    public function __construct(
        #[OA\Property]
        public float $min,
        #[OA\Property]
        public float $max,
        #[OA\Property(items: new OA\Items(ref: PairCellShape::class))]
        public array $cells,
        #[OA\Property(items: new OA\Items(ref: PairCellShape::class))]
        public array $best,
        #[OA\Property(items: new OA\Items(ref: PairCellShape::class))]
        public array $chosen,
    ) {
    }
}
