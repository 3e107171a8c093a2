<?php

namespace App\Http\Shapes;

/** A piece that can be had for a joint. */
final readonly class StackPieceShape
{
    /**
     * @param  float  $thickness  in millimetres, crushed where the sheet says so
     * @param  int|null  $days  open days from order to hand
     * @param  string|null  $here  the day it would be here if it were ordered now
     */
    public function __construct(
        public string $id,
        public string $slab,
        public string $name,
        public float $thickness,
        public ?float $volume,
        public int $onShelf,
        public ?int $days,
        public ?string $here,
    ) {
    }
}
