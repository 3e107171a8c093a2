<?php

namespace Moltrek\Core\Timing;

/** Two wheels in mesh show the same pair of marks again after lcm(a, b)/a turns of the first. Source: number of teeth. */
final class MarksMeet
{
    /** @param  int  $turned  teeth of the wheel that is turned, as $other of the one it drives */
    public static function afterTurns(int $turned, int $other): int
    {
        return intdiv($other, self::common($turned, $other));
    }

    private static function common(int $one, int $other): int
    {
        return $other === 0 ? $one : self::common($other, $one % $other);
    }
}
