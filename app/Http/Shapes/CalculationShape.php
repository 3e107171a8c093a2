<?php

namespace App\Http\Shapes;

/** A calculation of the open interface. */
final readonly class CalculationShape
{
    public function __construct(
        public string $name,
        public string $about,
        public string $example,
    ) {
    }
}
