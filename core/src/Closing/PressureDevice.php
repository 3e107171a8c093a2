<?php

namespace Moltrek\Core\Closing;

/** A gauge on closed cases that says by itself what it shows. */
interface PressureDevice
{
    /**
     * @param  float  $start  kPa that was pumped up
     * @param  float  $after  seconds since
     * @return float kPa
     */
    public function reads(float $start, float $after): float;
}
