<?php

namespace App\Http\Shapes;

/** What holds a step. */
final readonly class BlockageShape
{
    public function __construct(
        public string $kind,
        public string $id,
        public string $why,
    ) {
    }
}
