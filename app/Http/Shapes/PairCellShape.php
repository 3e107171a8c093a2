<?php

namespace App\Http\Shapes;

/** One piston in one bore. */
final readonly class PairCellShape
{
    /**
     * @param  string  $piston  the cylinder the piston came from
     * @param  string|null  $grade  the mark that the sheet gives a part of this size
     */
    public function __construct(
        public string $bore,
        public string $piston,
        public float $boreSize,
        public float $pistonSize,
        public float $clearance,
        public float $margin,
        public ?string $grade,
    ) {
    }
}
