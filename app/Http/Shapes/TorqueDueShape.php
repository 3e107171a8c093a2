<?php

namespace App\Http\Shapes;

/** A fastener in its stage. */
final readonly class TorqueDueShape
{
    /**
     * @param  float  $turned  degrees of an angle that was interrupted
     */
    public function __construct(
        public int $stage,
        public string $bolt,
        public float $turned,
    ) {
    }
}
