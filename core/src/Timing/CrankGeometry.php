<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Refusal\OutOfDomain;

/** A crank throw and its rod, both in millimetres, pin on the bore's axis. Source of its formulas: slider-crank kinematics. */
final readonly class CrankGeometry
{
    public function __construct(private float $throw, private float $rod)
    {
    }

    /** @throws OutOfDomain at rod, where the rod is not longer than half the stroke */
    public static function of(Length $stroke, Length $rod): self
    {
        if ($rod->nanometres * 2 <= $stroke->nanometres) {
            throw OutOfDomain::because('rod', 'A rod is longer than half its stroke.', $rod->written(),
                'more than '.Length::ofNanometres($stroke->nanometres / 2)->written());
        }

        return new self($stroke->quantity()['value'] / 2, $rod->quantity()['value']);
    }

    /**
     * How far the piston stands below top dead centre, in millimetres:
     * x = r + l − (r·cos θ + √(l² − r²·sin² θ)), counted as 2r·sin²(θ/2) + r²·sin² θ/(l + √(l² − r²·sin² θ)), which is exact close
     * to both dead centres too.
     *
     * @param  float  $crank  degrees after top dead centre
     */
    public function belowTopDeadCentre(float $crank): float
    {
        $angle = deg2rad($crank);
        $across = ($this->throw * sin($angle)) ** 2;

        return 2 * $this->throw * sin($angle / 2) ** 2 + $across / ($this->rod + sqrt($this->rod ** 2 - $across));
    }

    /**
     * The turn of the crank at which the piston stands so far below top dead centre: the half angles of the triangle of throw,
     * rod and y = r + l − x, tan²(θ/2) = x·(l − r + y) / ((2r − x)·(l + r + y)), exact close to both dead centres too.
     *
     * @param  float  $below  millimetres, from nothing to the stroke
     * @return float degrees, from 0 at the top to 180 at the bottom
     */
    public function turnTo(float $below): float
    {
        $y = $this->throw + $this->rod - $below;
        $up = max(0.0, $below * ($this->rod - $this->throw + $y));
        $down = max(0.0, (2 * $this->throw - $below) * ($this->rod + $this->throw + $y));

        return rad2deg(2 * atan2(sqrt($up), sqrt($down)));
    }

    /**
     * How fast the piston moves for each radian of the crank, in millimetres: dx/dθ = r·sin θ·(1 + r·cos θ / √(l² − r²·sin² θ)).
     *
     * @param  float  $crank  degrees from top dead centre
     */
    public function perRadian(float $crank): float
    {
        $angle = deg2rad($crank);
        $across = $this->throw * sin($angle);

        return $across * (1 + $this->throw * cos($angle) / sqrt($this->rod ** 2 - $across ** 2));
    }
}
