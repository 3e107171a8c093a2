<?php

namespace App\Http\Shapes;

/** What a cylinder does between two turns of the crank after the top at which it fires. */
final readonly class TimingStrokeShape
{
    public function __construct(
        public string $name,
        public float $from,
        public float $to,
    ) {
    }
}
