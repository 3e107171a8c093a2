<?php

namespace App\Http\Shapes;

/** A version of a sheet and when it was entered. */
final readonly class SheetVersionShape
{
    public function __construct(
        public int $version,
        public string $at,
        public int $jobs,
    ) {
    }
}
