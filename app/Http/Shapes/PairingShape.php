<?php

namespace App\Http\Shapes;

/** Pistons and bores that can be paired, every combination judged; lengths in millimetres. */
final readonly class PairingShape
{
    /**
     * @param  list<PairCellShape>  $cells
     * @param  list<PairCellShape>  $best
     * @param  list<PairCellShape>  $chosen
     */
    public function __construct(
        public float $min,
        public float $max,
        public array $cells,
        public array $best,
        public array $chosen,
    ) {
    }
}
