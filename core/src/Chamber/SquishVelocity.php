<?php

namespace Moltrek\Core\Chamber;

use Moltrek\Core\Quantity\Length;
use Moltrek\Core\Timing\CrankGeometry;

/**
 * How fast the charge is pressed out of the squish band into the bowl:
 * v = |dx/dt| · D/(4z) · ((B/D)² − 1) · V/(A·z + V), with z = squish + x, A = π/4·B²; D and V are the bowl's.
 * Source: bowl-in-piston chamber after Heywood, Internal Combustion Engine Fundamentals, the section on squish.
 */
final readonly class SquishVelocity
{
    /** The peak is looked for from this far before top dead centre, in steps of so many degrees, then closed in on. */
    private const FROM = 90.0;

    private const STEP = 0.25;

    private const CLOSED_IN = 1e-6;

    /** @param  float  $peak  metres a second; $at degrees before top dead centre */
    private function __construct(public float $peak, public float $at)
    {
    }

    /**
     * @param  float  $speed  of the crank, in turns a minute
     * @param  float  $bowl  volume of the bowl, in cubic centimetres
     */
    public static function of(CrankGeometry $crank, Length $bore, float $speed, Length $bowlAcross, float $bowl, Length $squish): self
    {
        [$b, $d, $z0] = [$bore->quantity()['value'], $bowlAcross->quantity()['value'], $squish->quantity()['value']];
        $area = M_PI / 4 * $b ** 2;
        $turning = $speed / 60 * 2 * M_PI;
        $volume = $bowl * 1000;
        $velocity = static function (float $at) use ($crank, $b, $d, $z0, $area, $turning, $volume): float {
            $z = $z0 + $crank->belowTopDeadCentre($at);

            return $crank->perRadian($at) * $turning / 1000 * $d / (4 * $z) * (($b / $d) ** 2 - 1) * $volume / ($area * $z + $volume);
        };
        $at = self::highest($velocity);

        return new self($velocity($at), $at);
    }

    /** @param  callable(float): float  $velocity */
    private static function highest(callable $velocity): float
    {
        $best = 0.0;
        for ($at = 0.0; $at <= self::FROM; $at += self::STEP) {
            $best = $velocity($at) > $velocity($best) ? $at : $best;
        }
        [$low, $high] = [max(0.0, $best - self::STEP), min(self::FROM, $best + self::STEP)];
        while ($high - $low > self::CLOSED_IN) {
            [$first, $second] = [$low + ($high - $low) / 3, $high - ($high - $low) / 3];
            if ($velocity($first) < $velocity($second)) {
                $low = $first;
            } else {
                $high = $second;
            }
        }

        return ($low + $high) / 2;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return ['peak' => ['value' => $this->peak, 'unit' => 'm/s'], 'at' => ['value' => $this->at, 'unit' => 'deg']];
    }
}
