<?php

namespace Moltrek\Core\Log\ValveGear;

use Moltrek\Core\Planning\StepName;

/** The steps of the order of work that entries of the valve gear answer, by the vocabulary of plans. */
final class ValveSteps
{
    public const DECIDED = 'decide.shims';

    public const SHIMS = 'on.shims';

    public const DECOMPRESSOR = 'set.decompressor';

    public static function asFound(string $valve): string
    {
        return 'read.lash.'.$valve;
    }

    public static function set(string $valve): string
    {
        return 'set.lash.'.$valve;
    }

    public static function rodsIn(string $cylinder): string
    {
        return 'on.rods.'.$cylinder;
    }

    public static function rods(string $cylinder): string
    {
        return 'set.rods.'.$cylinder;
    }

    /** Where the clearance of a valve is read. */
    public static function spot(string $cylinder, string $valve): string
    {
        return 'valve_lash.'.$cylinder.'.'.$valve;
    }

    /** The page of the valve bench that a step is about; null for any other step. */
    public static function subject(string $step): ?string
    {
        $name = StepName::of($step);

        return match (true) {
            $step === self::DECIDED, $step === self::SHIMS => 'shims',
            $step === self::DECOMPRESSOR => '',
            $name->is('on', 'rods'), $name->is('set', 'rods') => 'rods',
            $name->is('read', 'lash'), $name->is('set', 'lash') => '',
            default => null,
        };
    }
}
