<?php

namespace App\Http\Shapes;

/** A mark and the sizes it stands for, in millimetres. */
final readonly class MarkChoiceShape
{
    public function __construct(
        public string $mark,
        public float $min,
        public float $max,
    ) {
    }
}
