<?php

namespace App\Http\Shapes;

/** What an earlier job on an engine of this kind has taught. */
final readonly class FindingShape
{
    public function __construct(
        public string $text,
        public string $from,
    ) {
    }
}
