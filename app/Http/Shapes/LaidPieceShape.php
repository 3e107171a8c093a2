<?php

namespace App\Http\Shapes;

/** One piece as it lies in a joint. */
final readonly class LaidPieceShape
{
    /**
     * @param  float  $thickness  in millimetres, as the joint has it
     * @param  float|null  $volume  of the chamber with it, in cubic centimetres: an insert
     */
    public function __construct(
        public string $name,
        public float $thickness,
        public ?float $volume,
    ) {
    }
}
