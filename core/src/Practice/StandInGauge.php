<?php

namespace Moltrek\Core\Practice;

use Moltrek\Core\Closing\PressureDevice;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated gauge on cases that leak as much as chance made them: p = p₀·e^(−k·t), read to a fifth of a kilopascal. The same seed
 * gives the same. For demonstration, tests and practice; screens say that it is simulated.
 */
final readonly class StandInGauge implements PressureDevice
{
    private const STEP = 0.2;

    /** By what share of itself the pressure falls in a second. */
    private float $leak;

    public function __construct(int $seed)
    {
        $this->leak = (new Randomizer(new Mt19937($seed)))->getInt(5, 90) / 100_000;
    }

    public function reads(float $start, float $after): float
    {
        return round(round($start * exp(-$this->leak * $after) / self::STEP) * self::STEP, 1);
    }
}
