<?php

namespace Moltrek\Core\Timing;

/** A degree wheel that says by itself where it stands. It is read where the crank came from: its play lies on one side or the other. */
interface TurningDevice
{
    /**
     * @param  float  $crank  degrees after the top at which the crank really stands
     * @param  bool  $forward  whether it was come up to the way the engine runs
     * @return float what the wheel reads, from 0 up to 360
     */
    public function reads(float $crank, bool $forward): float;
}
