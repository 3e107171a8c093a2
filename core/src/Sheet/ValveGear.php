<?php

namespace Moltrek\Core\Sheet;

/** What opens the valves. */
enum ValveGear: string
{
    case None = 'none';
    case Side = 'side';
    case Pushrod = 'pushrod';
    case SingleCam = 'single cam';
    case DoubleCam = 'twin cam';

    /** @return list<Adjustment> how clearance is set on one, the usual first */
    public function adjustments(): array
    {
        return match ($this) {
            self::None => [],
            self::Side => [Adjustment::GroundStem, Adjustment::Screw],
            self::Pushrod => [Adjustment::Screw, Adjustment::Hydraulic],
            self::SingleCam => [Adjustment::Screw, Adjustment::FingerAndShim, Adjustment::ShimUnderBucket, Adjustment::Hydraulic],
            self::DoubleCam => [Adjustment::ShimUnderBucket, Adjustment::FingerAndShim, Adjustment::Screw, Adjustment::Hydraulic],
        };
    }
}
