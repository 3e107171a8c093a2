<?php

namespace Moltrek\Core\Practice;

use Moltrek\Core\Sheet\StageKind;
use Moltrek\Core\Torquing\Pass;
use Moltrek\Core\Torquing\TorqueDevice;
use Moltrek\Core\Torquing\TorqueSample;
use Random\Engine\Mt19937;
use Random\Randomizer;

/**
 * A simulated torque wrench with angle. Its joint runs down with little torque, seats, and from snug on rises in a straight
 * line until it yields; the wrench clicks within a hundredth of what it is set to. The same seed gives the same pull. For
 * demonstration, tests and practice; screens say that it is simulated.
 */
final readonly class StandInWrench implements TorqueDevice
{
    /** Between two samples, in ms. */
    private const STEP = 40;

    /** Degrees a second in a steady pull. */
    private const SPEED = 45.0;

    /** The torque from which an angle is turned, in N·m. */
    private const SNUG = 28.0;

    /** How much of its rise is left beyond the yield. */
    private const SOFT = 0.12;

    /** One fastener in so many is stretched and yields before its time. */
    private const ONE_IN = 60;

    public function __construct(private int $seed)
    {
    }

    public function pull(Pass $pass, string $bolt, float $turned): array
    {
        // what a bolt is like stays with the bolt; how a pull goes is of the pull
        $nature = new Randomizer(new Mt19937($this->seed ^ crc32($bolt)));
        $chance = new Randomizer(new Mt19937($this->seed ^ crc32($bolt.$pass->words())));
        $isStretched = $nature->getInt(1, self::ONE_IN) === 1;
        $slope = 0.35 + $nature->getInt(0, 100) / 500;
        $aim = $pass->target?->figure;
        $isAngle = $pass->is(StageKind::Angle);
        $yield = $isAngle ? self::SNUG + $slope * ($aim ?? 90.0) * ($isStretched ? 0.4 : 1.5) : ($aim ?? 6.0) * ($isStretched ? 0.7 : 2.4);
        $free = $pass->is(StageKind::Check) || $isAngle ? 0.0 : 14.0 + $chance->getInt(0, 120) / 10;
        $error = 1 + $chance->getInt(-10, 10) / 1000;
        $torque = $isAngle ? self::SNUG : 0.0;
        $samples = [];
        for ($time = 0, $angle = 0.0; $time < 12_000; $time += self::STEP) {
            $samples[] = new TorqueSample($time, round($angle, 2), round($torque, 2));
            $isOver = $isAngle ? $angle >= ($aim ?? 90.0) - $turned : $torque >= ($aim ?? 6.0) * $error || $angle > 160.0;
            if ($isOver) {
                break;
            }
            $more = min(self::SPEED * self::STEP / 1000, $isAngle ? ($aim ?? 90.0) - $turned - $angle : INF);
            $angle += max($more, 0.01);
            $rise = $pass->is(StageKind::Check) ? $slope * 8 : $slope;
            $torque += ($angle <= $free ? 0.03 : $rise) * $more * ($torque > $yield ? self::SOFT : 1.0);
            $torque = $isAngle ? $torque : min($torque, ($aim ?? 6.0) * $error);
        }

        return $samples;
    }

    /** Whether a pull ends beyond the yield: the line has gone flat at its end. */
    public static function hasYielded(TorqueSample ...$samples): bool
    {
        $count = count($samples);
        if ($count < 12) {
            return false;
        }
        $rise = static fn (int $from, int $to): float => ($samples[$to]->torque - $samples[$from]->torque)
            / max(0.01, $samples[$to]->angle - $samples[$from]->angle);
        $steepest = 0.0;
        for ($at = 4; $at < $count; $at += 4) {
            $steepest = max($steepest, $rise($at - 4, $at));
        }

        return $steepest > 0 && $rise($count - 5, $count - 2) < $steepest / 4;
    }
}
