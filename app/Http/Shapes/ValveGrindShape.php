<?php

namespace App\Http\Shapes;

/** What comes off a stem. */
final readonly class ValveGrindShape
{
    public function __construct(
        public string $atLeast,
        public string $atMost,
        public string $aim,
    ) {
    }
}
