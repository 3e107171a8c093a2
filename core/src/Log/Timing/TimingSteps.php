<?php

namespace Moltrek\Core\Log\Timing;

use Moltrek\Core\Sheet\EngineSheet;

/** The steps of the order of work that timing entries answer, by the vocabulary of plans. */
final class TimingSteps
{
    public const IGNITION_AS_FOUND = 'read.ignition';

    public const ROTOR_OFF = 'off.rotor';

    public const IGNITION_SET = 'set.ignition';

    public const ROTOR_ON = 'on.rotor';

    public const ROTOR_PULLED = 'pull.rotor';

    public const IGNITION = 'time.ignition';

    private const OF_IGNITION = [self::IGNITION_AS_FOUND, self::IGNITION_SET, self::IGNITION, self::ROTOR_OFF, self::ROTOR_ON];

    /** What of the timing bench a step is about: "ignition" or "cams"; null for any other. */
    public static function subject(string $step, EngineSheet $sheet): ?string
    {
        if (in_array($step, self::OF_IGNITION, true)) {
            return 'ignition';
        }
        foreach (array_column(CamSeat::on($sheet), 'bank') as $bank) {
            if ($step === self::cams($bank) || $step === self::twoTurns($bank)) {
                return 'cams';
            }
        }

        return null;
    }

    /** @param  string  $bank  of several heads; empty where there is one */
    public static function cams(string $bank): string
    {
        return rtrim('time.cam.'.$bank, '.');
    }

    /** @param  string  $bank  of several heads; empty where there is one */
    public static function twoTurns(string $bank): string
    {
        return rtrim('turn.timing.'.$bank, '.');
    }

    /** @param  string  $bank  of several heads; empty where there is one */
    public static function wheelPulled(string $bank): string
    {
        return rtrim('pull.wheel.'.$bank, '.');
    }
}
