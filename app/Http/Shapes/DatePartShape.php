<?php

namespace App\Http\Shapes;

/** A part that a job waits for. */
final readonly class DatePartShape
{
    public function __construct(
        public string $part,
        public ?string $promised,
    ) {
    }
}
