<?php

namespace App\Http\Shapes;

/** A cylinder from above. */
final readonly class TorqueBoreShape
{
    public function __construct(
        public string $cylinder,
        public string $name,
        public float $x,
        public float $y,
        public float $bore,
        public bool $hasValves,
    ) {
    }
}
