<?php

namespace Moltrek\Core\Timing;

/** A crank throw and its rod, both in millimetres, pin on the bore's axis. */
final readonly class CrankGeometry
{
    public function __construct(private float $throw, private float $rod)
    {
    }

    /**
     * How far the piston stands below top dead centre, in millimetres:
     * x = r + l − (r·cos θ + √(l² − r²·sin² θ)). Source: slider-crank kinematics.
     *
     * @param  float  $crank  degrees after top dead centre
     */
    public function belowTopDeadCentre(float $crank): float
    {
        $angle = deg2rad($crank);

        return $this->throw + $this->rod - ($this->throw * cos($angle) + sqrt($this->rod ** 2 - ($this->throw * sin($angle)) ** 2));
    }
}
