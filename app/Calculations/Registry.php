<?php

namespace App\Calculations;

/** Every calculation, by name. A new one is added here and nowhere else. */
final class Registry
{
    /** @var list<class-string<Calculation>> */
    private const ALL = [
        Convert::class,
        PistonClearance::class,
        RingGap::class,
        Clearance::class,
        BoreMap::class,
        RepeatReadings::class,
        Oversize::class,
        PairPistons::class,
        RingClocking::class,
        Shells::class,
        Crosshatch::class,
        TaperFromGaps::class,
        Plan::class,
        LiftCost::class,
        PistonHeights::class,
        Schedule::class,
        WrenchSetting::class,
        PickWrench::class,
        TorquePattern::class,
        TorqueStages::class,
        TorqueSanity::class,
        ClampLoad::class,
        Deck::class,
        Squish::class,
        Compression::class,
        FitByThickness::class,
        SquishVelocity::class,
        PortTiming::class,
        PistonWay::class,
        DeadCentre::class,
        Ignition::class,
        CamEvents::class,
        CamTooth::class,
        MarkTurns::class,
        CamShift::class,
        LashPositions::class,
        Shims::class,
        PushrodTurns::class,
        StemGrind::class,
        LeakRate::class,
        LeakDown::class,
        CompressionTest::class,
        Premix::class,
    ];

    /** @return array<string, Calculation> */
    public static function all(): array
    {
        /** @var array<string, Calculation>|null $byName */
        static $byName = null;
        if ($byName === null) {
            $byName = [];
            foreach (self::ALL as $class) {
                $calculation = new $class;
                $byName[$calculation->name()] = $calculation;
            }
        }

        return $byName;
    }

    public static function named(string $name): ?Calculation
    {
        return self::all()[$name] ?? null;
    }
}
