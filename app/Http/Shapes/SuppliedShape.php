<?php

namespace App\Http\Shapes;

/** A piece that a decision would take off the shelf, or put on order. */
final readonly class SuppliedShape
{
    /**
     * @param  string  $words  "Base gasket 0.25 from the shelf"
     */
    public function __construct(
        public string $part,
        public bool $isOnShelf,
        public string $words,
    ) {
    }
}
