<?php

namespace App\Http\Shapes;

/** One thing that a lift costs. */
final readonly class LiftItemShape
{
    public function __construct(
        public string $what,
        public string $why,
    ) {
    }
}
