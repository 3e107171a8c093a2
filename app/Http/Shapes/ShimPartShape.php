<?php

namespace App\Http\Shapes;

/** A shim on the shelf, left over or to be bought. */
final readonly class ShimPartShape
{
    public function __construct(
        public string $part,
        public int $count,
    ) {
    }
}
