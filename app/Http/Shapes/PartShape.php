<?php

namespace App\Http\Shapes;

/** A part that the job waits for. */
final readonly class PartShape
{
    public function __construct(
        public string $part,
        public ?string $promised,
    ) {
    }
}
