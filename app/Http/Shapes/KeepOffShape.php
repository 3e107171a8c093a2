<?php

namespace App\Http\Shapes;

/** An arc where no gap may lie, degrees clockwise from the exhaust. */
final readonly class KeepOffShape
{
    public function __construct(
        public float $from,
        public float $to,
        public string $why,
    ) {
    }
}
