<?php

namespace Moltrek\Core\Torquing;

/** What a wrench felt at one moment of a pull. */
final readonly class TorqueSample
{
    /**
     * @param  int  $time  milliseconds since the first touch
     * @param  float  $angle  degrees since the first touch
     * @param  float  $torque  N·m
     */
    public function __construct(public int $time, public float $angle, public float $torque)
    {
    }
}
