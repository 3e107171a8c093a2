<?php

namespace App\Http\Shapes;

/** By when a part has to be there: the start of the first step that takes it. */
final readonly class NeedShape
{
    public function __construct(
        public string $part,
        public string $by,
    ) {
    }
}
