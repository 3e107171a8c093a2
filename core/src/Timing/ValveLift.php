<?php

namespace Moltrek\Core\Timing;

use Moltrek\Core\Sheet\CamEventsStated;
use Moltrek\Core\Sheet\ValveSide;

/**
 * How far a valve stands open at each turn of the crank, for drawings: whole lift · cos²(π/2 · a/h), a the turn from the middle of
 * its events and h such that the line goes through both events at the lift at which they are stated. A real cam’s line is its
 * maker’s; no figure is judged by this one.
 */
final readonly class ValveLift
{
    private const HALF_TURN = 180.0;

    /** Two turns of the crank, in degrees. */
    public const CYCLE = 720.0;

    /**
     * @param  float  $opens  crank degrees after its cylinder fires, as $closes
     * @param  float  $lift  millimetres at which events are stated, as $most is the whole lift
     */
    private function __construct(public float $opens, public float $closes, private float $lift, private float $most)
    {
    }

    public static function of(ValveSide $side, CamEventsStated $events, float $lift, float $most): self
    {
        $bottom = $side === ValveSide::Inlet ? 3 * self::HALF_TURN : self::HALF_TURN;

        return $side === ValveSide::Inlet
            ? new self($bottom - self::HALF_TURN - $events->opens / 1e9, $bottom + $events->closes / 1e9, $lift, $most)
            : new self($bottom - $events->opens / 1e9, $bottom + self::HALF_TURN + $events->closes / 1e9, $lift, $most);
    }

    /**
     * @param  float  $crank  degrees after its cylinder fires
     * @return float millimetres
     */
    public function at(float $crank): float
    {
        $middle = ($this->opens + $this->closes) / 2;
        $away = abs(fmod($crank - $middle + 1.5 * self::CYCLE, self::CYCLE) - self::CYCLE / 2);
        $seated = ($this->closes - $this->opens) / 2 * M_PI_2 / acos(sqrt($this->lift / $this->most));

        return $away >= $seated ? 0.0 : $this->most * cos($away / $seated * M_PI_2) ** 2;
    }
}
