<?php

namespace Moltrek\Core\Torquing;

/** A torque wrench that streams what it feels: a real one through its adapter, or a simulated one. */
interface TorqueDevice
{
    /**
     * One pull at a fastener in its pass, from the first touch to the click or to the end of the angle.
     *
     * @param  float  $turned  degrees that it has been turned already in a pass by angle
     * @return list<TorqueSample> in the order of time
     */
    public function pull(Pass $pass, string $bolt, float $turned): array;
}
