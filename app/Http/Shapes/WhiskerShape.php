<?php

namespace App\Http\Shapes;

/** A reading on the ruler, in millimetres: a figure with its doubt, or a bracket between leaves. */
final readonly class WhiskerShape
{
    public function __construct(
        public float $low,
        public ?float $high,
        public float $nominal,
        public bool $bracket,
    ) {
    }
}
