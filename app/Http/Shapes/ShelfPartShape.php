<?php

namespace App\Http\Shapes;

/** How many of a part lie on the shelf. */
final readonly class ShelfPartShape
{
    /**
     * @param  string  $fits  the sheet of the engine it is made for; empty for any
     */
    public function __construct(
        public string $part,
        public string $fits,
        public int $count,
    ) {
    }
}
