<?php

namespace Moltrek\Core\Chamber;

/** What a ratio was counted from, in cubic centimetres; without the ratio where the chamber is not known or nothing is left of it. */
final readonly class Counted
{
    public function __construct(public float $gasket, public float $deck, public ?Compression $compression)
    {
    }
}
