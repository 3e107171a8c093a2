<?php

namespace App\Http\Shapes;

/** How a cam’s marks stood. */
final readonly class CamReadingShape
{
    /**
     * @param  float  $late  degrees of the cam
     */
    public function __construct(
        public string $entry,
        public string $by,
        public string $at,
        public float $late,
        public int $teeth,
        public string $words,
        public bool $afterTurns,
        public ?string $stale,
    ) {
    }
}
