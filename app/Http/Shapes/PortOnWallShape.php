<?php

namespace App\Http\Shapes;

/** A port in the wall of a barrel, to be drawn on the wall laid flat. */
final readonly class PortOnWallShape
{
    /**
     * @param  float  $at  degrees clockwise from the exhaust
     * @param  bool  $pair  another one lies across from it
     */
    public function __construct(
        public string $id,
        public string $name,
        public ?float $top,
        public ?float $bottom,
        public float $at,
        public ?float $width,
        public bool $pair,
        public string $spot,
    ) {
    }
}
