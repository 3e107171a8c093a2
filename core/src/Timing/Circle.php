<?php

namespace Moltrek\Core\Timing;

/** Angles as a degree wheel has them, in billionths of a degree, so that typed ones compare exactly. */
final class Circle
{
    public const TURN = 360_000_000_000;

    /** From 0 up to a whole turn. */
    public static function within(int|float $angle): int|float
    {
        if (is_int($angle)) {
            return (($angle % self::TURN) + self::TURN) % self::TURN;
        }
        $within = fmod(fmod($angle, self::TURN) + self::TURN, self::TURN);

        return $within;
    }

    /** From over minus half a turn up to half a turn. */
    public static function signed(int|float $angle): int|float
    {
        $within = self::within($angle);

        return $within * 2 > self::TURN ? $within - self::TURN : $within;
    }

    /** How far from the top, whichever way: from 0 to half a turn. */
    public static function fromTop(int|float $angle): int|float
    {
        return abs(self::signed($angle));
    }
}
