<?php

namespace Moltrek\Core\Planning;

/** What a step has to do with turning the crank: it turns it, or it loads or frees hydraulic lifters that forbid it. */
final readonly class Turning
{
    /**
     * @param  list<string>  $loads  cylinders whose lifters are loaded by it
     * @param  list<string>  $frees  cylinders whose rods it says to spin by finger
     * @param  list<string>  $beside  cylinders under the same box as those it loads: they share their dead centre
     */
    public function __construct(public bool $turns = false, public array $loads = [], public array $frees = [], public array $beside = [])
    {
    }
}
