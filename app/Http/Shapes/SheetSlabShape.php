<?php

namespace App\Http\Shapes;

/** A slab of an engine sheet, by name. */
final readonly class SheetSlabShape
{
    public function __construct(
        public string $id,
        public string $name,
    ) {
    }
}
