<?php

namespace Moltrek\Core\Practice;

use Moltrek\Core\Timing\TurningDevice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated degree wheel, put on the crank as wheels are: somewhere, with play between it and the piston, so that turned back it
 * reads another figure at the same place; and a simulated stop that the piston meets on both sides of the top. The same seed gives
 * the same. For demonstration, tests and practice; screens say that it is simulated.
 */
final readonly class StandInWheel implements TurningDevice
{
    private const TURN = 360.0;

    /** How much of the crank’s turn is lost between the two directions, in degrees. */
    public float $play;

    /** How far off the wheel was put on, in degrees. */
    private float $zero;

    /** At how many degrees from the top the piston meets the stop. */
    public float $stop;

    public function __construct(int $seed)
    {
        $random = new Randomizer(new Mt19937($seed));
        $this->play = 0.6 + $random->getInt(0, 10) / 10;
        $this->zero = $random->getInt(-40, 40) / 10;
        $this->stop = 15.0 + $random->getInt(0, 180) / 10;
    }

    public function reads(float $crank, bool $forward): float
    {
        // pushed the way it runs the wheel has gone ahead of the piston by half of the play, pushed back it hangs behind
        $reads = $crank + $this->zero + ($forward ? $this->play : -$this->play) / 2;

        return round(fmod(fmod($reads, self::TURN) + self::TURN, self::TURN), 1);
    }
}
