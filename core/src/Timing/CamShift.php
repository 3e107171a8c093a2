<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Quantity\Length;

/**
 * What another distance between crank and cam does to a cam that its chain pulls: the pulled run grows by as much and draws
 * the wheel forward. Angle of the cam = change / radius, radius = pitch / (2 · sin(π/N)); the crank turns twice as far.
 * Source: geometry of a chain wheel.
 */
final readonly class CamShift
{
    /** @param  float  $cam  degrees of the cam, advanced where above nothing */
    private function __construct(public Length $radius, public float $cam)
    {
    }

    /** @param  Length  $change  what is added to the distance; negative for what is taken away */
    public static function of(Length $change, int $teeth, Length $pitch): self
    {
        $radius = $pitch->nanometres / (2 * sin(M_PI / $teeth));

        return new self(Length::ofNanometres($radius), rad2deg($change->nanometres / $radius));
    }

    /** In degrees of the crank. */
    public function crank(): float
    {
        return 2 * $this->cam;
    }
}
