<?php

namespace App\Http\Shapes;

/** A school of a matter. */
final readonly class SchoolOptionShape
{
    public function __construct(
        public string $name,
        public string $speaksFor,
        public string $against,
    ) {
    }
}
