<?php

namespace App\Http\Shapes;

/** A stem as it was ground. */
final readonly class ValveStemShape
{
    public function __construct(
        public string $entry,
        public string $words,
        public string $by,
    ) {
    }
}
